<?php

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\SlotKind;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Books;

/** A book's pages are given once; what has none is said. A step is done once. */
final class EveryPageOnceTest extends TestCase
{
    public function testAFrontAndABackThatWantTheSamePagesAreNotBothGivenThem(): void
    {
        $plan = Books::starter(Books::a5(8))->with(['spreads' => []]);
        $edits = [];
        foreach ([...array_fill(0, 7, 'year'), ...array_fill(0, 3, 'back')] as $section) {
            $edits[] = ['type' => 'add-spread', 'kind' => 'notes', 'section' => $section];
        }
        $book = Composer::compose(Books::edited($plan, $edits));

        self::assertSame([6, 7, 8], array_map(static fn ($placed): int => $placed->page, $book->back->placed));
        self::assertCount(5, $book->front->placed);
        $without = array_values(array_filter($book->findings(), static fn (Finding $one): bool => str_contains($one->says, 'has no page')));
        self::assertSame(
            ['Notes has no page: the book has 8 pages, and its back begins on page 6.'],
            array_values(array_unique(array_column($without, 'says'))),
        );
        self::assertSame(['notes-6', 'notes-7'], array_column($without, 'about'));
        $this->isOnce($book, 'eight pages');
    }

    public function testPinsOfTheBackAndTheFrontAreSettledTogether(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'add-spread', 'kind' => 'notes', 'section' => 'back'],
            ['type' => 'set-spread', 'spread' => 'notes', 'pin' => 3],
            ['type' => 'set-spread', 'spread' => 'key', 'pin' => 3],
            ['type' => 'set-spread', 'spread' => 'quote', 'pin' => 192],
        ]);
        $book = Composer::compose($plan);

        self::assertSame([3, 192, 191], [$book->pageOf('key'), $book->pageOf('quote'), $book->pageOf('notes-2')]);
        self::assertContains('Notes is pinned to page 3, where Key is pinned already.', array_column($book->findings(), 'says'));
        $this->isOnce($book, 'pins');

        $kept = Composer::compose(Books::edited($plan, [['type' => 'set-spread', 'spread' => 'key', 'pin' => null]]));
        self::assertSame(3, $kept->pageOf('notes'), 'a page of the back pinned in front');
        self::assertTrue($kept->runOut->fits, 'months go on behind it');
        $this->isOnce($kept, 'a back page in front');
    }

    public function testTwoHalvesPinnedToOnePageAndOneThatJoinsAPinShareIt(): void
    {
        $half = ['half' => true];
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-spread', 'spread' => 'quote', 'pin' => 5, 'settings' => $half],
            ['type' => 'set-spread', 'spread' => 'key', 'settings' => $half],
        ]);
        $book = Composer::compose($plan);
        self::assertSame([5, 5], [$book->pageOf('quote'), $book->pageOf('key')]);
        $pinned = Composer::compose(Books::edited($plan, [['type' => 'set-spread', 'spread' => 'key', 'pin' => 5]]));
        self::assertEqualsCanonicalizing(['key', 'quote'], [$pinned->slot(5)->spread, $pinned->slot(5)->lower?->spread]);
        self::assertSame([], array_filter($pinned->findings(), static fn (Finding $one): bool => $one->broken));
    }

    public function testEveryPageOfRandomBooksIsGivenOnce(): void
    {
        for ($seed = 1; $seed <= 80; ++$seed) {
            $plan = Books::random($seed);
            mt_srand($seed);
            $edits = [];
            foreach ($plan->spreads as $spread) {
                if (0 === mt_rand(0, 2)) {
                    $edits[] = ['type' => 'set-spread', 'spread' => $spread->id, 'pin' => mt_rand(1, $plan->stock->pages)];
                }
                if (0 === mt_rand(0, 3)) {
                    $edits[] = ['type' => 'move-spread', 'spread' => $spread->id, 'section' => ['front', 'year', 'back'][mt_rand(0, 2)]];
                }
                if (0 === mt_rand(0, 2)) {
                    $edits[] = ['type' => 'set-spread', 'spread' => $spread->id, 'settings' => ['half' => true]];
                }
            }
            $this->isOnce(Composer::compose($this->shorter(Books::edited($plan, $edits))), "seed $seed");
        }
    }

    /** Some of the books are far too short for what they hold. */
    private function shorter(Plan $plan): Plan
    {
        $stock = ['pages' => 2 * mt_rand(4, 30)] + \AmpleMargin\Plan\PlanWriter::stock($plan->stock);

        return 0 === mt_rand(0, 1) ? $plan : Books::edited($plan, [['type' => 'set-stock', 'stock' => $stock]]);
    }

    private function isOnce(Book $book, string $about): void
    {
        $slots = [];
        for ($page = 1; $page <= $book->plan->stock->pages; ++$page) {
            $slot = $book->slot($page);
            foreach (array_filter([$slot, $slot->lower]) as $one) {
                if (SlotKind::Spread === $one->is) {
                    $slots["$one->spread/$one->nth"][] = $page;
                }
            }
        }
        // What the index says of a month holds no page of another spread; what runs over the end has no pages of its own.
        foreach ($book->months as $month) {
            preg_match_all('/(\d+)(?:–(\d+))?/u', $month->range(), $runs, \PREG_SET_ORDER);
            foreach ($runs as $run) {
                for ($page = (int) $run[1]; $page <= min($book->runOut->page, (int) ($run[2] ?? $run[1])); ++$page) {
                    self::assertNotSame(SlotKind::Spread, $book->slot($page)->is, "$about: page $page of {$month->range()}");
                }
            }
        }
        $homeless = [];
        foreach ([...$book->front->homeless, ...$book->back->homeless] as $placed) {
            $homeless[$placed->spread->id] = true;
            self::assertContains($placed->spread->id, array_column($book->findings(), 'about'), $about);
        }
        $expected = [];
        foreach ([...$book->front->placed, ...$book->back->placed] as $placed) {
            self::assertArrayNotHasKey($placed->spread->id, $homeless, $about);
            for ($nth = 0; $nth < $placed->spread->pages(); ++$nth) {
                $expected["{$placed->spread->id}/$nth"] = [$placed->page + $nth];
            }
        }
        ksort($slots);
        ksort($expected);
        self::assertSame($expected, $slots, $about);
        self::assertCount(
            \count($book->plan->spreads),
            array_unique(array_map(static fn (string $slot): string => explode('/', $slot)[0], array_keys($slots))) + $homeless,
            $about,
        );
    }

    public function testEveryStepOfAPageHasAKeyAndANumberOfItsOwn(): void
    {
        $plans = [
            Books::sample(),
            Books::edited(
                Books::starter(),
                [
                    [
                        'type' => 'set-pattern',
                        'pattern' => [
                            'id' => 'twice',
                            'name' => 'Twice',
                            'parts' => [
                                ['kind' => 'month-divider', 'pages' => 2],
                                ['kind' => 'month-goals', 'pages' => 3],
                                ['kind' => 'weeks', 'pages' => 0],
                            ],
                        ],
                    ],
                    ['type' => 'use-pattern', 'pattern' => 'twice'],
                ],
            ),
        ];
        for ($seed = 1; $seed <= 12; ++$seed) {
            $plans[] = Books::random($seed);
        }
        foreach ($plans as $i => $plan) {
            $book = Composer::compose($plan);
            $keys = $numbers = [];
            for ($page = 1; $page <= $plan->stock->pages; ++$page) {
                foreach ($book->drawing($page)->steps ?? [] as $step) {
                    $name = $book->drawingName($page);
                    self::assertNotContains($step->key, $keys[$name] ?? [], "plan $i, page $page: $step->text");
                    self::assertGreaterThan($numbers[$name] ?? 0, $step->number, "plan $i, page $page");
                    $keys[$name][] = $step->key;
                    $numbers[$name] = $step->number;
                }
            }
        }
    }

    public function testAFindingOfSeveralPagesIsSaidOnceWithItsPages(): void
    {
        $plan = Books::edited(
            Books::starter(),
            [[
                'type' => 'set-spread',
                'spread' => 'future-log',
                'settings' => ['months_per_page' => 4, 'columns' => 2, 'extra' => 'frame'],
            ]],
        );
        $book = Composer::compose($plan);
        $said = array_values(array_filter($book->findings(), static fn (Finding $one): bool => 'future-log' === $one->about));
        $page = $book->pageOf('future-log');
        self::assertCount(1, $said);
        self::assertStringStartsWith("On pages {$page}–".($page + 2).' (Future log): 4 months a page', $said[0]->says);
        self::assertNotSame([], $said[0]->offers);
    }

    public function testABookWithoutMonthsListsNoneInItsIndexAndAMonthBeginsOnAPageOfItsOwn(): void
    {
        $none = ['type' => 'set-pattern', 'pattern' => ['id' => 'none', 'name' => 'None', 'parts' => []]];
        $book = Composer::compose(Books::edited(Books::starter(), [$none, ['type' => 'use-pattern', 'pattern' => 'none']]));
        self::assertSame([], array_filter($book->index, static fn ($row): bool => $row->isMonth));

        $plan = Books::starter();
        $january = Composer::compose($plan)->months[0]->page;
        $pinned = Composer::compose(Books::edited(
            $plan,
            [
                ['type' => 'add-spread', 'kind' => 'notes', 'section' => 'year'],
                ['type' => 'set-spread', 'spread' => 'notes-2', 'pin' => $january],
                ['type' => 'use-pattern', 'pattern' => 'bare'],
            ],
        ));
        self::assertGreaterThan($january, $pinned->months[0]->page);
        foreach ($pinned->months as $month) {
            self::assertSame(SlotKind::Month, $pinned->slot($month->page)->is);
        }
    }
}
