<?php

/* A hand's pace learned from its timed pages: simulated hands of a known pace, and the pages a practitioner timed. */

declare(strict_types=1);

namespace Tests\Making;

use AmpleMargin\Book\Composer;
use AmpleMargin\Making\Pace;
use AmpleMargin\Making\Timer;
use AmpleMargin\Making\Worked;
use AmpleMargin\Plan\Making\TimedPage;
use AmpleMargin\Plan\Making\Work;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Practice;

final class PaceTest extends TestCase
{
    public function testWithNothingTimedItIsTheStartingPace(): void
    {
        $work = new Work(figures: 364, words: 12, letters: 60, pages: 1);
        self::assertEquals(Pace::starting()->minutes($work), Pace::learned([])->minutes($work));
        self::assertNull(Pace::learned([])->says());
    }

    public function testARangeNarrowsWithEveryPageOfASteadyHand(): void
    {
        $work = new Work(figures: 200, words: 20, letters: 100, lines: 30, pages: 1);
        $timed = [];
        $wide = Pace::starting()->minutes($work);
        $last = log($wide->most / $wide->least);
        foreach ([1, 3, 8, 20] as $count) {
            while (\count($timed) < $count) {
                $timed[] = self::timed($work, (int) round(Pace::starting()->likely($work) * 1.2 / 60));
            }
            $range = Pace::learned($timed)->minutes($work);
            $narrow = log($range->most / $range->least);
            self::assertLessThan($last, $narrow, "$count pages");
            self::assertTrue($range->least <= $range->likely && $range->likely <= $range->most);
            $last = $narrow;
        }
    }

    /**
     * A hand twice as slow with figures and as quick as usual with all else, its pages taking a fifth more or less by chance: after twenty
     * pages the estimates are within 15 % on the whole.
     */
    public function testAHandOfAKnownPaceIsRecovered(): void
    {
        $pages = self::pages();
        foreach ([[2.0, 1.0, 1.0], [1.0, 1.5, 0.8], [0.6, 0.6, 0.6], [1.3, 1.3, 1.3]] as [$figures, $writing, $ruling]) {
            $true = static fn (Work $work): float => 7 * $work->figures * $figures + (5 * $work->words + 2 * $work->letters) * $writing
                + (10 * $work->lines + 2 * $work->ticks + 15 * $work->bands) * $ruling + 240 * $work->cuts + 90 * $work->glued + 150 * $work->pages;
            $off = [];
            for ($seed = 1; $seed <= 10; ++$seed) {
                mt_srand($seed);
                $timed = [];
                for ($i = 0; $i < 20; ++$i) {
                    $work = $pages[mt_rand(0, \count($pages) - 1)];
                    $timed[] = self::timed($work, max(1, (int) round($true($work) * exp(self::chance(0.2)) / 60)));
                }
                $pace = Pace::learned($timed);
                foreach ($pages as $work) {
                    $off[] = abs(log($pace->likely($work) / $true($work)));
                }
            }
            self::assertLessThan(0.15, array_sum($off) / \count($off), "$figures, $writing, $ruling");
        }
    }

    /** Whatever the hand, and however few pages: what was learned is no worse than what one starts with, on the whole. */
    public function testItIsNeverWorseThanTheStartingPaceOnAverage(): void
    {
        $pages = self::pages();
        foreach ([1, 2, 3, 6, 12, 30] as $count) {
            $learned = $started = 0.0;
            for ($seed = 1; $seed <= 120; ++$seed) {
                mt_srand($seed);
                $hand = ['figures' => exp(self::chance(0.3)), 'writing' => exp(self::chance(0.3)), 'ruling' => exp(self::chance(0.3)), 'pages' => exp(self::chance(0.3))];
                $true = static fn (Work $work): float => 7 * $work->figures * $hand['figures'] + (5 * $work->words + 2 * $work->letters) * $hand['writing']
                    + (10 * $work->lines + 2 * $work->ticks + 15 * $work->bands) * $hand['ruling'] + 240 * $work->cuts + 90 * $work->glued
                    + 150 * $work->pages * $hand['pages'];
                $timed = [];
                for ($i = 0; $i < $count; ++$i) {
                    $work = $pages[mt_rand(0, \count($pages) - 1)];
                    $timed[] = self::timed($work, max(1, (int) round($true($work) * exp(self::chance(0.25)) / 60)));
                }
                $pace = Pace::learned($timed);
                foreach ($pages as $work) {
                    $learned += abs(log($pace->likely($work) / $true($work)));
                    $started += abs(log(Pace::starting()->likely($work) / $true($work)));
                }
            }
            self::assertLessThanOrEqual($started, $learned, "$count pages timed");
        }
    }

    public function testAPageLeftLyingForNineHoursCountsForLittle(): void
    {
        $work = new Work(figures: 100, words: 10, letters: 50, lines: 10, pages: 1);
        $steady = array_fill(0, 8, self::timed($work, (int) round(Pace::starting()->likely($work) / 60)));
        $with = Pace::learned([...$steady, self::timed($work, 540)]);
        self::assertEqualsWithDelta(Pace::learned($steady)->likely($work), $with->likely($work), 0.1 * $with->likely($work));
    }

    public function testFourPagesOfFiveAreWithinTheirRange(): void
    {
        $pages = self::pages();
        $in = $all = 0;
        for ($seed = 1; $seed <= 100; ++$seed) {
            mt_srand($seed);
            $slow = exp(self::chance(0.3));
            $took = static fn (Work $work): int => max(1, (int) round(Pace::starting()->likely($work) * $slow * exp(self::chance(0.25)) / 60));
            $timed = [];
            for ($i = 0; $i < 10; ++$i) {
                $work = $pages[mt_rand(0, \count($pages) - 1)];
                $timed[] = self::timed($work, $took($work));
            }
            $pace = Pace::learned($timed);
            foreach ($pages as $work) {
                $range = $pace->minutes($work);
                $minutes = $took($work);
                $in += $minutes >= $range->least && $minutes <= $range->most ? 1 : 0;
                ++$all;
            }
        }
        self::assertGreaterThan(0.75, $in / $all);
        self::assertLessThan(0.95, $in / $all, 'nor so wide that it says nothing');
    }

    /**
     * Twelve pages a practitioner timed (docs/trade.md, "Time"; common practice, no source): the cover, which was painted, took nearly five
     * times
     * as long as its letters; of the others none is further off than two and a half times, and all together they are within a tenth.
     */
    public function testThePagesAPractitionerTimedAreWithinAStatedFactor(): void
    {
        self::assertLessThan(5.0, Practice::factor());
        $plain = array_filter(Practice::pages(), static fn (array $one): bool => 'cover' !== $one[0]);
        foreach ($plain as [$what, $took, $said]) {
            self::assertLessThan(2.5, max($took / $said, $said / $took), $what);
        }
        self::assertEqualsWithDelta(1.0, array_sum(array_column($plain, 2)) / array_sum(array_column($plain, 1)), 0.1);
    }

    /** Pages ticked at a steady pace; a break, another page between, a clock set back. */
    public function testTheTimerPausesByItself(): void
    {
        $usual = ['a' => 120.0, 'b' => 60.0];
        self::assertSame(['a' => 120 + 300 + 300], Timer::seconds([['a', 1000], ['a', 1300], ['a', 1600]], $usual), 'the first step takes what it should');
        self::assertSame(['a' => 120 + 120], Timer::seconds([['a', 1000], ['a', 9000]], $usual), 'nothing happened for two hours');
        self::assertSame(['a' => 120 + 200, 'b' => 100], Timer::seconds([['a', 1000], ['b', 1100], ['a', 1300]], $usual));
        $back = Timer::seconds([['a', 5000], ['a', 5200], ['a', 4900]], $usual);
        self::assertSame(['a' => 120 + 100 + 200], $back, 'a clock set back by five minutes takes none away');
        self::assertSame([], Timer::seconds([], $usual));
    }

    /** @return list<Work> of the pages of a whole book */
    private static function pages(): array
    {
        $book = Composer::compose(Books::sample());
        $pages = [];
        foreach ($book->slots as $page => $slot) {
            $drawing = $page <= 30 ? $book->drawing($page) : null;
            if (null !== $drawing && [] !== $drawing->steps) {
                $pages[] = Worked::of([$drawing]);
            }
        }

        return $pages;
    }

    private static function timed(Work $work, int $minutes): TimedPage
    {
        return new TimedPage('goals', 0, $minutes, $work);
    }

    /** Normal, by the sum of twelve. */
    private static function chance(float $spread): float
    {
        $sum = -6.0;
        for ($i = 0; $i < 12; ++$i) {
            $sum += mt_rand() / mt_getrandmax();
        }

        return $spread * $sum;
    }
}
