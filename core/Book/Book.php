<?php

/* The notebook as planned: every page, every range, every finding, every drawing. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Book\Dates\BookDates;
use AmpleMargin\Book\Making\PensOnPages;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Carrying\Lasting;
use AmpleMargin\Compare\Comparison;
use AmpleMargin\Compare\LayoutWork;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Making\Pace;
use AmpleMargin\Paging\Forecast;
use AmpleMargin\Paging\IndexCorrection;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Paging\RunOut;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Filling\HasDivisions;
use AmpleMargin\Spread\Filling\Spacing\SpacingAsked;
use AmpleMargin\Spread\Page\FlipOut;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\HasCutOuts;

final class Book
{
    /** @var list<Finding>|null */
    private ?array $findings = null;

    private ?Pace $pace = null;

    public readonly Placement $front;

    public readonly Placement $back;

    /** @var list<MonthBlock> */
    public readonly array $months;

    public readonly RunOut $runOut;

    /** @var list<IndexCorrection> to an index inked before the book was in use */
    public readonly array $corrections;

    public readonly ?Forecast $forecast;

    /** @var list<IndexRow> */
    public readonly array $index;

    /**
     * @param array<int, Slot>   $slots    page → what stands there, pages past the end among them
     * @param list<Overlay>      $overlays over each page
     * @param list<SaysFindings> $said     asked one after another
     */
    public function __construct(
        public readonly BookPlan $plan,
        private readonly Paged $paged,
        public readonly array $slots,
        private readonly Drawings $drawings,
        private readonly array $overlays,
        private readonly PensOnPages $pens,
        public readonly CutLeaves $cut,
        public readonly BookDates $dates,
        private readonly array $said,
    ) {
        $this->front = $paged->front;
        $this->back = $paged->back;
        $this->months = $paged->months;
        $this->runOut = $paged->runOut;
        $this->corrections = $paged->corrections;
        $this->forecast = $paged->forecast;
        $this->index = $drawings->index;
    }

    /** What of it broke while it was laid out or drawn, as far as it was looked at. */
    public function faults(): Faults
    {
        return $this->drawings->layouts->faults;
    }

    /** @return list<Finding> what the person should know; asked for the first time, the spreads are drawn */
    public function findings(): array
    {
        return $this->findings ??= array_merge(...array_map(static fn (SaysFindings $one): array => $one->findings(), $this->said));
    }

    /** How sure it lasts; null for a book without months to come. @param int $more pages it would have more, or fewer */
    public function lasting(int $more = 0): ?Lasting
    {
        return ($this->paged->lasting)($more, 1)[0] ?? null;
    }

    /** The share of years in which so many books of this paper would last together, 0 to 1; null as above. */
    public function lastingAs(int $books): ?float
    {
        $lasting = ($this->paged->lasting)(0, $books);

        return [] === $lasting ? null : array_product(array_map(static fn (Lasting $one): float => $one->share, $lasting));
    }

    /** Whether what is on a page comes through to its back: by what it is made with, or by a pen that was seen to on this paper. */
    public function comesThrough(int $page): bool
    {
        return Medium::Bleeds === $this->plan->spread($this->slot($page)->spread)?->medium
            || $this->pens->comesThrough($this->drawn($page));
    }

    /** How fast the hand works that draws it, as far as that is known. */
    public function pace(): Pace
    {
        return $this->pace ??= Pace::learned($this->plan->whole->making->timed);
    }

    /** Pages held for its months. */
    public function reserved(): int
    {
        return array_sum(array_map(static fn (MonthBlock $block): int => $block->pages, $this->months));
    }

    public function slot(int $page): Slot
    {
        return $this->slots[$page] ?? Slot::spare();
    }

    /** Names what is drawn on a page: its spread, its month's part, or the page itself where neither stands there. */
    public function drawingName(int $page): string
    {
        $name = $this->slot($page)->drawing;

        return '' === $name ? "page-$page" : $name;
    }

    /** The drawing of a page, ticks from the counting bench and what saved slips among it, or null where nothing is drawn there. */
    public function drawing(int $page): ?PageDrawing
    {
        [$name, $nth] = $this->nameAndNth($page);
        $slot = $this->slot($page);
        $about = '' !== $slot->spread ? $slot->spread : ($slot->month?->iso() ?? $name);

        return $this->drawings->safely($about, function () use ($page, $about, $name, $nth): array {
            $pages = [$this->drawn($page)];
            foreach ($this->overlays as $overlay) {
                $pages = $overlay->over($pages, new Drawn($about, $name, $nth));
            }

            return array_values(array_filter($pages));
        }, 1)[0] ?? null;
    }

    /** @return array{string, int} what is drawn on a page, and which of its pages this is, from 0 */
    public function nameAndNth(int $page): array
    {
        return [$this->drawingName($page), '' === $this->slot($page)->drawing ? 0 : $this->slot($page)->nth];
    }

    private function drawn(int $page): ?PageDrawing
    {
        $slot = $this->slot($page);
        if (SlotKind::Spread === $slot->is) {
            $drawing = $this->drawings->ofSpread($slot->spread)[$slot->nth] ?? null;
            $down = $this->plan->stock->down;

            return null === $drawing || $drawing->down === $down
                ? $drawing
                : HalfPages::together(
                    $drawing,
                    null === $slot->lower ? null : $this->drawings->ofSpread($slot->lower->spread)[0] ?? null,
                    $down,
                    $this->plan->counting,
                );
        }
        if (null === $slot->part || null === $slot->month) {
            return null;
        }

        return $this->drawings->ofPart($slot->month, $slot->part)[$slot->nth] ?? null;
    }

    /** @return list<PageDrawing> */
    public function spreadDrawings(string $id): array
    {
        return $this->drawings->ofSpread($id);
    }

    /** A kind as it would stand on this book's paper, with nothing said of it yet. */
    public function sampleOf(Kind $kind): Sample
    {
        return $this->drawings->layouts->sampleOf($kind, $this->index);
    }

    /** A kind as it would stand in the book's first month, with nothing said of it yet. */
    public function sampleOfPart(Kind $kind): Sample
    {
        return $this->drawings->layouts->sampleOfPart($kind);
    }

    /** Whether there is something to print and stick into a spread. */
    public function prints(PlannedSpread $spread): bool
    {
        return $this->drawings->layouts->prints($spread);
    }

    /** @return list<PageDrawing> the months to print and stick into a spread; empty where it has no room for any */
    public function cutOut(PlannedSpread $spread): array
    {
        if (!$this->prints($spread)) {
            return [];
        }
        $cutOut = [];
        $asker = new Asker($this->asked($spread));
        foreach ($this->partsOf($spread)->placed()->leaves ?? [] as $placed) {
            $filling = $placed->leaf->filling;
            if ($filling instanceof HasCutOuts && null === $placed->says) {
                array_push($cutOut, ...$filling->cutOut($asker->of($placed->leaf), $placed->region));
            }
        }

        return $cutOut;
    }

    /** The layouts of a kind that is not in the book yet; null where it has one only. */
    public function layoutsOf(Kind $kind): ?Comparison
    {
        return Comparison::of($kind->form, $this->drawings->layouts->sampleRequest($kind)->reading($this->index), $this->pace());
    }

    /** The layouts of a spread side by side on this book's stock; null where it has one only. */
    public function layouts(PlannedSpread $spread): ?Comparison
    {
        $form = $this->drawings->layouts->form($spread);

        return null === $form ? null : Comparison::of($form, $this->asked($spread), $this->pace());
    }

    /** @return list<LayoutWork> what there is to draw of each layout of a spread; none where it has one only */
    public function layoutWorks(PlannedSpread $spread): array
    {
        $layouts = $this->drawings->layouts;

        return $layouts->remembering->of(
            'works',
            $spread,
            fn (): array => $this->layouts($spread)?->works() ?? [],
            $layouts->readsIndex($spread) ? $this->index : [],
        );
    }

    /** How the pages of a spread are divided, and into what. */
    public function partsOf(PlannedSpread $spread): SpreadParts
    {
        return new SpreadParts($this->drawings->layouts->form($spread), $this->asked($spread));
    }

    /** The same of a part of a month's pattern, as its first month has it. */
    public function partsOfMonth(PatternPart $part): SpreadParts
    {
        return $this->drawings->layouts->partsOfMonth($part);
    }

    /** The same as one month has it. */
    public function partsIn(Month $month, MonthPart $part): SpreadParts
    {
        return $this->drawings->layouts->partsIn($month, $part);
    }

    /** Layers glued in on the pages of all spreads and months, each where it is thickest. */
    public function glued(): int
    {
        $glued = array_sum(array_map(
            fn (PlannedSpread $spread): int => $this->drawings->laid($spread->id)->glued ?? 0,
            $this->plan->spreads,
        ));
        foreach ($this->months as $block) {
            foreach ($block->parts as $part) {
                $glued += $this->drawings->layouts->ofPart($block->month, $part)->glued ?? 0;
            }
        }

        return $glued;
    }

    /** @return list<FlipOut> what folds out of a page */
    public function flips(int $page): array
    {
        $slot = $this->slot($page);

        return SlotKind::Spread === $slot->is ? $this->drawings->laid($slot->spread)->flips[$slot->nth] ?? [] : [];
    }

    /** The divisions that can be looked up on a spread; null where it shows none. */
    public function spacing(PlannedSpread $spread): ?SpacingAsked
    {
        foreach ($this->drawings->layouts->fillings($spread) as [$filling, $asked]) {
            if ($filling instanceof HasDivisions) {
                return $filling->divisions($asked);
            }
        }

        return null;
    }

    private function asked(PlannedSpread $spread): Request
    {
        return $this->drawings->layouts->request($spread)->reading($this->index);
    }

    /** The names of months and days in the language that goes on its paper. */
    public function names(): Names
    {
        return $this->drawings->layouts->names;
    }

    /** What was worked out of it. */
    public function memory(): Memory
    {
        return $this->drawings->layouts->memory;
    }

    /** The kinds this book was composed with. */
    public function catalogue(): Catalogue
    {
        return $this->drawings->layouts->catalogue;
    }

    public function pageOf(string $spread): ?int
    {
        return $this->front->pageOf($spread) ?? $this->back->pageOf($spread);
    }

    /** @return list<int> the pages spreads stand on within the book, without the months */
    public function spreadPages(): array
    {
        $last = $this->plan->stock->pages;
        $pages = array_keys(array_filter(
            $this->slots,
            static fn (Slot $slot, int $page): bool => SlotKind::Spread === $slot->is && $page <= $last,
            \ARRAY_FILTER_USE_BOTH,
        ));
        sort($pages);

        return $pages;
    }
}
