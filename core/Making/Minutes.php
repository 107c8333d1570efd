<?php

/*
 * How long pages take to draw, from the counts of what is drawn on them. The seconds are set so that the pages a
 * practitioner timed (handbook, "Time": a day matrix of a year 17 minutes, twelve boxes 24, a year of figures about an
 * hour) come out near; common practice, no source. docs/decisions holds the comparison.
 */

declare(strict_types=1);

namespace AmpleMargin\Making;

final class Minutes
{
    /** Seconds for each. */
    public const FIGURE = 7;
    public const WORDS = 5;
    public const LETTER = 2;
    public const LINE = 10;
    public const TICK = 2;
    public const BAND = 15;
    public const CUT = 240;

    /** Setting out, waiting, erasing and checking, on every page. */
    public const PAGE = 150;

    /** Whole minutes, rounded up. */
    public static function of(Count $count): int
    {
        $seconds = $count->figures * self::FIGURE
            + $count->words * self::WORDS
            + $count->letters * self::LETTER
            + $count->lines * self::LINE
            + $count->ticks * self::TICK
            + $count->bands * self::BAND
            + $count->cuts * self::CUT
            + $count->pages * self::PAGE;

        return intdiv($seconds + 59, 60);
    }
}
