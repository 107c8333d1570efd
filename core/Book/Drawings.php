<?php

/* The drawings of a book's spreads and months, each drawn when it is first looked at, and once. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue;
use AmpleMargin\Spread\IndexRow;

final class Drawings
{
    /** @var array<string, list<PageDrawing>> by spread */
    private array $spreads = [];

    /** @var array<int, list<PageDrawing>> by the first page of a month's part */
    private array $parts = [];

    /**
     * @param list<IndexRow> $index
     * @param list<string>   $numbering
     */
    public function __construct(
        private readonly Plan $plan,
        private readonly Requests $requests,
        private readonly array $index,
        private readonly array $numbering,
    ) {
    }

    /** @return list<PageDrawing> none where the program does not know the kind */
    public function ofSpread(string $id): array
    {
        return $this->spreads[$id] ??= $this->drawn($id);
    }

    /** @return list<PageDrawing> */
    public function ofPart(Month $month, MonthPart $part): array
    {
        return $this->parts[$part->page] ??= $this->requests->drawPart($month, $part);
    }

    /** @return list<PageDrawing> */
    private function drawn(string $id): array
    {
        $spread = $this->plan->spread($id);
        $kind = null === $spread ? null : Catalogue::kind($spread->kind);

        return null === $spread || null === $kind ? [] : $kind->form->draw($this->requests->spread(
            $spread,
            $this->index,
            $this->numbering,
        ));
    }
}
