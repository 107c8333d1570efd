<?php

/* Where a title that fills a page stands on it. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class TitlePlace
{
    /** Boxes down that letters may take: half the page. */
    public static function room(int $down): int
    {
        return max(1, intdiv($down, 2));
    }

    /** Boxes above it: a title stands a little above the middle, a third of the free height over it (common practice, no source). */
    public static function above(int $down, int $tall): int
    {
        return intdiv(max(0, $down - $tall), 3);
    }

    /** In the middle across. @param int $width boxes, no more than the page has */
    public static function across(int $across, int $width): Centring
    {
        return Centring::of($across, $width) ?? throw new \LogicException('Letters are never wider than their page.');
    }
}
