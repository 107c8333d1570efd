<?php

/* What must be drawn on some pages, counted from their marks. */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;

final class Count
{
    private function __construct(
        public readonly int $pages,
        /** Numbers a person copies. */
        public readonly int $figures,
        /** Everything else that is written: names, titles, entries. */
        public readonly int $words,
        public readonly int $letters,
        /** Ruled lines of a box or more; the outline of a container is four. */
        public readonly int $lines,
        /** Pencil ticks, short strokes and rings. */
        public readonly int $ticks,
        public readonly int $bands,
        /** Leaves to cut. */
        public readonly int $cuts,
    ) {
    }

    /** @param list<PageDrawing> $pages */
    public static function of(array $pages): self
    {
        $counter = new MarkCounter();
        $cuts = 0;
        foreach ($pages as $page) {
            $cuts += \count(array_filter($page->steps, static fn (Step $step): bool => Task::Cut === $step->task));
            foreach ($page->marks as $mark) {
                $mark->visit($counter);
            }
        }

        return new self(
            \count($pages),
            $counter->figures,
            $counter->words,
            $counter->letters,
            $counter->lines,
            $counter->ticks,
            $counter->bands,
            $cuts,
        );
    }
}
