<?php

/* The drawings of a book's spreads and months, each drawn when it is first looked at, and once. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Spread\IndexRow;
use AmpleMargin\Spread\Laid;

/** @internal to Book */
final class Drawings
{
    /** @var array<string, Laid|null> by spread */
    private array $spreads = [];

    /** @var array<int, Laid|null> by the first page of a month's part */
    private array $parts = [];

    /**
     * @param list<IndexRow> $index
     * @param list<string>   $numbering
     */
    public function __construct(
        private readonly BookPlan $plan,
        private readonly Layouts $layouts,
        private readonly array $index,
        private readonly array $numbering,
    ) {
    }

    /** The layout of a spread; null where the program does not know the kind. */
    public function laid(string $id): ?Laid
    {
        if (!\array_key_exists($id, $this->spreads)) {
            $spread = $this->plan->spread($id);
            $this->spreads[$id] = null === $spread ? null : $this->layouts->ofSpread($spread, $this->index, $this->numbering);
        }

        return $this->spreads[$id];
    }

    /** @return list<PageDrawing> none where the program does not know the kind */
    public function ofSpread(string $id): array
    {
        return $this->laid($id)?->drawings() ?? [];
    }

    /** @return list<PageDrawing> */
    public function ofPart(Month $month, MonthPart $part): array
    {
        if (!\array_key_exists($part->page, $this->parts)) {
            $this->parts[$part->page] = $this->layouts->ofPart($month, $part);
        }

        return $this->parts[$part->page]?->drawings() ?? [];
    }
}
