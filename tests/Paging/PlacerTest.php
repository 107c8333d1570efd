<?php

declare(strict_types=1);

namespace Tests\Paging;

use AmpleMargin\Paging\PageRules;
use AmpleMargin\Paging\Placeable;
use AmpleMargin\Paging\PlacedSpread;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Paging\Placer;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Side;
use PHPUnit\Framework\TestCase;

final class PlacerTest extends TestCase
{
    public function testAnOpeningStartsLeftAndALaterPageIsMovedUpToFillTheGap(): void
    {
        $placement = Placer::place(
            [[self::page('cover'), self::page('key'), self::opening('log'), self::page('quote'), self::page('goals')]],
            new PageRules(1, 192),
        );

        self::assertSame(['cover' => 1, 'key' => 2, 'quote' => 3, 'log' => 4, 'goals' => 6], self::pages($placement));
        self::assertSame('Moved up before log to fill page 3, so that log starts on a left page.', substr($placement->why['quote'], -70));
        self::assertStringStartsWith('Opening: starts on a left page, 4. quote was moved up to fill page 3', $placement->why['log']);
        self::assertSame([], $placement->empty);
    }

    public function testWithoutAPageToFillItAGapStaysEmptyAndSaysWhy(): void
    {
        $placement = Placer::place([[self::opening('log'), self::opening('year')]], new PageRules(1, 192));

        self::assertSame([1], $placement->empty);
        self::assertStringContainsString('Page 1 would split it', $placement->why['log']);
    }

    public function testEverythingFlowsRoundAPin(): void
    {
        $placement = Placer::place(
            [[self::page('a'), new Placeable('p', 'p', 4, true, pin: 2), self::page('b'), self::page('c')]],
            new PageRules(1, 20),
        );

        self::assertSame(['a' => 1, 'p' => 2, 'b' => 4, 'c' => 5], self::pages($placement));
    }

    public function testAPinThatSplitsAnOpeningIsLetGoWithOffersThatWork(): void
    {
        $placement = Placer::place([[self::page('a'), new Placeable('log', 'Log', 4, true, pin: 7)]], new PageRules(1, 20));

        self::assertSame('Log is an opening; page 7 is a right page and would split it.', $placement->findings[0]->says);
        self::assertSame(
            ['Pin it to page 6', 'Pin it to page 8', 'Take the pin out'],
            array_column($placement->findings[0]->offers, 'say'),
        );
        self::assertNotNull($placement->pageOf('log'));
    }

    public function testOfTwoPinsOnOnePageTheEarlierSpreadKeepsIt(): void
    {
        $placement = Placer::place([[new Placeable('a', 'A', 2, pin: 5), new Placeable('b', 'B', 2, pin: 5)]], new PageRules(1, 20));

        self::assertSame(5, $placement->pageOf('a'));
        self::assertSame('B is pinned to page 5, where A is pinned already.', $placement->findings[0]->says);
    }

    public function testAPairFacesEachOtherWhereThatCostsNothing(): void
    {
        // In the order a, b, c the pair would stand on 1 and 2; any order moves the same, so the one that keeps the pair wins.
        $placement = Placer::place([[self::opening('o'), new Placeable('a', 'a', 2, faces: 'b'), self::page('b')]], new PageRules(2, 20));

        self::assertSame(['o' => 2, 'a' => 4, 'b' => 5], self::pages($placement));
        self::assertStringContainsString('Faces b, as it should.', $placement->why['a']);
    }

    public function testAPairAcrossSectionsIsSaidToBeImpossible(): void
    {
        $placement = Placer::place([[new Placeable('a', 'A', 2, faces: 'b')], [self::page('b')]], new PageRules(1, 20));

        self::assertStringContainsString('different sections', $placement->findings[0]->says);
    }

    public function testTheBackOfAPageThatBleedsStaysEmptyOrIsDecoration(): void
    {
        $bleeds = new Placeable('collage', 'collage', 2, medium: Medium::Bleeds);
        $placement = Placer::place(
            [[$bleeds, self::page('a'), new Placeable('paint', 'paint', 2, medium: Medium::Decoration), self::page('b')]],
            new PageRules(1, 40),
        );

        self::assertSame(1, $placement->pageOf('collage'));
        self::assertSame(2, $placement->pageOf('paint'));
        self::assertSame([], $placement->empty);
    }

    public function testStampedPagesKeepOffTheFirstLeaves(): void
    {
        $placement = Placer::place(
            [[new Placeable('s', 's', 2, medium: Medium::Stamped), ...array_map(self::page(...), ['a', 'b', 'c', 'd', 'e', 'f'])]],
            new PageRules(1, 40),
        );

        self::assertSame(7, $placement->pageOf('s'));
    }

    public function testTwoHalfPagesShareAPage(): void
    {
        $placement = Placer::place([[new Placeable('h1', 'h1', 1), self::page('a'), new Placeable('h2', 'h2', 1)]], new PageRules(1, 40));
        $halves = [];
        foreach ($placement->placed as $placed) {
            $halves[$placed->spread->id] = [$placed->page, $placed->half];
        }

        self::assertSame([$halves['h1'][0], 1], $halves['h2']);
    }

    /**
     * Against exhaustive search: every order within every section, every way of leaving pages empty. The seed
     * is printed with any failure.
     */
    public function testNoOrderIsBetterThanTheOneFound(): void
    {
        $proven = 0;
        for ($seed = 1; $seed <= 1500; ++$seed) {
            mt_srand($seed);
            [$sections, $rules] = self::randomCase($seed <= 60 ? 6 : 5);
            $placement = Placer::place($sections, $rules);
            $best = (new Exhaustive($sections, $rules))->best();
            self::assertTrue($placement->proven, "seed $seed");
            if (null === $best) {
                // Beyond what was tried.
                continue;
            }
            self::assertSame($best, self::cost($placement, $sections, $rules), "seed $seed");
            ++$proven;
        }
        self::assertGreaterThan(1_480, $proven);
    }

    /** The same with half pages pinned here and there, and with pairs that must face each other. */
    public function testNoOrderRoundPinnedHalvesOrWithPairsThatMustFaceIsBetter(): void
    {
        [$shared, $required] = [0, 0];
        for ($seed = 1; $seed <= 1200; ++$seed) {
            mt_srand($seed);
            [$sections, $rules] = self::randomCase(5);
            $halves = [];
            $pins = [];
            for ($i = mt_rand(0, 2); $i > 0; --$i) {
                $page = mt_rand($rules->first + 1, 7);
                if (!isset($halves[$page]) && !isset($halves[$page - 1]) && !isset($halves[$page + 1])) {
                    $halves[$page] = Medium::Dry;
                    $pins[] = new Placeable("pin-$page", "pin-$page", 1, pin: $page);
                }
            }
            $sections = array_map(
                static fn (array $section): array => array_map(
                    static fn (Placeable $one): Placeable => null === $one->faces ? $one : self::mustFace($one),
                    $section,
                ),
                $sections,
            );
            $best = (new Exhaustive($sections, $rules, $halves))->best();
            if (null === $best || $best[0] > Exhaustive::MOST_EMPTY) {
                // Beyond what was tried.
                continue;
            }
            $placement = Placer::place([...\array_slice($sections, 0, -1), [...$sections[\count($sections) - 1], ...$pins]], $rules);
            $free = array_values(array_filter($placement->placed, static fn (PlacedSpread $placed): bool => null === $placed->spread->pin));
            $laid = array_map(static fn (PlacedSpread $placed): array => [$placed->spread, $placed->page, $placed->half], $free);
            self::assertSame($best, Exhaustive::cost($laid, $sections, $rules, $halves), "seed $seed");
            $shared += \count(array_filter($free, static fn (PlacedSpread $placed): bool => isset($halves[$placed->page])));
            $required += \count(Exhaustive::required($sections));
        }
        self::assertGreaterThan(30, $shared);
        self::assertGreaterThan(30, $required);
    }

    private static function mustFace(Placeable $one): Placeable
    {
        return new Placeable(
            $one->id,
            $one->name,
            $one->halves,
            $one->startsLeft,
            $one->side,
            $one->pin,
            $one->medium,
            $one->faces,
            $one->needsGrid,
            true,
        );
    }

    public function testTwoHalvesArePinnedToOnePageAndAThirdIsNot(): void
    {
        $placement = Placer::place(
            [[new Placeable('a', 'A', 1, pin: 5), new Placeable('b', 'B', 1, pin: 5), new Placeable('c', 'C', 1, pin: 5)]],
            new PageRules(1, 20),
        );

        self::assertSame([5, 5], [$placement->pageOf('a'), $placement->pageOf('b')]);
        self::assertSame('C is pinned to page 5, where A is pinned already.', $placement->findings[0]->says);
    }

    public function testAPinSaysWhyItsPageDoesNotSuitIt(): void
    {
        $why = static fn (
            Placeable $spread,
            PageRules $rules,
            Placeable ...$others,
        ): string => Placer::place([[...$others, $spread]], $rules)->findings[0]->says;

        self::assertSame(
            'A cannot stand on page 1: page 1 has no dots.',
            $why(new Placeable('a', 'A', 2, pin: 1), new PageRules(1, 20, undotted: [1])),
        );
        self::assertSame(
            'A cannot stand on page 3: page 3 is skipped, ruined or kept for another.',
            $why(new Placeable('a', 'A', 2, pin: 3), new PageRules(1, 20, closed: [3])),
        );
        self::assertSame(
            'A cannot stand on page 3: page 3 is on one of the first or last 3 leaves, where stamps print unevenly.',
            $why(new Placeable('a', 'A', 2, pin: 3, medium: Medium::Stamped), new PageRules(1, 20)),
        );
        self::assertSame(
            'A cannot stand on page 4: what stands on page 3, on the back of the same leaf, bleeds through.',
            $why(new Placeable('a', 'A', 2, pin: 4), new PageRules(1, 20), new Placeable('b', 'B', 2, pin: 3, medium: Medium::Bleeds)),
        );
    }

    public function testAPairThatIsNotKeptIsSaidAndCanBeMadeARule(): void
    {
        $spreads = static fn (bool $must): array => [[
            self::page('a'),
            self::page('b'),
            new Placeable('c', 'C', 2, faces: 'd', mustFace: $must),
            self::page('d'),
        ]];
        $wished = Placer::place($spreads(false), new PageRules(1, 20));
        self::assertSame(['a' => 1, 'b' => 2, 'c' => 3, 'd' => 4], self::pages($wished));
        self::assertStringStartsWith('C stands on page 3, d on page 4: they do not face each other.', $wished->findings[0]->says);
        self::assertFalse($wished->findings[0]->broken);
        self::assertSame(['type' => 'set-spread', 'spread' => 'c', 'must_face' => true], $wished->findings[0]->offers[0]->edit);

        $ruled = Placer::place($spreads(true), new PageRules(1, 20));
        self::assertSame(self::pages($ruled)['d'], Leaf::facing(self::pages($ruled)['c']));
        self::assertSame([], $ruled->findings);
    }

    public function testTheSamePlanIsAlwaysPlacedTheSame(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            mt_srand($seed);
            [$sections, $rules] = self::randomCase(6);
            self::assertSame(self::pages(Placer::place($sections, $rules)), self::pages(Placer::place($sections, $rules)));
        }
    }

    public function testARunOf300PagesIsPlacedAndItsEndIsPastTheBook(): void
    {
        $placement = Placer::place([[self::page('a'), new Placeable('run', 'Run', 600, true)]], new PageRules(1, 160));

        self::assertSame(['a' => 1, 'run' => 2], self::pages($placement));
        self::assertSame(302, $placement->next);
    }

    public function testADoorGroupOfThreeLeavesIsEightPagesFromALeftPage(): void
    {
        // Left page, 2 × 3 faces, right page: 2 + 2d pages (docs/trade.md, "Doors, tabs and other cuts").
        $placement = Placer::place(
            [[self::page('a'), self::page('b'), new Placeable('doors', 'Doors', 16, true), self::page('c')]],
            new PageRules(1, 160),
        );

        self::assertSame(['a' => 1, 'b' => 2, 'c' => 3, 'doors' => 4], self::pages($placement));
    }

    public function testTwoHundredSpreadsAreStillPlacedEveryPageOnce(): void
    {
        mt_srand(7);
        $spreads = [];
        for ($i = 0; $i < 200; ++$i) {
            $spreads[] = 0 === mt_rand(0, 2) ? self::opening("s$i") : self::page("s$i");
        }
        $placement = Placer::place([$spreads], new PageRules(1, 1000));
        $seen = [];
        foreach ($placement->placed as $placed) {
            self::assertFalse($placed->spread->startsLeft && 1 === $placed->page % 2);
            for ($page = $placed->page; $page <= $placed->lastPage(); ++$page) {
                self::assertArrayNotHasKey($page, $seen);
                $seen[$page] = true;
            }
        }
        self::assertCount(200, $placement->placed);
        self::assertSame([], $placement->empty);
    }

    /** @return array{list<list<Placeable>>, PageRules} */
    private static function randomCase(int $most): array
    {
        $sections = [];
        $left = mt_rand(1, $most);
        $id = 0;
        while ($left > 0) {
            $size = mt_rand(1, $left);
            $left -= $size;
            $section = [];
            for ($i = 0; $i < $size; ++$i) {
                $section[] = self::randomSpread('s'.$id++, $i > 0 && 0 === mt_rand(0, 3) ? 's'.($id - 2) : null);
            }
            $sections[] = $section;
        }

        return [$sections, new PageRules(mt_rand(1, 2), 60, 0 === mt_rand(0, 2) ? Side::Left : Side::Any, 0 === mt_rand(0, 3) ? [1] : [])];
    }

    private static function randomSpread(string $id, ?string $faces): Placeable
    {
        // Among them door groups of eight pages, and runs that start on a right page, such as a leaf with a window.
        $halves = [2, 2, 2, 4, 4, 1, 6, 16][mt_rand(0, 7)];
        $medium = [Medium::Dry, Medium::Dry, Medium::Dry, Medium::Bleeds, Medium::Decoration][mt_rand(0, 4)];
        $startsLeft = $halves > 2 && mt_rand(0, 3) > 0;
        $side = match (true) {
            2 === $halves => [Side::Any, Side::Any, Side::Any, Side::Left, Side::Right][mt_rand(0, 4)],
            $halves > 2 && !$startsLeft => [Side::Any, Side::Right][mt_rand(0, 1)],
            default => Side::Any,
        };

        return new Placeable(
            $id,
            $id,
            $halves,
            $startsLeft,
            $side,
            null,
            1 === $halves ? Medium::Dry : $medium,
            $faces,
            mt_rand(0, 4) > 0,
        );
    }

    /**
     * What a placement costs, counted afresh from its pages.
     *
     * @return array{int, int, int} empty half pages, places moved, pairs kept as a negative number
     */
    private static function cost(Placement $placement, array $sections, PageRules $rules): array
    {
        return Exhaustive::cost(
            array_map(static fn (PlacedSpread $placed): array => [$placed->spread, $placed->page, $placed->half], $placement->placed),
            $sections,
            $rules,
        );
    }

    private static function page(string $id): Placeable
    {
        return new Placeable($id, $id, 2);
    }

    private static function opening(string $id): Placeable
    {
        return new Placeable($id, $id, 4, true);
    }

    /** @return array<string, int> */
    private static function pages(Placement $placement): array
    {
        $pages = [];
        foreach ($placement->placed as $placed) {
            $pages[$placed->spread->id] = $placed->page;
        }

        return $pages;
    }
}
