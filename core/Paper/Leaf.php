<?php

/* Leaves, pages and openings: which page is on the right, what lies on its back, what it faces. */

declare(strict_types=1);

namespace AmpleMargin\Paper;

final class Leaf
{
    /** Page 1 is a right-hand page; every odd page is. */
    public static function isLeft(int $page): bool
    {
        return 0 === $page % 2;
    }

    /** Leaf k carries pages 2k − 1 and 2k. */
    public static function ofPage(int $page): int
    {
        return intdiv($page + 1, 2);
    }

    /** The other page of the same leaf, where ink shows through. */
    public static function reverse(int $page): int
    {
        return self::isLeft($page) ? $page - 1 : $page + 1;
    }

    /** The page seen beside this one; page 1 faces the cover (0). */
    public static function facing(int $page): int
    {
        return self::isLeft($page) ? $page + 1 : $page - 1;
    }

    /** The left page of the opening that shows this page; 0 for page 1, which faces the cover. */
    public static function openingOf(int $page): int
    {
        return self::isLeft($page) ? $page : $page - 1;
    }

    /** "left page", "right page". */
    public static function side(int $page): string
    {
        return self::isLeft($page) ? 'left page' : 'right page';
    }
}
