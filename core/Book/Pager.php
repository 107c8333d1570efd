<?php

/* Which page everything is on: the spreads placed, the months ranged, the back set against the last page. Draws nothing. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Carrying\Lasting;
use AmpleMargin\Paging\Forecast;
use AmpleMargin\Paging\IndexCorrection;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Paging\PageRules;
use AmpleMargin\Paging\PartKinds;
use AmpleMargin\Paging\Pins;
use AmpleMargin\Paging\Placeable;
use AmpleMargin\Paging\PlacedSpread;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Paging\Placer;
use AmpleMargin\Paging\PlacingSearch;
use AmpleMargin\Paging\RunOut;
use AmpleMargin\Paging\SparePages;
use AmpleMargin\Paper\FirstLeaf;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Side;
use AmpleMargin\Plan\Spare;
use AmpleMargin\Plan\WeekPages;
use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\IndexRow;

/** @internal to Book */
final class Pager
{
    private readonly PartKinds $parts;

    /** @param Known|null $known from plans tried before, by a search */
    public function __construct(private readonly BookPlan $plan, private readonly Layouts $layouts, private readonly ?Known $known = null)
    {
        $this->parts = new PartsOfCatalogue($layouts->catalogue);
    }

    public function page(): Paged
    {
        // How many rows the index has is known before where its entries stand.
        $rows = IndexEntries::of($this->plan, $this->layouts, [], []);
        $inUse = $this->plan->inUse;
        $sections = $this->sections($rows);
        $backSpreads = $this->placeables(Section::Back, $rows);
        // Pins of the front and of the back are settled together: a page is given once.
        $frontPins = new Pins(array_merge(...$sections), $this->rules($inUse));
        $backPins = new Pins($backSpreads, new PageRules(1, $this->plan->stock->pages, closed: $inUse->lost), $frontPins->kept);
        $back = $this->back($backSpreads, $frontPins->kept, $backPins);
        $front = $this->front($sections, $inUse, $backPins, $frontPins);
        $last = $this->lastBefore($back, $backPins);
        $pinned = $this->pinned($front, $backPins);
        $months = $this->months($front->next, $last, $pinned, $inUse);
        $inkedFront = $inUse->isEmpty() ? $front : $this->front($sections, new InUse(), $backPins, null);
        $inked = $inUse->isEmpty() ? $months : $this->months($inkedFront->next, $last, $this->pinned($inkedFront, $backPins), new InUse());
        $pages = $this->plan->stock->pages;

        return new Paged(
            $front->upTo(
                $last,
                $frontPins,
                "the book has $pages pages".($last < $pages ? ', and its back begins on page '.($last + 1) : ''),
            ),
            $back->upTo($pages, $backPins, "the book has $pages pages"),
            $months,
            RunOut::of($months, $last, $front->next - 1),
            [...IndexCorrection::ofSpreads($inkedFront, $front), ...IndexCorrection::ofMonths($inked, $months, $this->layouts->names)],
            Forecast::of($inked, $months, $inUse->used, $last),
            fn (int $more, int $books): array => $this->lasting($inked, $months, $front->next, $last + $more, $books),
        );
    }

    /**
     * As it was reckoned before from the same, or now.
     *
     * @param list<MonthBlock> $planned as HowSure reads them
     * @param list<MonthBlock> $now
     *
     * @return list<Lasting>
     */
    private function lasting(array $planned, array $now, int $first, int $last, int $books): array
    {
        $whole = $this->plan->whole;
        $from = Memory::from(
            'sure',
            [$this->plan->months, $this->plan->weeks, $this->plan->period, $whole->kinds, $this->plan->inUse],
            [$whole->old?->months, $whole->old?->period],
            [$planned, $now, $first, $last, $books],
        );

        return $this->layouts->memory->of(
            $from,
            fn (): array => (new HowSure($this->plan, $this->parts))->lasting($planned, $now, $first, $last, $books),
        );
    }

    /** The last page that is not the back's; a back page that was pinned further forward is passed over like any pin. */
    private function lastBefore(Placement $back, Pins $pins): int
    {
        $last = $this->plan->stock->pages;
        foreach ($back->placed as $placed) {
            if (!$pins->keeps($placed->spread->id)) {
                $last = min($last, $placed->page - 1);
            }
        }

        return $last;
    }

    /** @param list<list<Placeable>> $sections */
    private function front(array $sections, InUse $inUse, Pins $back, ?Pins $pins): Placement
    {
        $rules = $this->rules($inUse);
        $place = fn (): Placement => Placer::place($sections, $rules, $back->kept, $pins, $this->known->nodes ?? PlacingSearch::MOST_NODES);

        return $this->known?->placement(
            'front '.self::named($sections).json_encode([$rules->then, $rules->closed, $back->pages()]),
            $place,
        ) ?? $place();
    }

    /**
     * @param list<list<Placeable>> $sections
     */
    private static function named(array $sections): string
    {
        return implode(
            '/',
            array_map(
                static fn (array $section): string => implode(
                    ' ',
                    array_map(static fn (Placeable $one): string => "$one->id:$one->halves", $section),
                ),
                $sections,
            ),
        );
    }

    private function rules(InUse $inUse): PageRules
    {
        $leaf = $this->plan->stock->firstLeaf;

        return new PageRules(
            $leaf->firstPage(),
            $this->plan->stock->pages,
            $this->monthsStart(),
            FirstLeaf::Undotted === $leaf ? [1] : [],
            $inUse->lost,
        );
    }

    /**
     * The months ranged, with the spare pages given to those that can still take them. A spare page can cost
     * another before an opening, so fewer are given until the book still lasts.
     *
     * @param array<int, true> $pinned
     *
     * @return list<MonthBlock>
     */
    private function months(int $from, int $last, array $pinned, InUse $inUse): array
    {
        $months = $this->layout($from, $pinned, $inUse, []);
        if (Spare::End === $this->plan->months->spare) {
            return $months;
        }
        $open = array_values(array_filter($this->plan->ranged, static fn (Month $month): bool => !isset($inUse->used[$month->iso()])));
        for ($spare = $last - self::end($months, $from); $spare > 0; --$spare) {
            $given = $this->layout($from, $pinned, $inUse, SparePages::share($spare, $open, $this->plan->months));
            if (self::end($given, $from) <= $last) {
                return $given;
            }
        }

        return $months;
    }

    /**
     * @param array<int, true>   $pinned
     * @param array<string, int> $extra  month → spare pages
     *
     * @return list<MonthBlock>
     */
    private function layout(int $from, array $pinned, InUse $inUse, array $extra): array
    {
        return (new MonthLayout(
            $this->parts,
            $this->plan->months,
            $this->plan->weeks,
            $this->plan->period,
            $pinned,
            $inUse,
            $extra,
            $this->plan->ranged,
        ))->from($from);
    }

    /** @param list<MonthBlock> $months */
    private static function end(array $months, int $from): int
    {
        return [] === $months ? $from - 1 : $months[\count($months) - 1]->lastPage();
    }

    /**
     * The sections before the months; those that may mix with the next are placed as one.
     *
     * @param list<IndexRow> $rows
     *
     * @return list<list<Placeable>>
     */
    private function sections(array $rows): array
    {
        $before = \array_slice($this->plan->placedAsOne(), 0, -1);

        return array_map(
            fn (array $group): array => array_merge(
                ...array_map(fn (Section $section): array => $this->placeables($section, $rows), $group),
            ),
            $before,
        );
    }

    /**
     * The back of the book: so far down that its last page is the book's last.
     *
     * @param list<Placeable> $spreads
     * @param list<PlacedSpread>    $frontPins
     */
    private function back(array $spreads, array $frontPins, Pins $pins): Placement
    {
        $find = fn (): Placement => $this->againstTheEnd($spreads, $frontPins, $pins);

        return $this->known?->placement(
            'back '.self::named([$spreads]).json_encode(array_map(static fn (PlacedSpread $placed): int => $placed->page, $frontPins)),
            $find,
        ) ?? $find();
    }

    /**
     * @param list<Placeable> $spreads
     * @param list<PlacedSpread>    $frontPins
     */
    private function againstTheEnd(array $spreads, array $frontPins, Pins $pins): Placement
    {
        $flowing = array_filter($spreads, static fn (Placeable $spread): bool => !$pins->keeps($spread->id));
        $pages = intdiv(array_sum(array_map(static fn (Placeable $spread): int => $spread->halves, $flowing)) + 1, 2);
        $last = $this->plan->stock->pages;
        for ($first = max(1, $last - $pages + 1);; --$first) {
            $placement = Placer::place(
                [$spreads],
                new PageRules(max(1, $first), $last, closed: $this->plan->inUse->lost),
                $frontPins,
                $pins,
            );
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
        $kind = $this->layouts->catalogue->of($spread);
        $make = fn (): Placeable => $this->sized($spread, $kind, $rows);

        return $this->known?->placeable($spread->id.($this->layouts->readsIndex($spread) ? ' '.\count($rows) : ''), $make) ?? $make();
    }

    /** @param list<IndexRow> $rows */
    private function sized(PlannedSpread $spread, ?Kind $kind, array $rows): Placeable
    {
        $laid = $this->layouts->ofSpread($spread, $rows);
        $pages = $laid->pages ?? 1;
        $starts = $laid->starts ?? Side::Any;

        return new Placeable(
            $spread->id,
            $this->layouts->catalogue->title($spread),
            $this->layouts->isHalf($spread) ? 1 : 2 * $pages,
            $pages > 1 && Side::Right !== $starts && (null === $kind || $kind->opensFlat($spread->settings) || Side::Left === $starts),
            $pages > 1 ? (Side::Right === $starts ? $starts : Side::Any) : $spread->side,
            $spread->pin,
            $spread->medium,
            $spread->faces,
            true !== $kind?->is(Fact::NeedsNoGrid),
            $spread->mustFace,
        );
    }

    /** Which side the first month must start on. */
    private function monthsStart(): Side
    {
        foreach (isset($this->plan->ranged[0]) ? $this->plan->months->patternOf($this->plan->ranged[0])->parts : [] as $part) {
            if (PatternPart::WEEKS === $part->kind) {
                return WeekPages::Two === $this->plan->weeks->pages ? Side::Left : Side::Any;
            }
            if ($part->pages > 0) {
                return 2 === $part->pages && $this->parts->isOpening($part->kind, $part->settings) ? Side::Left : Side::Any;
            }
        }

        return Side::Any;
    }

    /** @return array<int, true> pages of pins that stand behind the front */
    private function pinned(Placement $front, Pins $back): array
    {
        $taken = array_fill_keys(array_filter($back->pages(), static fn (int $page): bool => $page >= $front->next), true);
        foreach ($front->placed as $placed) {
            for ($page = $placed->page; $page <= $placed->lastPage() && $page >= $front->next; ++$page) {
                $taken[$page] = true;
            }
        }

        return $taken;
    }
}
