<?php

/* Two half pages drawn on one page: the lower one moved down, its steps after the upper one's. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Copying;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Working;

final class HalfPages
{
    /** @param int $down boxes of the whole page; with an odd count the row in the middle stays free */
    public static function together(PageDrawing $upper, ?PageDrawing $lower, int $down): PageDrawing
    {
        if (null === $lower) {
            return new PageDrawing($upper->across, $down, $upper->marks, $upper->steps, $upper->workings, $upper->findings, $upper->rooms, $upper->copying, $upper->cells);
        }
        $from = $down - $lower->down;
        $done = \count($upper->steps);

        return new PageDrawing(
            $upper->across,
            $down,
            [...$upper->marks, ...array_map(static fn (Mark $mark): Mark => $mark->moved(Grain::of($from), $done, 'lower-'), $lower->marks)],
            [...$upper->steps, ...array_map(static fn (Step $step): Step => self::step($step, $from, $done), $lower->steps)],
            [...$upper->workings, ...array_map(static fn (Working $working): Working => new Working(self::note($working->note) ?? '', $working->figure, "lower half: $working->arithmetic"), $lower->workings)],
            [...$upper->findings, ...$lower->findings],
            [...$upper->rooms, ...array_map(static fn (Room $room): Room => $room->moved(Grain::of($from)), $lower->rooms)],
            // A step of the lower half has a key of its own.
            [...$upper->copying, ...array_map(static fn (Copying $one): Copying => new Copying("l$one->step", $one->title, $one->headings, $one->rows, $one->check), $lower->copying)],
            [...$upper->cells, ...array_map(static fn (array $cells): array => [$cells[0], $cells[1] + Grain::of($from), $cells[2], $cells[3]], $lower->cells)],
        );
    }

    /** Counts down the side begin at the half's own upper edge, and the step says where that is. */
    private static function step(Step $step, int $from, int $done): Step
    {
        return new Step($step->number + $done, "l$step->key", $step->task, "Lower half, counted from $from boxes down: $step->text", $step->edge, $step->ticks, self::note($step->note), $step->page);
    }

    private static function note(?string $note): ?string
    {
        return null === $note ? null : "lower-$note";
    }
}
