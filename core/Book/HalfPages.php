<?php

/* Two half pages drawn on one page: the lower one moved down, its steps after the upper one's. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\OneStepMore;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;

/** @internal to Book */
final class HalfPages
{
    /** Put before the notes and keys of the lower half, so that they are its own. */
    private const LOWER = 'l';

    /** @param int $down boxes of the whole page; with an odd count the row in the middle stays free */
    public static function together(PageDrawing $upper, ?PageDrawing $lower, int $down, Tally $tally): PageDrawing
    {
        $foot = $upper->down;
        $upper = self::within($upper->with(['down' => $down]), $foot, $tally);

        return null === $lower ? $upper : $upper->and($lower->below(
            $down - $lower->down,
            $down,
            \count($upper->steps),
            self::LOWER,
            'lower half',
        ));
    }

    /** The upper half ends at a tick of its own, and what is left at the end of its counts is left up to there. */
    private static function within(PageDrawing $upper, int $foot, Tally $tally): PageDrawing
    {
        if ([] === $upper->steps) {
            return $upper;
        }
        $steps = array_map(static fn (Step $step): Step => Edge::Side === $step->edge && [] !== $step->ticks
            ? $step->retold(str_replace('left at the end.', 'left at the end of the upper half.', $step->text), $step->ticks)
            : $step, $upper->steps);

        return (new OneStepMore($tally, $upper->steps[0]->page, $upper->steps[0]->number - 1))->first(
            $upper->with(['steps' => $steps]),
            Task::Pencil,
            'Tick '.$tally->places([$foot]).' down the side: the upper half ends there, and is counted from the upper edge to it.',
            'half',
            static fn (Canvas $canvas) => $canvas->tick(Edge::Side, $foot),
        );
    }
}
