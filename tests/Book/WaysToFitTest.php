<?php

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Fit\FitChange;
use AmpleMargin\Book\Fit\FitChanges;
use AmpleMargin\Book\Fit\MoreBooks;
use AmpleMargin\Book\Fit\Patience;
use AmpleMargin\Book\Fit\WaysToFit;
use AmpleMargin\Book\Fit\WayToLast;
use AmpleMargin\Book\Layouts;
use AmpleMargin\Book\Pager;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Thorough;

final class WaysToFitTest extends TestCase
{
    public function testABookThatFitsNeedsNoWay(): void
    {
        self::assertNull((new WaysToFit(Books::first(Books::sample())))->best());
    }

    public function testTheBestWayIsOneEditThatMakesTheBookFit(): void
    {
        $plan = self::overfull();
        $ways = new WaysToFit(Books::first($plan));
        $best = $ways->best() ?? self::fail();

        self::assertTrue($ways->isProven());
        self::assertSame('One page a week instead of two', $best->say);
        self::assertTrue(Composer::compose(Edits::apply($plan, $best->edit)->plan)->runOut->fits);
    }

    public function testEverySingleWaySaysThePagesItReallySaves(): void
    {
        $plan = self::overfull();
        $before = Composer::compose($plan)->runOut->pages;
        $single = (new WaysToFit(Books::first($plan)))->single();
        self::assertNotEmpty($single);
        foreach ($single as $way) {
            $after = Composer::compose(Edits::apply($plan, $way->edit)->plan)->runOut;
            self::assertSame($way->saves, $before + ($after->fits ? $after->pages : -$after->pages), $way->say);
            self::assertSame($way->fits, $after->fits);
            self::assertNotSame([''], $way->lost);
        }
    }

    public function testABookInUseIsMadeToFitFromWhereItStands(): void
    {
        $plan = Books::edited(Books::sample(), [
            ['type' => 'set-weeks', 'weeks' => ['first' => 1, 'school' => 'split', 'pages' => '2']],
            ['type' => 'set-used', 'month' => '2027-01', 'page' => 44],
        ]);
        $ways = new WaysToFit(Books::first($plan));
        $best = $ways->best() ?? self::fail();
        $after = Composer::compose(Edits::apply($plan, $best->edit)->plan);

        self::assertTrue($ways->isProven());
        self::assertTrue($after->runOut->fits);
        self::assertSame('17–44', $after->months[0]->range(), 'what is used stays used');
        self::assertSame(
            [],
            array_filter($ways->single(), static fn (WayToLast $way): bool => 'Drop Key' === $way->say),
            'the front is drawn already',
        );
    }

    /** A year's book of 60 spreads that is some 60 pages too long: found, and found to be the least. */
    public function testALargeOverfullBookIsSolvedWithinItsTries(): void
    {
        $edits = [];
        for ($i = 0; $i < 50; ++$i) {
            $edits[] = [
                'type' => 'add-spread',
                'kind' => ['notes', 'goals-by-area', 'quote', 'future-log'][$i % 4],
                'section' => ['front', 'goals', 'trackers'][$i % 3],
            ];
        }
        $plan = Books::edited(self::overfull(), $edits);
        $plan = Books::edited(
            $plan,
            array_map(
                static fn (int $i): array => ['type' => 'set-spread', 'spread' => $plan->spreads[$i]->id, 'worth' => 1 + $i % 5],
                array_keys($plan->spreads),
            ),
        );
        $ways = new WaysToFit(Books::first($plan));
        $best = $ways->best() ?? self::fail();

        self::assertTrue(Composer::compose(Edits::apply($plan, $best->edit)->plan)->runOut->fits);
        self::assertTrue($ways->isProven());
    }

    /** Where patience ends at once, what is found still makes the book last, and what it cannot beat is said beside it. */
    public function testWithoutTimeAWayIsStillFoundAndItsBoundIsTrue(): void
    {
        $checked = 0;
        for ($seed = 1; $checked < 15 && $seed < 400; ++$seed) {
            $plan = self::small($seed);
            $whole = new WaysToFit(Books::first($plan), 100_000);
            $least = $whole->best();
            if (null === $least) {
                continue;
            }
            ++$checked;
            $now = 0.0;
            $hasty = new WaysToFit(Books::first($plan), 100_000, new Patience(1.0, static function () use (&$now): float {
                // Each look at the clock takes a quarter of all the time there is.
                return $now += 0.25;
            }));
            $best = $hasty->best() ?? self::fail("seed $seed");
            self::assertTrue(self::fits(Edits::apply($plan, $best->edit)->plan) || str_contains($best->say, 'ook'), "seed $seed");
            self::assertLessThanOrEqual($least->regret, $hasty->bound(), "seed $seed");
            self::assertGreaterThanOrEqual($least->regret, $best->regret, "seed $seed");
            self::assertTrue(!$hasty->isProven() || $best->regret === $least->regret, "seed $seed");
        }
        self::assertSame(15, $checked);
    }

    /** Against every subset of all changes, on small books; the seed is printed with any failure. */
    public function testNoSetOfChangesIsRegrettedLess(): void
    {
        $overfull = 0;
        $trials = Thorough::of(10, 25);
        for ($seed = 1; $overfull < $trials && $seed < 400; ++$seed) {
            $plan = self::small($seed);
            if (self::fits($plan)) {
                continue;
            }
            ++$overfull;
            $ways = new WaysToFit(Books::first($plan), 100_000);
            $books = array_map(static fn (WayToLast $way): int => $way->fits ? $way->regret : \PHP_INT_MAX, (new MoreBooks($plan))->ways());
            $least = min([$this->leastRegret($plan) ?? \PHP_INT_MAX, ...$books]);
            self::assertSame($least, $ways->best()->regret ?? \PHP_INT_MAX, "seed $seed");
        }
        self::assertSame($trials, $overfull);
    }

    private function leastRegret(Plan $plan): ?int
    {
        $changes = new FitChanges(Books::first($plan));
        $paged = (new Pager(Books::first($plan), new Layouts(Books::first($plan), new Catalogue())))->page();
        $all = [...array_merge(...$changes->months()), ...array_merge(...$changes->spreads($paged->front, $paged->back))];
        $best = null;
        for ($set = 0; $set < 2 ** \count($all); ++$set) {
            $chosen = array_values(array_filter($all, static fn (int $i): bool => 0 !== ($set >> $i & 1), \ARRAY_FILTER_USE_KEY));
            $regret = array_sum(array_map(static fn (FitChange $change): int => $change->regret, $chosen));
            // One page a week and rolling weeks shut each other out.
            $weeks = array_filter(
                $chosen,
                static fn (FitChange $change): bool => str_contains($change->say, 'week instead') || str_contains($change->say, 'Rolling'),
            );
            if (\count($weeks) > 1 || (null !== $best && $regret >= $best)) {
                continue;
            }
            if ([] !== $chosen && self::fits($changes->edit($chosen, 'x')->on($plan, new Catalogue())->plan)) {
                $best = $regret;
            }
        }

        return $best;
    }

    private static function fits(Plan $plan): bool
    {
        return (new Pager(Books::first($plan), new Layouts(Books::first($plan), new Catalogue())))->page()->runOut->fits;
    }

    /** A book of one to three months and a few spreads, on too few pages more often than not. */
    private static function small(int $seed): Plan
    {
        mt_srand($seed);
        $months = mt_rand(1, 3);
        $plan = Books::starter(
            Books::a5(2 * mt_rand(4, 5 + 5 * $months)),
            '2027-01',
            \sprintf('2027-%02d', $months),
        )->with(['spreads' => []]);
        $edits = [
            ['type' => 'use-pattern', 'pattern' => ['bare', 'plain', 'ordinary'][mt_rand(0, 2)]],
            [
                'type' => 'set-weeks',
                'weeks' => ['first' => 1, 'school' => ['split', 'most-days'][mt_rand(0, 1)], 'pages' => ['2', '1'][mt_rand(0, 1)]],
            ],
        ];
        for ($i = mt_rand(1, 4); $i > 0; --$i) {
            $edits[] = [
                'type' => 'add-spread',
                'kind' => ['quote', 'notes', 'goals-by-area', 'key'][mt_rand(0, 3)],
                'settings' => [[], ['pages' => 2], ['half' => true]][mt_rand(0, 2)],
            ];
        }
        $plan = Books::edited($plan, $edits);

        return Books::edited(
            $plan,
            array_map(
                static fn ($spread): array => ['type' => 'set-spread', 'spread' => $spread->id, 'worth' => mt_rand(1, 5)],
                $plan->spreads,
            ),
        );
    }

    private static function overfull(): Plan
    {
        return Books::edited(
            Books::starter(),
            [
                ['type' => 'use-pattern', 'pattern' => 'rich'],
                ['type' => 'set-weeks', 'weeks' => ['first' => 1, 'school' => 'most-days', 'pages' => '2']],
            ],
        );
    }
}
