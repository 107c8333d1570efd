<?php

/* What must be drawn on some pages, counted from their marks. */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;

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
        $count = ['figures' => 0, 'words' => 0, 'letters' => 0, 'lines' => 0, 'ticks' => 0, 'bands' => 0, 'cuts' => 0];
        foreach ($pages as $page) {
            $count['cuts'] += \count(array_filter($page->steps, static fn (Step $step): bool => Task::Cut === $step->task));
            foreach ($page->marks as $mark) {
                if ($mark instanceof Words) {
                    if ($mark->isFigure()) {
                        ++$count['figures'];
                    } else {
                        ++$count['words'];
                        $count['letters'] += mb_strlen($mark->text);
                    }
                } elseif ($mark instanceof Band) {
                    ++$count['bands'];
                } elseif ($mark instanceof Frame) {
                    $count['lines'] += 4;
                } else {
                    $ruled = $mark instanceof Line
                        && Layer::Pencil !== $mark->layer
                        && max(abs($mark->wide), abs($mark->tall)) >= Grain::PER_BOX;
                    ++$count[$ruled ? 'lines' : 'ticks'];
                }
            }
        }

        return new self(\count($pages), ...$count);
    }
}
