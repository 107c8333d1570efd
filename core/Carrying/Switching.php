<?php

/*
 * When to begin the new book: with the month from which on the old one has no room, so that it wastes fewest pages and no
 * month is missing. Months to come take the pages that are held for them, at the pace of those that have ended.
 */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Section;

final class Switching
{
    /**
     * @param Month       $month  the first of the new book
     * @param int         $ends   the page the old one ends on
     * @param int         $wasted pages that stay empty in it
     * @param list<Month> $undone months of the old book that need not be set up in it any more
     */
    private function __construct(
        public readonly Month $month,
        public readonly int $ends,
        public readonly int $wasted,
        public readonly array $undone,
    ) {
    }

    /** Null where nothing is known of its months, or where it has run out already. */
    public static function of(OldBook $old): ?self
    {
        $pages = self::forecast($old);
        if (null === $pages) {
            return null;
        }
        $last = $old->stock->pages - self::back($old);
        $used = [] === $old->months ? '' : max(array_keys($old->months));
        $end = $old->front;
        $best = null;
        foreach ($pages as $iso => $count) {
            $month = Month::read($iso);
            if (null === $month) {
                continue;
            }
            // A month that has ended stands in the old book, whatever becomes of the rest.
            if ($iso > $used && $end <= $last) {
                $best = new self($month, $end, $last - $end, []);
            }
            $end += $count;
        }
        $after = $old->period->end->plus(1);
        $best = $end <= $last ? new self($after, $end, $last - $end, []) : $best;

        return null === $best ? null : new self($best->month, $best->ends, $best->wasted, array_values(array_filter(
            $old->period->months(),
            static fn (Month $month): bool => $month->index() >= $best->month->index(),
        )));
    }

    /**
     * Pages of every month of the old book: those it took; those it will take at the pace so far, rounded up.
     *
     * @return array<string, int>|null rising; null where nothing is known of a month
     */
    public static function forecast(OldBook $old): ?array
    {
        $taken = $held = 0;
        foreach ($old->months as $month => $count) {
            $taken += isset($old->planned[$month]) ? $count : 0;
            $held += $old->planned[$month] ?? 0;
        }
        $pace = 0 === $held ? Fraction::of(1) : Fraction::of($taken, $held);
        $median = (new Taken($old))->median();
        $pages = [];
        foreach ($old->period->months() as $month) {
            $known = $old->months[$month->iso()] ?? null;
            $planned = $old->planned[$month->iso()] ?? null;
            $coming = null === $planned ? $median : $pace->times($planned)->ceil();
            if (null === $known && null === $coming) {
                return null;
            }
            $pages[$month->iso()] = $known ?? $coming;
        }

        return $pages;
    }

    /** Pages at the end that no month can have. */
    private static function back(OldBook $old): int
    {
        return array_sum(array_map(
            static fn (OldSpread $one): int => Section::Back === $one->spread->section ? $one->pagesTaken() : 0,
            $old->spreads,
        ));
    }
}
