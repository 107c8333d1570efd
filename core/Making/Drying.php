<?php

/* How long a page dries: as its pens were seen to on this paper, or as they usually do, from memory. */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Plan\Making\PenSort;
use AmpleMargin\Plan\Making\PenUse;
use AmpleMargin\Plan\Making\TestedPen;

final class Drying
{
    /** What looks dry smears under an eraser for three times as long, and ten minutes at least. From memory. */
    private const ERASING_TIMES = 3;
    private const ERASING_LEAST = 10;

    /** @param list<TestedPen> $pens */
    public function __construct(private readonly array $pens)
    {
    }

    /** Minutes until the page may be closed. */
    public function closes(PageDrawing $page): int
    {
        $layers = $colours = [];
        foreach ($page->marks as $mark) {
            $layers[$mark->layer->value] = true;
            if (null !== $mark->colour) {
                $colours[strtolower($mark->colour)] = true;
            }
        }
        $longest = 0;
        foreach ([
            [Layer::Band, PenUse::Bands, PenSort::Highlighter],
            [Layer::Ink, PenUse::Lines, PenSort::Fineliner],
            [Layer::Writing, PenUse::Writing, PenSort::Gel],
        ] as [$layer, $use, $usual]) {
            if (isset($layers[$layer->value])) {
                $longest = max($longest, $this->dries($use) ?? $usual->dries());
            }
        }
        foreach ($this->pens as $pen) {
            if (null !== $pen->colour && isset($colours[$pen->colour])) {
                $longest = max($longest, $pen->dries ?? $pen->sort->dries());
            }
        }

        return $longest;
    }

    /** Minutes until it may be erased. */
    public static function erases(int $closes): int
    {
        return 0 === $closes ? 0 : max(self::ERASING_LEAST, self::ERASING_TIMES * $closes);
    }

    /** Of the pens that are used so the one that dries longest; null where none is named. */
    private function dries(PenUse $use): ?int
    {
        $found = array_filter($this->pens, static fn (TestedPen $pen): bool => \in_array($use, $pen->uses, true));

        return [] === $found ? null : max(array_map(static fn (TestedPen $pen): int => $pen->dries ?? $pen->sort->dries(), $found));
    }
}
