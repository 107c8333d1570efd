<?php

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Fit\WaysToFit;
use AmpleMargin\Book\ForeEdge;
use AmpleMargin\Book\SlotKind;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paper\FirstLeaf;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Catalogue\Catalogue;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Thorough;

final class ComposerTest extends TestCase
{
    /**
     * On random plans: every page once, openings left, runs contiguous, ranges in order, sums agree, the index agrees with the placement.
     */
    public function testWhatMustHoldOfEveryBook(): void
    {
        for ($seed = 1; $seed <= Thorough::of(60, 120); ++$seed) {
            $plan = Books::random($seed);
            $book = Composer::compose($plan);
            $this->everySpreadOnItsPages($book, "seed $seed");
            $this->monthsInOrder($book, "seed $seed");
            $this->indexAgrees($book, "seed $seed");
            self::assertSame(
                $plan->stock->pages,
                array_sum(array_map(static fn (array $stretch): int => $stretch['to'] - $stretch['from'] + 1, ForeEdge::of($book))),
                "seed $seed",
            );
            self::assertEquals($book->slots, Composer::compose($plan)->slots, "seed $seed is composed the same twice");
        }
    }

    private function everySpreadOnItsPages(Book $book, string $about): void
    {
        foreach ([$book->front, $book->back] as $placement) {
            $seen = [];
            foreach ($placement->placed as $placed) {
                self::assertFalse($placed->spread->startsLeft && !Leaf::isLeft($placed->page), $about);
                for ($page = $placed->page; $page <= $placed->lastPage(); ++$page) {
                    self::assertArrayNotHasKey($page, $seen, $about);
                    $seen[$page] = true;
                }
            }
            foreach (array_keys($seen) as $page) {
                self::assertGreaterThanOrEqual(
                    $book->plan->stock->firstLeaf->firstPage(),
                    $placement === $book->front ? $page : \PHP_INT_MAX,
                    $about,
                );
            }
        }
        self::assertCount(\count($book->plan->spreads), [...$book->front->placed, ...$book->back->placed], $about);
    }

    private function monthsInOrder(Book $book, string $about): void
    {
        $next = $book->front->next;
        foreach ($book->months as $block) {
            self::assertGreaterThanOrEqual($next, $block->page, $about);
            $at = $block->page;
            foreach ($block->parts as $part) {
                self::assertSame($at, $part->page, "$about: {$block->month->iso()} is contiguous");
                self::assertFalse('month-calendar' === $part->kind && 2 === $part->pages && !Leaf::isLeft($part->page), $about);
                $at += $part->pages;
            }
            self::assertSame($block->pages, $at - $block->page, $about);
            $drawn = array_sum(array_map(static fn ($part): int => \count($part->weeks), $block->parts));
            $weekParts = [] !== array_filter($block->pattern->parts, static fn ($part): bool => 'weeks' === $part->kind);
            self::assertSame($weekParts ? \count($block->weeks) : 0, $drawn, "$about: every week is drawn once");
            $next = $block->lastPage() + 1;
        }
        $last = ([] === $book->back->placed ? $book->plan->stock->pages + 1 : $book->back->placed[0]->page) - 1;
        self::assertSame($next - 1 <= $last, $book->runOut->fits, $about);
        self::assertSame(abs($last - ($next - 1)), $book->runOut->pages, $about);
    }

    private function indexAgrees(Book $book, string $about): void
    {
        $names = array_map(static fn (MonthBlock $block): string => $block->range(), $book->months);
        $months = array_values(array_filter($book->index, static fn ($row): bool => $row->isMonth));
        self::assertSame($names, array_column($months, 'pages'), $about);
        foreach ([...$book->front->placed, ...$book->back->placed] as $placed) {
            $range = 1 === $placed->spread->pages() ? (string) $placed->page : "{$placed->page}–{$placed->lastPage()}";
            self::assertContains($range, array_column($book->index, 'pages'), $about);
        }
    }

    public function testTwoHalfPagesShareAPageAndTheLowerIsCountedFromItsOwnEdge(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-spread', 'spread' => 'quote', 'settings' => ['half' => true, 'lines' => ['Above']]],
            ['type' => 'add-spread', 'kind' => 'notes', 'section' => 'front', 'title' => 'Below', 'settings' => ['half' => true]],
        ]);
        $book = Composer::compose($plan);
        $page = $book->pageOf('quote') ?? self::fail();
        self::assertSame($page, $book->pageOf('notes-2'));
        self::assertSame('Quote; Below', $book->slot($page)->title);
        $drawing = $book->drawing($page) ?? self::fail();
        self::assertSame(38, $drawing->down);
        $lines = array_filter($drawing->marks, static fn ($mark): bool => $mark instanceof Line && Layer::Ink === $mark->layer);
        // 38 = 18 + 2 + 18: the lower half begins 20 boxes down; below a title of 2 it has 16 lines, the last on the page's own edge.
        self::assertSame([23 * 840, 38 * 840], [min(array_column($lines, 'y')), max(array_column($lines, 'y'))]);
        self::assertCount(\count(array_unique(array_column($drawing->steps, 'key'))), $drawing->steps);
        self::assertSame(range(1, \count($drawing->steps)), array_column($drawing->steps, 'number'));
        self::assertStringStartsWith(
            'Lower half, counted from 20 boxes down: Rule 16 lines',
            implode(
                '',
                array_filter(array_column($drawing->steps, 'text'), static fn (string $text): bool => str_contains($text, 'Rule 16')),
            ),
        );
        self::assertSame([], $book->front->empty);
    }

    public function testHalvesAtTheBackEndOnTheLastPageAndTwoWholePagesAreNotHalved(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-spread', 'spread' => 'notes', 'settings' => ['half' => true]],
            ['type' => 'add-spread', 'kind' => 'notes', 'settings' => ['half' => true]],
        ]);
        self::assertSame([192, 192], [Composer::compose($plan)->pageOf('notes'), Composer::compose($plan)->pageOf('notes-2')]);

        $whole = Composer::compose(Books::edited($plan, [['type' => 'set-spread', 'spread' => 'notes', 'settings' => ['pages' => 2]]]));
        self::assertSame([38, 38], array_column($whole->spreadDrawings('notes'), 'down'));
    }

    public function testTheSampleIsPlannedToTheLastPage(): void
    {
        $book = Composer::compose(Books::sample());

        self::assertSame('Fits, 10 pages spare.', $book->runOut->sentence(new Names()));
        self::assertSame([192, 184, 8], [$book->pageOf('parts'), $book->pageOf('planner-doors'), $book->pageOf('future-log')]);
        self::assertSame([], array_filter($book->findings(), static fn ($finding): bool => $finding->broken));
    }

    public function testABookThatIsTooSmallSaysPageMonthAndDay(): void
    {
        $plan = Books::edited(
            Books::starter(),
            [
                ['type' => 'use-pattern', 'pattern' => 'rich'],
                ['type' => 'set-weeks', 'weeks' => ['first' => 1, 'school' => 'most-days', 'pages' => '2']],
            ],
        );
        $book = Composer::compose($plan);

        // The notes keep page 192, so 191 is the months' last.
        $months = $book->months;
        $end = $months[11]->lastPage();
        self::assertSame(['fits' => false, 'pages' => $end - 191], ['fits' => $book->runOut->fits, 'pages' => $book->runOut->pages]);
        self::assertMatchesRegularExpression(
            '/^Runs out on page 191, in \w+ 2027: \d+ pages short\. From \w+ \d+ \w+ on there is no page\.$/',
            $book->runOut->sentence(new Names()),
        );
    }

    public function testTheFirstLeafSetsWhereThePlanStarts(): void
    {
        foreach ([[FirstLeaf::Ordinary, 1], [FirstLeaf::Glued, 2], [FirstLeaf::Blank, 3]] as [$leaf, $page]) {
            self::assertSame($page, Composer::compose(Books::starter(Books::a5(192, $leaf)))->pageOf('name-page'));
        }
        $undotted = Composer::compose(Books::edited(
            Books::starter(Books::a5(192, FirstLeaf::Undotted)),
            [['type' => 'remove-spread', 'spread' => 'name-page']],
        ));
        self::assertSame('quote', $undotted->slot(1)->spread, 'Only what needs no counting stands on an undotted page.');
    }

    public function testAnUnknownKindIsKeptAndShown(): void
    {
        $plan = Books::starter();
        $plan = $plan->with(['spreads' => [
            ...$plan->spreads,
            new PlannedSpread('star-map', 'star-map', Section::Goals, 'Stars', ['north' => true]),
        ]]);
        $book = Composer::compose($plan);

        self::assertNotNull($book->pageOf('star-map'));
        self::assertStringContainsString('“star-map”', implode(' ', array_column($book->findings(), 'says')));
    }

    public function testAnEmptyPageOffersItsFillers(): void
    {
        $plan = Books::starter()->with(['spreads' => []]);
        $plan = Books::edited($plan, [['type' => 'add-spread', 'kind' => 'future-log'], ['type' => 'use-pattern', 'pattern' => 'plain']]);
        $book = Composer::compose($plan);
        self::assertSame([1], $book->front->empty);

        $finding = array_values(array_filter($book->findings(), static fn ($one): bool => 'page-1' === $one->about))[0];
        self::assertSame(['Put in: Quote', 'Put in: Notes'], array_column($finding->offers, 'say'));
        $filled = Composer::compose(Books::edited($plan, [$finding->offers[0]->edit]));
        self::assertSame([[], 'quote'], [$filled->front->empty, $filled->slot(1)->spread]);
    }

    /** Each says what is wrong, in place, and offers a way out; nothing throws. */
    public function testBooksAtTheEdgeSayWhatIsWrongAndOfferAWayOut(): void
    {
        $empty = Composer::compose(Books::starter()->with(['spreads' => []]));
        self::assertSame([], $empty->front->placed);
        self::assertTrue($empty->runOut->fits);

        $tiny = Books::starter(Books::a5(8), '2027-05', '2027-05');
        self::assertFalse(Composer::compose($tiny)->runOut->fits);
        self::assertNotNull((new WaysToFit(Books::first($tiny)))->best());

        $noPages = Books::edited(
            Books::starter(),
            [
                ['type' => 'set-pattern', 'pattern' => ['id' => 'none', 'name' => 'None', 'parts' => []]],
                ['type' => 'use-pattern', 'pattern' => 'none', 'month' => '2027-06'],
            ],
        );
        $june = Composer::compose($noPages)->months[5];
        self::assertSame([0, '—'], [$june->pages, $june->range()]);

        $many = [];
        for ($i = 0; $i < 200; ++$i) {
            $many[] = ['type' => 'add-spread', 'kind' => 0 === $i % 3 ? 'future-log' : 'quote'];
        }
        $full = Composer::compose(Books::edited(Books::starter(), $many));
        self::assertFalse($full->runOut->fits);
        $over = array_values(array_filter(
            $full->findings(),
            static fn ($finding): bool => str_contains($finding->says, 'the book has 192 pages'),
        ));
        self::assertNotSame([], $over);
        self::assertSame('remove-spread', $over[0]->offers[0]->edit['type']);

        $pins = Composer::compose(Books::edited(Books::starter(), [
            ['type' => 'set-spread', 'spread' => 'key', 'pin' => 40],
            ['type' => 'set-spread', 'spread' => 'quote', 'pin' => 40],
            ['type' => 'set-spread', 'spread' => 'cover', 'pin' => 500],
        ]));
        self::assertSame(40, $pins->pageOf('key'));
        $said = implode(' ', array_column($pins->findings(), 'says'));
        self::assertStringContainsString('Quote is pinned to page 40, where Key is pinned already.', $said);
        self::assertStringContainsString('the book has 192 pages', $said);
        self::assertSame(SlotKind::Spread, $pins->slot(40)->is, 'months flow round a pin');
    }

    public function testEdgesOfPeriodAndBookComposeWithoutAnError(): void
    {
        foreach ([
            ['2027-05', '2027-05', 8],
            ['2027-01', '2028-12', 8],
            ['2027-11', '2029-10', 1000],
            ['2027-01', '2027-12', 8],
        ] as [$start, $end, $pages]) {
            $book = Composer::compose(Books::starter(Books::a5($pages), $start, $end));
            self::assertNotSame('', $book->runOut->sentence(new Names()));
            for ($page = 1; $page <= $pages; ++$page) {
                $book->drawing($page);
            }
        }
        self::assertNotEmpty((new Catalogue())->monthParts());
    }
}
