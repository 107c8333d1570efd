<?php

/* The drawings of a book's spreads and months, each drawn when it is first looked at, and once. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\PageGrid;

/** @internal to Book */
final class Drawings
{
    /** Marks kept at once; a full book has half as many. Beyond, what was drawn is drawn anew when somebody looks at it again. */
    private const MOST = 60_000;

    private int $marks = 0;

    /** @var array<string, Laid|null> by spread */
    private array $spreads = [];

    /** @var array<int, list<PageDrawing>> by the first page of a month's part */
    private array $parts = [];

    /** @var array<string, list<PageDrawing>> by spread */
    private array $drawn = [];

    /**
     * @param list<IndexRow> $index
     * @param list<string>   $numbering
     * @param list<Overlay>  $overlays  over the pages of a spread or a month's part
     */
    public function __construct(
        private readonly BookPlan $plan,
        public readonly Layouts $layouts,
        public readonly array $index,
        private readonly array $numbering,
        private readonly array $overlays = [],
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

    /** @return list<PageDrawing> the same without the known dates, for whoever asks what room there is for them */
    public function undated(string $id): array
    {
        return $this->drawnOf($this->laid($id), $id);
    }

    /** @return list<PageDrawing> none where the program does not know the kind */
    public function ofSpread(string $id): array
    {
        $spread = $this->plan->spread($id);

        return $this->drawn[$id] ??= null === $spread ? [] : $this->inked($this->laid($id), $id, $spread->kind, $spread->settings);
    }

    /** @return list<PageDrawing> */
    public function ofPart(Month $month, MonthPart $part): array
    {
        return $this->parts[$part->page] ??= $this->inked(
            $this->layouts->ofPart($month, $part),
            $month->iso(),
            $part->kind,
            [],
            $part->weeks,
        );
    }

    /**
     * With what lays itself over them, such as the known dates its kind takes.
     *
     * @param string                  $about    the spread or the month
     * @param array<array-key, mixed> $settings of the spread
     * @param list<MonthWeek>         $weeks    the pages are for
     *
     * @return list<PageDrawing>
     */
    private function inked(?Laid $laid, string $about, string $kind, array $settings, array $weeks = []): array
    {
        $this->makeRoom();
        $pages = $this->drawnOf($laid, $about);
        $this->marks += array_sum(array_map(static fn (PageDrawing $page): int => \count($page->marks), $pages));
        $of = new Drawn(
            $about,
            $about,
            takes: $this->layouts->catalogue->kind($kind)?->takesIn($settings),
            categories: $this->categories($about),
            weeks: $weeks,
        );
        foreach ($this->overlays as $overlay) {
            $pages = $this->safely($about, static fn (): array => array_values(array_filter($overlay->over($pages, $of))), \count($pages));
        }

        return $pages;
    }

    /** @return list<string> the categories a spread has a column for; none of a month */
    private function categories(string $about): array
    {
        $spread = $this->plan->spread($about);

        return null === $spread ? [] : $this->layouts->categories($spread);
    }

    private function makeRoom(): void
    {
        if ($this->marks > self::MOST) {
            $this->marks = 0;
            $this->parts = $this->drawn = [];
            foreach ($this->spreads as $laid) {
                $laid?->forget();
            }
        }
    }

    /** @return list<PageDrawing> */
    private function drawnOf(?Laid $laid, string $about): array
    {
        return null === $laid ? [] : $this->safely($about, $laid->drawings(...), $laid->pages);
    }

    /**
     * Whatever is laid over pages breaks no more than those.
     *
     * @param \Closure(): list<PageDrawing> $draw
     *
     * @return list<PageDrawing> as many
     */
    public function safely(string $about, \Closure $draw, int $pages): array
    {
        return $this->layouts->faults->drawing($about, PageGrid::of($this->plan->stock, $this->plan->counting), $draw, $pages);
    }
}
