<?php

/*
 * How wide letters are. An ordinary letter is 56 hundredths of its height wide on average over a line; where letters are
 * drawn to fit a place 60 are reckoned, so that a line of wide ones fits too. Letters less than half a box high cannot be
 * read. (All from memory.)
 */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Letters
{
    /** Hundredths of a letter's height, on average over a line. */
    public const WIDE = 56;

    /** The same for a line of wide ones: what is reckoned with where letters must fit. */
    public const WIDEST = 60;

    /** Letters that can be read in so many boxes, half a box high. East Asian letters count twice. */
    public static function most(int $boxes): int
    {
        return intdiv($boxes * 200, self::WIDE);
    }

    /** Boxes so many letters take, half a box high. */
    public static function boxes(int $letters): int
    {
        return intdiv($letters * self::WIDE + 199, 200);
    }
}
