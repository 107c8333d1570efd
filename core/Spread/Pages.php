<?php

/* The pages of a spread, drawn one after another so that the numbers of their steps run on. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;

final class Pages
{
    /**
     * A page for each share: the months on it, its marks, or just its number.
     *
     * @template T
     *
     * @param list<T>                        $shares
     * @param \Closure(Canvas, T, int): void $draw   told the page's number from 0
     *
     * @return list<PageDrawing>
     */
    public static function draw(Request $request, array $shares, \Closure $draw): array
    {
        $pages = [];
        $done = 0;
        foreach ($shares as $i => $share) {
            $canvas = new Canvas($request->across, $request->down, $request->tally, $i, $done);
            $draw($canvas, $share, $i);
            $done = $canvas->steps();
            $pages[] = $canvas->finish();
        }

        return $pages;
    }

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

    /** @return list<PageDrawing> one page with nothing on it but why */
    public static function refused(Request $request, Finding $finding): array
    {
        return self::draw($request, [$finding], static fn (Canvas $canvas, Finding $why) => $canvas->finding($why));
    }
}
