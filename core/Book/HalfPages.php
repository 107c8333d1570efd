<?php

/* Two half pages drawn on one page: the lower one moved down, its steps after the upper one's. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Drawing\Working;

final class HalfPages
{
    /** @param int $down boxes of the whole page; with an odd count the row in the middle stays free */
    public static function together(PageDrawing $upper, ?PageDrawing $lower, int $down): PageDrawing
    {
        if (null === $lower) {
            return new PageDrawing($upper->across, $down, $upper->marks, $upper->steps, $upper->workings, $upper->findings);
        }
        $from = $down - $lower->down;
        $done = \count($upper->steps);

        return new PageDrawing(
            $upper->across,
            $down,
            [...$upper->marks, ...array_map(static fn (Mark $mark): Mark => self::moved($mark, $from, $done), $lower->marks)],
            [...$upper->steps, ...array_map(static fn (Step $step): Step => self::step($step, $from, $done), $lower->steps)],
            [...$upper->workings, ...array_map(static fn (Working $working): Working => new Working(self::note($working->note) ?? '', $working->figure, "lower half: $working->arithmetic"), $lower->workings)],
            [...$upper->findings, ...$lower->findings],
        );
    }

    private static function moved(Mark $mark, int $boxes, int $done): Mark
    {
        $y = $mark->y + Grain::of($boxes);
        $note = self::note($mark->note);
        $step = $mark->step + $done;

        return match (true) {
            $mark instanceof Words => new Words($mark->layer, $mark->x, $y, $mark->wide, $mark->tall, $step, $note, $mark->text, $mark->size, $mark->align),
            $mark instanceof Frame => new Frame($mark->layer, $mark->x, $y, $mark->wide, $mark->tall, $step, $note),
            $mark instanceof Band => new Band($mark->layer, $mark->x, $y, $mark->wide, $mark->tall, $step, $note),
            $mark instanceof Ring => new Ring($mark->layer, $mark->x, $y, $mark->wide, $mark->tall, $step, $note),
            default => new Line($mark->layer, $mark->x, $y, $mark->wide, $mark->tall, $step, $note),
        };
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
