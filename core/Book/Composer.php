<?php

/* Plan in, book out: a pure function. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Paging\PageRules;
use AmpleMargin\Paging\Placeable;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Paging\Placer;
use AmpleMargin\Paging\RunOut;
use AmpleMargin\Paper\FirstLeaf;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Side;
use AmpleMargin\Plan\WeekPages;
use AmpleMargin\Spread\Catalogue;
use AmpleMargin\Spread\IndexRow;

final class Composer
{
    private readonly Requests $requests;

    private function __construct(private readonly Plan $plan)
    {
        $this->requests = new Requests($plan);
    }

    public static function compose(Plan $plan): Book
    {
        return (new self($plan))->book();
    }

    private function book(): Book
    {
        // How many rows the index has is known before where its entries stand.
        $rows = $this->index([], []);
        $front = $this->front($rows);
        $back = $this->back($rows);
        $blocks = (new MonthLayout($this->plan->months, $this->plan->weeks, $this->plan->period, $this->pinned($front)))->from($front->next);
        $last = ([] === $back->placed ? $this->plan->stock->pages + 1 : $back->placed[0]->page) - 1;
        $index = $this->index([$front, $back], $blocks);
        $drawings = $this->draw($index);

        return new Book(
            $this->plan,
            $front,
            $back,
            $blocks,
            RunOut::of($blocks, $last, $front->next - 1),
            (new Slots($this->plan, $this->requests->names))->fill($front, $back, $blocks),
            $index,
            $this->findings($front, $back, $drawings),
            $drawings,
            $this->requests,
        );
    }

    /** @param list<IndexRow> $rows */
    private function front(array $rows): Placement
    {
        $sections = array_map(fn (Section $section): array => $this->placeables($section, $rows), [Section::Front, Section::Year, Section::Goals, Section::Trackers]);
        $leaf = $this->plan->stock->firstLeaf;

        return Placer::place($sections, new PageRules($leaf->firstPage(), $this->plan->stock->pages, $this->monthsStart(), FirstLeaf::Undotted === $leaf ? [1] : []));
    }

    /**
     * The back of the book: so far down that its last page is the book's last.
     *
     * @param list<IndexRow> $rows
     */
    private function back(array $rows): Placement
    {
        $spreads = $this->placeables(Section::Back, $rows);
        $pages = array_sum(array_map(static fn (Placeable $spread): int => $spread->pages(), $spreads));
        $last = $this->plan->stock->pages;
        for ($first = max(1, $last - $pages + 1);; --$first) {
            $placement = Placer::place([$spreads], new PageRules(max(1, $first), $last));
            if ($placement->next <= $last + 1 || $first <= 1) {
                return $placement;
            }
        }
    }

    /**
     * @param list<IndexRow> $rows
     *
     * @return list<Placeable>
     */
    private function placeables(Section $section, array $rows): array
    {
        return array_map(fn (PlannedSpread $spread): Placeable => $this->placeable($spread, $rows), $this->plan->inSection($section));
    }

    /** @param list<IndexRow> $rows */
    private function placeable(PlannedSpread $spread, array $rows): Placeable
    {
        $kind = Catalogue::kind($spread->kind);
        $pages = null === $kind ? 1 : $kind->form->pages($this->requests->spread($spread, $rows));

        return new Placeable(
            $spread->id,
            Requests::title($spread),
            2 * $pages,
            $pages > 1 && (null === $kind || $kind->opensFlat),
            $pages > 1 ? Side::Any : $spread->side,
            $spread->pin,
            $spread->medium,
            $spread->faces,
            $kind->needsGrid ?? true,
        );
    }

    /** Which side the first month must start on. */
    private function monthsStart(): Side
    {
        foreach ($this->plan->months->patternOf($this->plan->period->start)->parts as $part) {
            if ('weeks' === $part->kind) {
                return WeekPages::Two === $this->plan->weeks->pages ? Side::Left : Side::Any;
            }
            if ($part->pages > 0) {
                return 'month-calendar' === $part->kind && 2 === $part->pages ? Side::Left : Side::Any;
            }
        }

        return Side::Any;
    }

    /** @return array<int, true> pages of pins that stand behind the front */
    private function pinned(Placement $front): array
    {
        $taken = [];
        foreach ($front->placed as $placed) {
            for ($page = $placed->page; $page <= $placed->lastPage() && $page >= $front->next; ++$page) {
                $taken[$page] = true;
            }
        }

        return $taken;
    }

    /**
     * @param list<Placement>  $placements empty before anything is placed
     * @param list<MonthBlock> $blocks
     *
     * @return list<IndexRow>
     */
    private function index(array $placements, array $blocks): array
    {
        $found = [];
        foreach ($placements as $placement) {
            foreach ($placement->placed as $placed) {
                $found[$placed->spread->id] = [$placed->page, $placed->lastPage()];
            }
        }
        $rows = [];
        $backRows = [];
        foreach ($this->plan->inOrder() as $spread) {
            [$from, $to] = $found[$spread->id] ?? [0, 0];
            $row = new IndexRow(Requests::title($spread), 0 === $from ? '' : ($from === $to ? (string) $from : "{$from}–{$to}"));
            Section::Back === $spread->section ? $backRows[] = [$from, $row] : $rows[] = [$from, $row];
        }
        $byPage = static fn (array $a, array $b): int => $a[0] <=> $b[0];
        usort($rows, $byPage);
        usort($backRows, $byPage);
        $months = array_map(fn (int $i): IndexRow => new IndexRow(
            $this->requests->names->monthAndYear($this->plan->period->start->plus($i)),
            isset($blocks[$i]) ? $blocks[$i]->range() : '',
            true,
        ), range(0, $this->plan->period->length() - 1));

        return [...array_column($rows, 1), ...$months, ...array_column($backRows, 1)];
    }

    /**
     * @param list<IndexRow> $index
     *
     * @return array<string, list<PageDrawing>>
     */
    private function draw(array $index): array
    {
        $drawings = [];
        foreach ($this->plan->spreads as $spread) {
            $kind = Catalogue::kind($spread->kind);
            if (null !== $kind) {
                $drawings[$spread->id] = $kind->form->draw($this->requests->spread($spread, $index));
            }
        }

        return $drawings;
    }

    /**
     * @param array<string, list<PageDrawing>> $drawings
     *
     * @return list<Finding>
     */
    private function findings(Placement $front, Placement $back, array $drawings): array
    {
        $findings = [...$front->findings, ...$back->findings];
        foreach ($this->plan->spreads as $spread) {
            if (null === Catalogue::kind($spread->kind)) {
                $findings[] = new Finding($spread->id, "This program does not know the kind “{$spread->kind}”. It is kept as it came, with one page, and nothing is drawn for it.");
            }
            foreach ($drawings[$spread->id] ?? [] as $drawing) {
                array_push($findings, ...$drawing->findings);
            }
        }
        foreach ([[$front, $this->plan->stock->pages], [$back, $this->plan->stock->pages]] as [$placement, $last]) {
            foreach ($placement->placed as $placed) {
                if ($placed->lastPage() > $last) {
                    $findings[] = new Finding($placed->spread->id, "{$placed->spread->name} would end on page {$placed->lastPage()}; the book has $last pages.", [
                        ['say' => "Leave {$placed->spread->name} out", 'edit' => ['type' => 'remove-spread', 'spread' => $placed->spread->id]],
                    ]);
                }
            }
        }

        return [...$findings, ...(new Fillers($this->plan))->findings($front)];
    }
}
