<?php

/* What a dress adds to a page beside the letters of its title: a band behind the title, a line round the grid. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\OneStepMore;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Penned;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Dress;

/** What stands within a border is ruled in by it. */
final class Dressing
{
    private const NOTE = 'dress';

    /** The note of marks that only help to count: no line of the page stands at them. */
    public const FIVES = 'fives';

    /** The note of titles. */
    private const HEADING = 'heading';

    /**
     * @param int $page which of its spread, from 0
     * @param int $done steps of the pages before this one
     */
    public static function of(PageDrawing $drawn, PageGrid $grid, int $page, int $done): PageDrawing
    {
        if (null === $grid->dress || [] === $drawn->steps) {
            return $drawn;
        }
        $more = new OneStepMore($grid->tally, $page, $done);
        $title = true === $grid->dress->band ? self::title($drawn) : null;
        if (null !== $title) {
            [$x, $y, $wide, $tall] = $title;
            $drawn = $more->amid(
                $drawn,
                Task::Band,
                "Draw a band $tall boxes tall where the title will stand, and let it dry.",
                self::NOTE,
                static fn (Canvas $canvas) => $canvas->band($x, $y, $wide, $tall),
            );
        }

        if (true === $grid->dress->line && 0 === $grid->border) {
            $drawn = self::lined($more, $drawn, $grid);
        }

        $drawn = self::penned($drawn, $grid->dress);

        return true === $grid->dress->fives ? self::fives($more, $drawn, $grid) : $drawn;
    }

    /** Every fifth dot marked before anything is counted: a hand that was one off by one counts from the nearest. */
    private static function fives(OneStepMore $more, PageDrawing $drawn, PageGrid $grid): PageDrawing
    {
        $of = static fn (int $side): array => $side > 5
            ? array_map(static fn (int $nth): int => 5 * $nth, range(1, intdiv($side - 1, 5)))
            : [];
        [$across, $down] = [$of($grid->across), $of($grid->down)];

        return $more->first(
            $drawn,
            Task::Pencil,
            'Mark every fifth dot lightly, '.$grid->tally->places($across).' along the top and '.$grid->tally->places($down)
                .' down the side, and count from the nearest.',
            self::FIVES,
            static function (Canvas $canvas) use ($across, $down): void {
                foreach ($across as $at) {
                    $canvas->tick(Edge::Top, $at);
                }
                foreach ($down as $at) {
                    $canvas->tick(Edge::Side, $at);
                }
            },
        );
    }

    /** Lines and words in the pens of the book; the first step that needs one says so. */
    private static function penned(PageDrawing $drawn, Dress $dress): PageDrawing
    {
        if (null === $dress->lines && null === $dress->words) {
            return $drawn;
        }
        $pens = new Penned($dress->lines, $dress->words, self::HEADING);
        $says = array_filter([
            Task::Ink->value => null === $dress->lines ? null : 'Take the pen for lines.',
            Task::Write->value => null === $dress->words ? null : 'Take the pen for words.',
        ]);
        $steps = [];
        foreach ($drawn->steps as $step) {
            $of = self::HEADING === $step->note ? '' : $step->task->value;
            $steps[] = isset($says[$of]) ? $step->adding($says[$of]) : $step;
            unset($says[$of]);
        }

        return $drawn->with(['marks' => array_map(static fn (Mark $mark): Mark => $mark->visit($pens), $drawn->marks), 'steps' => $steps]);
    }

    private static function lined(OneStepMore $more, PageDrawing $drawn, PageGrid $grid): PageDrawing
    {
        return $more->amid(
            $drawn,
            Task::Ink,
            "Rule a line round the grid: $grid->across boxes across, $grid->down down.",
            self::NOTE,
            static fn (Canvas $canvas) => $canvas->frame(Layer::Ink, 0, 0, $canvas->across, $canvas->down),
        );
    }

    /**
     * Where the letters of the title stand, in boxes: x, y, wide, tall; null where the page has none.
     *
     * @return array{Fraction, Fraction, Fraction, Fraction}|null
     */
    private static function title(PageDrawing $drawn): ?array
    {
        $of = array_filter($drawn->marks, static fn (Mark $mark): bool => $mark instanceof Words && self::HEADING === $mark->note);
        if ([] === $of) {
            return null;
        }
        $x = min(array_map(static fn (Mark $mark): int => $mark->x, $of));
        $y = min(array_map(static fn (Mark $mark): int => $mark->y, $of));
        $right = max(array_map(static fn (Mark $mark): int => $mark->x + $mark->wide, $of));
        $foot = max(array_map(static fn (Mark $mark): int => $mark->y + $mark->tall, $of));
        $boxes = static fn (int $grains): Fraction => Fraction::of($grains, Grain::PER_BOX);

        return [$boxes($x), $boxes($y), $boxes($right - $x), $boxes($foot - $y)];
    }
}
