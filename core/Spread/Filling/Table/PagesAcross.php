<?php

/*
 * How the columns of a table go over the pages beside one another: as many on each; or, where its names stand once over an opening, so
 * many on a left page and more on the right one.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Table;

use AmpleMargin\Spread\Page\Pages;

/** @internal to Spread */
final class PagesAcross
{
    /**
     * @param int $left  columns of a page that has names
     * @param int $right of a right page without; 0 where every page has them
     */
    private function __construct(private readonly int $left, private readonly int $right = 0)
    {
    }

    /** As many on every page. @param positive-int $columns */
    public static function alike(int $columns): self
    {
        return new self($columns);
    }

    /**
     * As even as the names on the left allow, on as few openings as there can be.
     *
     * @param int $count of columns, more than fit beside the names
     * @param int $left  that fit beside them
     * @param int $right that fit without them
     */
    public static function overOpenings(int $count, int $left, int $right): self
    {
        $each = Pages::evenly($count, $left + $right);
        $left = min($left, max($each - $right, intdiv($each + 1, 2)));

        return new self($left, max(1, $each - $left));
    }

    /** Columns of a page that has names. */
    public function beside(): int
    {
        return $this->left;
    }

    /** Pages for so many columns. */
    public function pages(int $count): int
    {
        return 0 === $this->right
            ? intdiv($count + $this->left - 1, $this->left)
            // Whole openings: rows that go on begin on a left page again.
            : 2 * intdiv($count + $this->left + $this->right - 1, $this->left + $this->right);
    }

    /** Whether a page has no names. @param int $nth of those for all columns, from 0 */
    public function isNameless(int $nth): bool
    {
        return $this->right > 0 && 1 === $nth % 2;
    }

    /**
     * The columns of a page.
     *
     * @template T
     *
     * @param list<T> $columns all of them
     * @param int     $nth     of those for all columns, from 0
     *
     * @return list<T>
     */
    public function on(array $columns, int $nth): array
    {
        if (0 === $this->right) {
            return \array_slice($columns, $nth * $this->left, $this->left);
        }
        $from = intdiv($nth, 2) * ($this->left + $this->right);

        return $this->isNameless($nth)
            ? \array_slice($columns, $from + $this->left, $this->right)
            : \array_slice($columns, $from, $this->left);
    }
}
