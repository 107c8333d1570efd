<?php

/* How things are shared out over pages. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

/** @internal to Spread */
final class Pages
{
    /**
     * How many of so many things stand on a page when the pages share them evenly.
     *
     * @param int $most  that fit on a page, 1 or more
     * @param int $pages asked for at least
     *
     * @return positive-int
     */
    public static function evenly(int $count, int $most, int $pages = 1): int
    {
        $pages = max(1, $pages, intdiv($count + $most - 1, $most));

        return max(1, intdiv($count + $pages - 1, $pages));
    }
}
