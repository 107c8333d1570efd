<?php

/*
 * A border of several boxes round a page, and a strip left free at its foot: the page is drawn within, counted from the border's
 * inner line, and stands on the whole page then. What goes into them is the person's own.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\OneStepMore;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;

/** @internal to Spread */
final class Border
{
    private const NOTE = 'border';

    /**
     * @param int $page which of its spread, from 0
     * @param int $done steps of the pages before this one
     */
    public static function round(PageDrawing $drawn, PageGrid $grid, int $page, int $done): PageDrawing
    {
        if (0 === $grid->border + $grid->foot) {
            return $drawn;
        }
        [$across, $down] = $grid->outer();
        $placed = $drawn->within($grid->border, $grid->border, $across, $down);
        if ([] === $drawn->steps) {
            return $placed;
        }
        $more = new OneStepMore($grid->tally, $page, $done);
        $placed = $more->first(
            $placed,
            Task::Pencil,
            self::says($grid, $drawn),
            self::NOTE,
            static function (Canvas $canvas) use ($grid, $drawn, $across, $down): void {
                $canvas->frame(Layer::Pencil, $grid->border, $grid->border, $drawn->across, $drawn->down);
                $canvas->working(self::NOTE, "$drawn->across × $drawn->down boxes", self::sum($grid, $across, $down));
            },
        );

        return 0 === $grid->border ? $placed : $more->amid(
            $placed,
            Task::Ink,
            'Ink the border: a line round the whole grid, and one '.Plural::boxes($grid->border)
                .' within it; draw your pattern between them.',
            self::NOTE,
            static function (Canvas $canvas) use ($grid): void {
                $canvas->frame(Layer::Ink, 0, 0, $canvas->across, $canvas->down);
                $in = $grid->border;
                $canvas->frame(Layer::Ink, $in, $in, $canvas->across - 2 * $in, $canvas->down - 2 * $in);
            },
        );
    }

    private static function says(PageGrid $grid, PageDrawing $drawn): string
    {
        $kept = array_filter([
            0 === $grid->border ? '' : Plural::boxes($grid->border).' on each side',
            0 === $grid->foot ? '' : Plural::boxes($grid->foot).' at the foot',
        ], static fn (string $said): bool => '' !== $said);

        return 'Leave '.implode(', and ', $kept)." free: outline what is left, $drawn->across × $drawn->down boxes. "
            .'From here on everything is counted from that line.';
    }

    private static function sum(PageGrid $grid, int $across, int $down): string
    {
        $twice = 0 === $grid->border ? '' : " − 2 × $grid->border for the border";

        return "across: $across$twice; down: $down$twice".(0 === $grid->foot ? '' : " − $grid->foot for the foot");
    }
}
