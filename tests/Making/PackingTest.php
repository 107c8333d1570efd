<?php

/* Pages packed into evenings: against every packing on small cases, and by the rules of wet ink on random ones. */

declare(strict_types=1);

namespace Tests\Making;

use AmpleMargin\Making\Sitting\Act;
use AmpleMargin\Making\Sitting\FreeEvening;
use AmpleMargin\Making\Sitting\PackedEvenings;
use AmpleMargin\Making\Sitting\PackingEvenings;
use AmpleMargin\Making\Sitting\StepTime;
use AmpleMargin\Making\Sitting\Stint;
use AmpleMargin\Making\Sitting\Timeline;
use AmpleMargin\Making\Sitting\ToDraw;
use PHPUnit\Framework\TestCase;

final class PackingTest extends TestCase
{
    public function testNoPackingOfSmallCasesCostsLess(): void
    {
        $short = $split = $nights = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            mt_srand($seed);
            $pages = self::pages(mt_rand(1, 4), mt_rand(0, 1) ? 3 : 2);
            $rooms = self::rooms(mt_rand(1, 2), 8, 40);
            $packed = PackingEvenings::of($pages, $rooms, \PHP_INT_MAX);
            $best = self::cheapest($pages, $rooms);
            self::assertSame($best, $packed->cost, "seed $seed");
            self::assertTrue($packed->proven);
            self::assertLessThanOrEqual($packed->short(), $packed->bound, "seed $seed");
            $this->keepsTheRules($packed, $pages, $rooms, "seed $seed");
            $short += $packed->short() > 0 ? 1 : 0;
            $split += $packed->cost[3] > 0 ? 1 : 0;
            $nights += [] === array_filter(array_merge(...array_values($packed->pieces)), static fn (Stint $one): bool => $one->isLeftToDry()) ? 0 : 1;
        }
        self::assertGreaterThan(5, $short, 'some do not fit');
        self::assertGreaterThan(0, $split, 'some are drawn in two');
        self::assertGreaterThan(3, $nights, 'some are left to dry over night');
    }

    public function testRandomSetUpsKeepTheRulesOfWetInk(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            mt_srand($seed);
            $pages = self::pages(mt_rand(0, 50), mt_rand(2, 6));
            $rooms = self::rooms(mt_rand(0, 12), 5, 180);
            $packed = PackingEvenings::of($pages, $rooms);
            $this->keepsTheRules($packed, $pages, $rooms, "seed $seed");
            self::assertEquals($packed, PackingEvenings::of($pages, $rooms), "seed $seed: the same pages and evenings give the same packing");
            shuffle($pages);
            self::assertSame($packed->cost, PackingEvenings::of($pages, $rooms)->cost, "seed $seed: in whatever order they are given");
        }
    }

    public function testOneEveningAndFourHundredPages(): void
    {
        $pages = [];
        for ($i = 0; $i < 400; ++$i) {
            $pages[] = self::page($i + 1, [new StepTime("a$i", 600.0, 0.0, true)]);
        }
        $packed = PackingEvenings::of($pages, [new FreeEvening('e', 0, 90)]);
        self::assertSame(400 * 10 - 90, $packed->bound);
        self::assertGreaterThanOrEqual($packed->bound, $packed->short());
        self::assertNotSame([], $packed->pieces['e']);
    }

    public function testAnEveningOfFiveMinutesTakesWhatFits(): void
    {
        $packed = PackingEvenings::of([self::page(1, [new StepTime('a', 240.0)]), self::page(3, [new StepTime('b', 600.0)])], [new FreeEvening('e', 0, 5)]);
        self::assertSame([1], array_map(static fn (Stint $piece): int => $piece->page->page, $packed->pieces['e']));
        self::assertSame(10, $packed->short());
    }

    public function testAPageThatIsPutOnAnEveningStaysThereHoweverLongItIs(): void
    {
        $pages = [self::page(1, [new StepTime('a', 3600.0)], put: 'two'), self::page(2, [new StepTime('b', 600.0)])];
        $packed = PackingEvenings::of($pages, [new FreeEvening('one', 0, 30), new FreeEvening('two', 1440, 30)]);
        self::assertSame(1, $packed->pieces['two'][0]->page->page);
        self::assertGreaterThan(30, $packed->timelines['two']->length);
        self::assertSame(2, $packed->pieces['one'][0]->page->page);
    }

    public function testWhatNeedsAKnifeComesTogether(): void
    {
        $cut = static fn (int $page): ToDraw => self::page($page, [new StepTime("c$page", 240.0, craft: true)]);
        $plain = static fn (int $page): ToDraw => self::page($page, [new StepTime("p$page", 240.0)]);
        $pages = [$cut(1), $plain(3), $cut(5), $plain(7)];
        $packed = PackingEvenings::of($pages, [new FreeEvening('one', 0, 13), new FreeEvening('two', 1440, 13)], \PHP_INT_MAX);
        self::assertSame(1, $packed->cost[4], 'one evening with the knife');
        self::assertSame(0, $packed->short());
    }

    public function testFiguresComeFirstWithAPauseEveryTwentyFiveMinutes(): void
    {
        $figures = Stint::of(self::page(2, [new StepTime('f', 3600.0, 3600.0, true)]), 0, 1);
        $lines = Stint::of(self::page(4, [new StepTime('l', 600.0, 0.0, true)]), 0, 1);
        $acts = array_map(static fn (Act $act): string => $act->is.(null === $act->piece ? '' : $act->piece->page->page), (new Timeline([$lines, $figures]))->acts());
        self::assertSame(['draw2', 'pause', 'draw2', 'pause', 'draw2', 'dry', 'draw4'], $acts);
    }

    /**
     * What stands in the acts is looked at again: every page once and in order, no opening turned on wet ink, nothing erased before it
     * is dry, nothing longer than its evening.
     *
     * @param list<ToDraw> $pages
     * @param list<FreeEvening>   $rooms
     */
    private function keepsTheRules(PackedEvenings $packed, array $pages, array $rooms, string $about): void
    {
        $drawn = [];
        foreach ($rooms as $room) {
            $line = $packed->timelines[$room->key];
            self::assertLessThanOrEqual($room->minutes, $line->length, $about);
            $now = $work = 0;
            $open = null;
            $wet = $ready = [];
            $begun = [];
            foreach ($line->acts() as $act) {
                self::assertSame($now, $act->at, $about);
                self::assertGreaterThan(0, $act->minutes, $about);
                $piece = $act->piece;
                if (null !== $piece) {
                    $opening = $piece->page->opening;
                    if (null !== $open && $open !== $opening) {
                        self::assertGreaterThanOrEqual($wet[$open] ?? 0, $now, "$about: no opening is closed on wet ink");
                    }
                    $open = $opening;
                    $key = $piece->page->key.' '.$piece->from;
                    if (Act::FINISH === $act->is) {
                        self::assertGreaterThanOrEqual($ready[$key] ?? 0, $now, "$about: nothing is erased before it is dry");
                        if ($piece->wet) {
                            self::assertArrayHasKey($key, $ready, $about);
                        }
                    }
                    $begun[$key] = ($begun[$key] ?? 0) + $act->minutes;
                    if (Act::DRAW === $act->is && $piece->wet) {
                        $wet[$opening] = max($wet[$opening] ?? 0, $act->at + $act->minutes + $piece->page->closes);
                        $ready[$key] = $act->at + $act->minutes + $piece->page->dries;
                    }
                    $work += $act->minutes;
                }
                $now += $act->minutes;
            }
            self::assertSame($line->length, $now, $about);
            foreach ($packed->pieces[$room->key] as $piece) {
                self::assertSame($piece->minutes(), $begun[$piece->page->key.' '.$piece->from] ?? 0, "$about: as long as it takes");
                $drawn[$piece->page->key][] = [$piece->from, $piece->to];
            }
            self::assertSame($work, array_sum(array_map(static fn (Stint $piece): int => $piece->minutes(), $packed->pieces[$room->key])), $about);
        }
        foreach ($packed->left as $page) {
            self::assertArrayNotHasKey($page->key, $drawn, $about);
            $drawn[$page->key][] = [0, \count($page->steps)];
        }
        foreach ($pages as $page) {
            if (0 === $page->whole()->minutes()) {
                continue;
            }
            $next = 0;
            foreach ($drawn[$page->key] ?? self::fail("$about: $page->key is nowhere") as [$from, $to]) {
                self::assertSame($next, $from, "$about: the order within a page is kept, evening by evening");
                $next = $to;
            }
            self::assertSame(\count($page->steps), $next, "$about: the whole of it");
        }
    }

    /**
     * The least cost of all there are: each page whole in a room, in two rooms, or in none.
     *
     * @param list<ToDraw> $pages
     * @param list<FreeEvening>   $rooms
     *
     * @return list<int>
     */
    private static function cheapest(array $pages, array $rooms): array
    {
        $best = null;
        $walk = static function (int $i, array $in, array $left) use (&$walk, &$best, $pages, $rooms): void {
            if (!isset($pages[$i])) {
                $cost = self::cost($in, $left, $rooms);
                $best = null === $best || (null !== $cost && $cost < $best) ? $cost : $best;

                return;
            }
            foreach ($rooms as $at => $room) {
                $with = $in;
                $with[$at][] = $pages[$i]->whole();
                $walk($i + 1, $with, $left);
            }
            foreach ($pages[$i]->halves() as [$first, $second]) {
                foreach ($rooms as $at => $room) {
                    for ($later = $at + 1; $later < \count($rooms); ++$later) {
                        $with = $in;
                        $with[$at][] = $first;
                        $with[$later][] = $second;
                        $walk($i + 1, $with, $left);
                    }
                }
            }
            $walk($i + 1, $in, [...$left, $pages[$i]]);
        };
        $walk(0, array_fill(0, \count($rooms), []), []);

        return $best ?? [];
    }

    /**
     * @param list<list<Stint>> $in
     * @param list<ToDraw>      $left
     * @param list<FreeEvening>        $rooms
     *
     * @return list<int>|null
     */
    private static function cost(array $in, array $left, array $rooms): ?array
    {
        $cost = [0, 0, 0, 0, 0, 0, 0];
        foreach ($left as $page) {
            $cost[0 === $page->rank ? 0 : 1] += $page->whole()->minutes();
        }
        foreach ($in as $at => $pieces) {
            $line = new Timeline($pieces);
            if ($line->length > $rooms[$at]->minutes) {
                return null;
            }
            $cost[6] += $line->idle;
            $knife = false;
            foreach ($pieces as $piece) {
                $cost[2] += $rooms[$at]->begins >= $piece->page->needed ? $piece->minutes() : 0;
                $cost[3] += 0 === $piece->from && !$piece->isWhole() && !$piece->isLeftToDry() ? 1 : 0;
                $cost[5] += $at * max(1, 4 - $piece->page->rank) * $piece->minutes();
                $knife = $knife || $piece->craft;
            }
            $cost[4] += $knife ? 1 : 0;
        }

        return $cost;
    }

    /** @return list<ToDraw> */
    private static function pages(int $count, int $steps): array
    {
        $pages = [];
        for ($i = 0; $i < $count; ++$i) {
            $all = [];
            $wait = mt_rand(1, $steps);
            for ($n = 0; $n <= $steps; ++$n) {
                $all[] = $n === $wait
                    ? new StepTime("w$i-$n", 0.0, wait: true)
                    : new StepTime("s$i-$n", 60.0 * mt_rand(1, 12), 0 === mt_rand(0, 2) ? 60.0 * mt_rand(1, 12) : 0.0, $n < $wait && 0 !== mt_rand(0, 3), false, 0 === mt_rand(0, 9));
            }
            $closes = mt_rand(0, 6);
            $pages[] = new ToDraw("page-$i 0", 2 + mt_rand(0, 2 * $count), mt_rand(0, 2), 0 === mt_rand(0, 4) ? 1440 : 99_999, $all, $closes, $closes + mt_rand(0, 12));
        }

        return $pages;
    }

    /** @return list<FreeEvening> */
    private static function rooms(int $count, int $least, int $most): array
    {
        $rooms = [];
        for ($i = 0; $i < $count; ++$i) {
            $rooms[] = new FreeEvening("evening-$i", 1440 * $i, mt_rand($least, $most));
        }

        return $rooms;
    }

    /** @param list<StepTime> $steps */
    private static function page(int $page, array $steps, ?string $put = null): ToDraw
    {
        return new ToDraw("page-$page 0", $page, 0, 99_999, $steps, 4, 12, $put);
    }
}
