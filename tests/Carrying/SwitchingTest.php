<?php

/* When to begin the new book, and the pattern its months should have: against every choice there is, on random books. */

declare(strict_types=1);

namespace Tests\Carrying;

use AmpleMargin\Book\Carrying\CarryEdit;
use AmpleMargin\Book\Carrying\HoldingPattern;
use AmpleMargin\Book\PartsOfCatalogue;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Carrying\Between;
use AmpleMargin\Carrying\Switching;
use AmpleMargin\Carrying\Taken;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Olds;

final class SwitchingTest extends TestCase
{
    /** Of all months that could be the first of the new book, the one that wastes fewest pages of the old and misses no month. */
    public function testTheBestMonthIsTheBestOfAll(): void
    {
        $found = $none = 0;
        for ($seed = 1; $seed <= 400; ++$seed) {
            mt_srand($seed);
            $old = Olds::random(mt_rand(0, 20));
            $stock = $old->stock;
            $old = $old->with(['stock' => Books::a5(2 * mt_rand(30, 110))]);
            $pages = Switching::forecast($old) ?? [];
            $back = array_sum(array_map(
                static fn (OldSpread $one): int => Section::Back === $one->spread->section ? $one->pagesTaken() : 0,
                $old->spreads,
            ));
            $last = $old->stock->pages - $back;
            $ended = \count($old->months);
            $best = null;
            // The new book begins behind so many months of the old one.
            for ($behind = $ended; $behind <= 12; ++$behind) {
                $end = $old->front + array_sum(\array_slice($pages, 0, $behind));
                if ($end <= $last && (null === $best || $last - $end <= $best[1])) {
                    $best = [(new Month(2026, 1))->plus($behind)->iso(), $last - $end];
                }
            }
            $switching = Switching::of($old);
            self::assertSame($best, null === $switching ? null : [$switching->month->iso(), $switching->wasted], "seed $seed");
            null === $switching ? ++$none : ++$found;
            self::assertSame($stock->across, $old->stock->across);
        }
        self::assertGreaterThan(100, $found);
        self::assertGreaterThan(20, $none);
    }

    /** Months to come take what is held for them at the pace so far, rounded up; with no pages known there is no forecast. */
    public function testTheForecastKeepsThePace(): void
    {
        $old = Olds::random(0)->with(['months' => ['2026-01' => 12, '2026-02' => 12], 'planned' => array_fill_keys(
            array_map(static fn (Month $month): string => $month->iso(), (new Period(new Month(2026, 1), new Month(2026, 12)))->months()),
            10,
        )]);
        self::assertSame([12, 12, 12, 12], \array_slice(array_values(Switching::forecast($old) ?? []), 0, 4));
        $typed = $old->with(['planned' => []]);
        self::assertSame([12, 12, 12], \array_slice(array_values(Switching::forecast($typed) ?? []), 0, 3));
        self::assertNull(Switching::forecast($typed->with(['months' => []])));
    }

    /** The pattern that is chosen holds as many months as it should, and no other that does has fewer pages. */
    public function testTheSmallestPatternIsTheSmallestOfAll(): void
    {
        $kinds = new PartsOfCatalogue(new Catalogue());
        $plan = Books::starter();
        $checked = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            mt_srand($seed);
            $old = Olds::random(0)->with(['hold' => mt_rand(1, 12)]);
            $holding = HoldingPattern::smallest($plan, $old, $kinds);
            if ([] === $old->months) {
                self::assertNull($holding);
                continue;
            }
            $least = HoldingPattern::leastHeld($old);
            self::assertNotNull($holding, "seed $seed");
            self::assertGreaterThanOrEqual($least, $holding->held($old), "seed $seed");
            $fewest = null;
            foreach ($plan->months->patterns as $pattern) {
                foreach (self::made($pattern) as $more => $parts) {
                    $needs = [];
                    foreach (array_keys($old->months) as $iso) {
                        $needs[$iso] = self::pages(new Pattern('one', 'One', $parts), $iso, $kinds, $plan->weeks);
                    }
                    $held = \count(array_filter(array_keys($needs), static fn (string $iso): bool => $old->months[$iso] <= $needs[$iso]));
                    if ($held >= $least) {
                        $rank = [$more > 4, array_sum($needs)];
                        $fewest = null === $fewest || $rank < $fewest ? $rank : $fewest;
                    }
                }
            }
            self::assertSame($fewest, \array_slice($holding->rank(), 0, 2), "seed $seed");
            ++$checked;
        }
        self::assertGreaterThan(40, $checked);
    }

    /** Months that took more have a pattern of their own which holds what they took. */
    public function testHeavierMonthsAreHeldToo(): void
    {
        $months = [];
        for ($i = 1; $i <= 12; ++$i) {
            $months[\sprintf('2026-%02d', $i)] = 12 === $i ? 19 : 11;
        }
        $old = Olds::random(0)->with(['months' => $months, 'hold' => 10]);
        $plan = Books::starter()->with(['old' => $old]);
        foreach (CarryEdit::months($plan, $old, new Catalogue()) as $edit) {
            $plan = $edit->on($plan, new Catalogue())->plan;
        }
        self::assertSame(['2027-12'], array_keys($plan->months->overrides));
        $pattern = $plan->months->patternOf(new Month(2027, 12));
        self::assertSame(19, self::pages($pattern, '2026-12', new PartsOfCatalogue(new Catalogue()), $plan->weeks));
    }

    /** A month that took none is held by any; one that took sixty by pages for notes in parts of twenty. */
    public function testMonthsOfNoPagesAndOfSixty(): void
    {
        $old = Olds::random(0)->with(['months' => ['2026-01' => 0, '2026-02' => 60], 'hold' => 12]);
        $plan = Books::starter();
        $kinds = new PartsOfCatalogue(new Catalogue());
        $holding = HoldingPattern::smallest($plan, $old, $kinds) ?? self::fail('None holds them.');
        self::assertSame(2, $holding->held($old));
        self::assertSame(60, self::pages($holding->pattern, '2026-02', $kinds, $plan->weeks));
        self::assertLessThanOrEqual(20, max(array_column($holding->pattern->parts, 'pages')));
        $one = HoldingPattern::smallest($plan, $old->with(['months' => ['2026-05' => 3]]), $kinds);
        self::assertSame(1, $one?->held($old->with(['months' => ['2026-05' => 3]])));
    }

    public function testMonthsInBothBooksOrInNeitherAreSaid(): void
    {
        $of = static fn (string $start, string $end): Period => new Period(
            Month::read($start) ?? throw new \LogicException(),
            Month::read($end) ?? throw new \LogicException(),
        );
        $says = static fn (Period $new, ?string $switch = null): array => Between::of(
            $of('2026-01', '2026-12'),
            $new,
            null === $switch ? null : Month::read($switch),
        )->says(new Names('en'));
        self::assertSame([], $says($of('2027-01', '2027-12')));
        self::assertSame(
            ['January 2027 to March 2027 are in neither book. Begin the new one earlier, or write them into the old one.'],
            $says($of('2027-04', '2027-12')),
        );
        self::assertSame(
            ['November 2026 to December 2026 are in both books: what is drawn twice is drawn for nothing.'],
            $says($of('2026-11', '2027-12')),
        );
        // An old book that runs out in November leaves the end of the year without pages.
        self::assertSame(
            ['November 2026 to December 2026 are in neither book. Begin the new one earlier, or write them into the old one.'],
            $says($of('2027-01', '2027-12'), '2026-11'),
        );
    }

    public function testWhatIsMeasured(): void
    {
        $old = Olds::random(0)->with([
            'front' => 30,
            'months' => ['2026-01' => 12, '2026-02' => 9, '2026-03' => 14, '2026-04' => 10],
            'planned' => ['2026-01' => 10, '2026-02' => 10, '2026-03' => 10, '2026-04' => 10],
        ]);
        $taken = new Taken($old);
        self::assertSame([12, 14, 75, '2026-04-30'], [$taken->median(), $taken->most(), $taken->lastPage(), $taken->lastDay()?->iso()]);
        self::assertSame(['2026-01' => 2, '2026-03' => 4], $taken->over());
        $none = new Taken($old->with(['months' => []]));
        self::assertSame([null, null, 30, null], [$none->median(), $none->most(), $none->lastPage(), $none->lastDay()]);
    }

    /** @return array<int, list<PatternPart>> notes more or fewer → its parts, in every way there is */
    private static function made(Pattern $pattern): array
    {
        $made = [0 => $pattern->parts];
        for ($more = 1; $more <= 20; ++$more) {
            $made[$more] = [...$pattern->parts, new PatternPart('month-notes', $more)];
        }
        $notes = array_sum(array_map(static fn (PatternPart $one): int => 'month-notes' === $one->kind ? $one->pages : 0, $pattern->parts));
        for ($fewer = 1; $fewer <= $notes; ++$fewer) {
            $left = $fewer;
            $parts = [];
            foreach (array_reverse($pattern->parts) as $part) {
                $gone = 'month-notes' === $part->kind ? min($left, $part->pages) : 0;
                $left -= $gone;
                if ('weeks' === $part->kind || $part->pages > $gone) {
                    array_unshift($parts, new PatternPart($part->kind, $part->pages - $gone, $part->settings));
                }
            }
            if ([] !== $parts) {
                $made[-$fewer] = $parts;
            }
        }

        return $made;
    }

    private static function pages(Pattern $pattern, string $iso, PartsOfCatalogue $kinds, WeekPlan $weeks): int
    {
        $month = Month::read($iso) ?? throw new \LogicException();
        $period = new Period(new Month(2026, 1), new Month(2026, 12));
        $layout = new MonthLayout($kinds, new MonthPlan([$pattern], $pattern->id), $weeks, $period, ranged: [$month]);

        return $layout->from(2)[0]->lastPage() - 1;
    }
}
