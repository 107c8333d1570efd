<?php

/* Which page everything is on: the spreads placed, the months ranged, the back set against the last page. Draws nothing. */

declare(strict_types=1);

namespace AmpleMargin\Book;

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

final class Pager
{
    public function __construct(private readonly Plan $plan, private readonly Requests $requests)
    {
    }

    public function page(): Paged
    {
        // How many rows the index has is known before where its entries stand.
        $rows = IndexEntries::of($this->plan, $this->requests->names, [], []);
        $front = $this->front($rows);
        $back = $this->back($rows);
        $months = (new MonthLayout($this->plan->months, $this->plan->weeks, $this->plan->period, $this->pinned($front)))->from($front->next);
        $last = ([] === $back->placed ? $this->plan->stock->pages + 1 : $back->placed[0]->page) - 1;

        return new Paged($front, $back, $months, RunOut::of($months, $last, $front->next - 1));
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
}
