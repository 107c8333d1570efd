<?php

/* The notebook as planned: every page, every range, every finding, every drawing. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paging\Forecast;
use AmpleMargin\Paging\IndexCorrection;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Paging\RunOut;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\IndexRow;

final class Book
{
    /** @var array<int, list<PageDrawing>> month parts drawn so far, by first page */
    private array $monthDrawings = [];

    /**
     * @param array<int, Slot>                 $slots    page → what stands there, pages past the end among them
     * @param array<string, list<PageDrawing>> $drawings spread id → its pages
     * @param list<MonthBlock>                 $months
     * @param list<IndexRow>                   $index
     * @param list<IndexCorrection>            $corrections to an index inked before the book was in use
     * @param list<Finding>                    $findings
     */
    public function __construct(
        public readonly Plan $plan,
        public readonly Placement $front,
        public readonly Placement $back,
        public readonly array $months,
        public readonly RunOut $runOut,
        public readonly array $slots,
        public readonly array $index,
        public readonly array $findings,
        public readonly array $corrections,
        public readonly ?Forecast $forecast,
        private readonly array $drawings,
        private readonly Requests $requests,
    ) {
    }

    public function slot(int $page): Slot
    {
        return $this->slots[$page] ?? Slot::spare();
    }

    /** The drawing of a page, or null where nothing is drawn there. */
    public function drawing(int $page): ?PageDrawing
    {
        $slot = $this->slot($page);
        if ('spread' === $slot->is) {
            $drawing = $this->drawings[$slot->spread][$slot->nth] ?? null;
            $down = $this->plan->stock->down;

            return null === $drawing || $drawing->down === $down
                ? $drawing
                : HalfPages::together($drawing, null === $slot->lower ? null : $this->drawings[$slot->lower->spread][0] ?? null, $down);
        }
        if (null === $slot->part || null === $slot->month) {
            return null;
        }
        $pages = $this->monthDrawings[$slot->part->page] ??= $this->requests->drawPart($slot->month, $slot->part);

        return $pages[$slot->nth] ?? null;
    }

    /** @return list<PageDrawing> */
    public function spreadDrawings(string $id): array
    {
        return $this->drawings[$id] ?? [];
    }

    public function pageOf(string $spread): ?int
    {
        return $this->front->pageOf($spread) ?? $this->back->pageOf($spread);
    }

    /** @return list<int> the pages spreads stand on within the book, without the months */
    public function spreadPages(): array
    {
        $pages = [];
        foreach ($this->slots as $page => $slot) {
            if ('spread' === $slot->is && $page <= $this->plan->stock->pages) {
                $pages[] = $page;
            }
        }
        sort($pages);

        return $pages;
    }
}
