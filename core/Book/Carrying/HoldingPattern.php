<?php

/*
 * The pattern the months of the new book should have, from what those of the old one took: the smallest that would have held so
 * many of twelve. A pattern is made larger by pages for notes, or smaller by fewer of them.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Paging\PartKinds;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\Plan;

final class HoldingPattern
{
    /** A part of a pattern has so many pages at most, and a pattern so many parts. */
    private const MOST_PAGES = 20;
    private const MOST_PARTS = 20;

    /** Pages for notes more from which on it is another pattern. From memory. */
    private const MUCH = 4;

    /** The part that makes a month larger. */
    private const NOTES = 'month-notes';

    /**
     * @param array<string, int> $needs month of the old book → pages this pattern would have had there
     * @param int                $more  pages for notes more than the pattern it is made of, or fewer
     */
    private function __construct(
        public readonly Pattern $pattern,
        public readonly int $more,
        public readonly array $needs,
    ) {
    }

    /** Null where no month of the old book is known, or no pattern could hold enough of them. */
    public static function smallest(Plan $plan, OldBook $old, PartKinds $kinds): ?self
    {
        $least = self::leastHeld($old);
        $best = null;
        foreach ([] === $old->months ? [] : self::candidates($plan, $old) as $pattern) {
            $one = [] === $pattern->parts ? null : self::madeOf($pattern, $plan, $old, $kinds, $least);
            if (null !== $one && (null === $best || $one->rank() < $best->rank())) {
                $best = $one;
            }
        }

        return $best;
    }

    /** @return list<Pattern> those of the old book; where nobody knows them, those of the new one */
    private static function candidates(Plan $plan, OldBook $old): array
    {
        return [] === $old->patterns ? $plan->months->patterns : $old->patterns;
    }

    /** Months of those that are known that must be held: so many of twelve, rounded up. */
    public static function leastHeld(OldBook $old): int
    {
        return (int) ceil($old->hold * \count($old->months) / 12);
    }

    /** The same pattern with pages for notes more, so that it would have held a month that took so many. */
    public function holding(string $month, int $pages): ?Pattern
    {
        $more = $pages - ($this->needs[$month] ?? $pages);

        return $more > 0 ? self::with($this->pattern, $more) : null;
    }

    /** How many months of the old book it would have held. */
    public function held(OldBook $old): int
    {
        return \count(array_filter(
            $old->months,
            fn (int $pages, string $month): bool => $pages <= ($this->needs[$month] ?? 0),
            \ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * Those that are what they are called before those that are mostly notes; of them the fewest pages, then the least change.
     *
     * @return array{bool, int, int}
     */
    public function rank(): array
    {
        return [$this->more > self::MUCH, array_sum($this->needs), abs($this->more)];
    }

    private static function madeOf(Pattern $pattern, Plan $plan, OldBook $old, PartKinds $kinds, int $least): ?self
    {
        $best = null;
        // A page fewer may leave one empty before an opening, so each is tried.
        for ($more = -self::notesOf($pattern); $more <= 0; ++$more) {
            $made = self::with($pattern, $more);
            $one = null === $made ? null : new self($made, $more, self::pages($made, $plan, $old, $kinds));
            if (null !== $one && $one->held($old) >= $least && (null === $best || $one->rank() < $best->rank())) {
                $best = $one;
            }
        }
        if (null !== $best) {
            return $best;
        }
        // Pages at the end are what they are.
        $pages = self::pages($pattern, $plan, $old, $kinds);
        $short = array_map(static fn (string $month, int $took): int => $took - $pages[$month], array_keys($old->months), $old->months);
        sort($short);
        $more = $short[$least - 1];
        $made = self::with($pattern, $more);

        return null === $made ? null : new self($made, $more, array_map(static fn (int $count): int => $count + $more, $pages));
    }

    /**
     * Pages of a pattern in the months of the old book, from a left page on.
     *
     * @return array<string, int>
     */
    private static function pages(Pattern $pattern, Plan $plan, OldBook $old, PartKinds $kinds): array
    {
        $pages = [];
        foreach (array_keys($old->months) as $iso) {
            $month = Month::read($iso) ?? throw new \LogicException("$iso is a month.");
            $layout = new MonthLayout($kinds, new MonthPlan([$pattern], $pattern->id), $plan->weeks, $old->period, ranged: [$month]);
            $pages[$iso] = $layout->from(2)[0]->lastPage() - 1;
        }

        return $pages;
    }

    private static function notesOf(Pattern $pattern): int
    {
        return array_sum(array_map(
            static fn (PatternPart $part): int => self::NOTES === $part->kind ? $part->pages : 0,
            $pattern->parts,
        ));
    }

    /** Null where it would need more pages than a part may have. */
    private static function with(Pattern $pattern, int $more): ?Pattern
    {
        if (0 === $more) {
            return $pattern;
        }
        $parts = $pattern->parts;
        for ($left = max(0, $more); $left > 0; $left -= self::MOST_PAGES) {
            $parts[] = new PatternPart(self::NOTES, min(self::MOST_PAGES, $left));
        }
        for ($i = \count($parts) - 1; $i >= 0 && $more < 0; --$i) {
            if (self::NOTES === $parts[$i]->kind) {
                $fewer = min(-$more, $parts[$i]->pages);
                $more += $fewer;
                $parts[$i] = new PatternPart(self::NOTES, $parts[$i]->pages - $fewer, $parts[$i]->settings);
            }
        }
        $parts = array_values(array_filter(
            $parts,
            static fn (PatternPart $one): bool => PatternPart::WEEKS === $one->kind || $one->pages > 0,
        ));
        $by = self::sum($parts) - self::sum($pattern->parts);

        return \count($parts) > self::MOST_PARTS || [] === $parts ? null : new Pattern(
            mb_substr($pattern->id, 0, 30).($by > 0 ? "-$by-more" : '-'.-$by.'-fewer'),
            "$pattern->name, ".($by > 0 ? "$by more" : -$by.' fewer'),
            $parts,
        );
    }

    /** @param list<PatternPart> $parts */
    private static function sum(array $parts): int
    {
        return array_sum(array_column($parts, 'pages'));
    }
}
