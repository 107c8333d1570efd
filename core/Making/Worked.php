<?php

/* What must be drawn on pages, counted from their marks and steps. */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Plan\Making\Work;

final class Worked
{
    /**
     * All of some pages.
     *
     * @param list<PageDrawing> $pages
     * @param int               $decoration minutes a page that a person keeps for decoration
     */
    public static function of(array $pages, int $decoration = 0): Work
    {
        $work = new Work(pages: \count($pages), decoration: $decoration * \count($pages));
        foreach ($pages as $page) {
            $counter = new MarkCounter();
            foreach ($page->marks as $mark) {
                $mark->visit($counter);
            }
            $work = $work->plus($counter->work());
            foreach ($page->steps as $step) {
                $work = $work->plus(self::byHand($step));
            }
        }

        return $work;
    }

    /**
     * Each step's own, what is set out, erased and checked not among it.
     *
     * @return array<int, Work> by the step's number
     */
    public static function steps(PageDrawing $page): array
    {
        $counters = [];
        foreach ($page->marks as $mark) {
            $mark->visit($counters[$mark->step] ??= new MarkCounter());
        }
        $work = [];
        foreach ($page->steps as $step) {
            $work[$step->number] = self::byHand($step)->plus(($counters[$step->number] ?? null)?->work() ?? new Work());
        }
        // Marks that belong to no step are drawn with the first.
        foreach ([] === $page->steps ? [] : array_diff_key($counters, $work) as $counter) {
            $work[$page->steps[0]->number] = $work[$page->steps[0]->number]->plus($counter->work());
        }

        return $work;
    }

    /** Cuts and glue leave no mark of their own: the step itself is the work. */
    private static function byHand(Step $step): Work
    {
        return new Work(
            cuts: Task::Cut === $step->task ? 1 : 0,
            glued: 1 === preg_match('/\b(glue|stick|paste) (it|them|its|the|over|on|in|down)\b/i', $step->text) ? 1 : 0,
        );
    }
}
