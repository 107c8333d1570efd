<?php

declare(strict_types=1);

namespace Tests\Paging;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\SlotKind;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Paging\IndexCorrection;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Paging\SparePages;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Spare;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class InUseTest extends TestCase
{
    public function testAMonthThatTookMorePagesMovesLaterRangesAndListsThem(): void
    {
        $before = Composer::compose(Books::sample());
        $book = self::with([['type' => 'set-used', 'month' => '2027-01', 'page' => 31]]);

        self::assertSame(['17–29', '17–31'], [$before->months[0]->range(), $book->months[0]->range()]);
        self::assertSame(32, $book->months[1]->page);
        self::assertSame(
            ['January 2027', '17–29', '17–31'],
            [$book->corrections[0]->name, $book->corrections[0]->was, $book->corrections[0]->now],
        );
        foreach ($book->corrections as $correction) {
            $was = array_search(
                $correction->was,
                array_map(static fn (MonthBlock $block): string => $block->range(), $before->months),
                true,
            );
            self::assertSame($book->months[$was]->range(), $correction->now);
        }
        // By hand: 31 + 144 planned pages × 15/13 = 197 2/13, so 198; the months' last page is 183.
        self::assertSame(
            'So far 15 pages were taken for 13 planned. At this pace the book runs out in December 2027, 15 pages short.',
            $book->forecast?->sentence(new Names()),
        );
    }

    public function testAMonthThatTookFewerPagesIsCutAndTheNextComesUp(): void
    {
        $book = self::with([['type' => 'set-used', 'month' => '2027-01', 'page' => 27]]);

        self::assertSame(['17–27', 28], [$book->months[0]->range(), $book->months[1]->page]);
        self::assertStringContainsString('it fits', (string) $book->forecast?->sentence(new Names()));
    }

    public function testMonthsThatAreNotedFollowOneAnother(): void
    {
        $this->expectException(PlanProblem::class);
        $this->expectExceptionMessage('2027-01 already ends on page 31');
        self::with([
            ['type' => 'set-used', 'month' => '2027-01', 'page' => 31],
            ['type' => 'set-used', 'month' => '2027-02', 'page' => 30],
        ]);
    }

    /** Every page of a month lost in turn: no opening is split, and notes give way so that no later range moves. */
    public function testARuinedPageIsPassedOverWithoutABrokenOpening(): void
    {
        $before = Composer::compose(Books::sample());
        foreach (range(17, 60) as $page) {
            $book = self::with([['type' => 'set-lost', 'page' => $page]]);
            self::assertSame(SlotKind::Lost, $book->slot($page)->is);
            foreach ($book->months as $i => $block) {
                foreach ($block->parts as $part) {
                    self::assertFalse('month-calendar' === $part->kind && !Leaf::isLeft($part->page), "page $page lost");
                    self::assertTrue(
                        MonthPart::TAKEN === $part->kind || $page < $part->page || $page > $part->lastPage(),
                        "nothing stands on page $page",
                    );
                }
                // Each month has three pages of notes to give.
                self::assertSame($before->months[$i]->lastPage(), $block->lastPage(), "page $page lost, {$block->month->iso()}");
            }
        }
    }

    public function testARuinedPageInTheFrontIsFlowedRoundAndListed(): void
    {
        $book = self::with([['type' => 'set-lost', 'page' => 4]]);

        self::assertSame(5, $book->pageOf('quote'));
        self::assertContains('Motto', array_map(static fn (IndexCorrection $one): string => $one->name, $book->corrections));
        self::assertSame(8, $book->pageOf('future-log'), 'an opening stays an opening');
        self::assertEquals(
            Composer::compose(Books::sample())->slots,
            self::with([['type' => 'set-lost', 'page' => 4], ['type' => 'set-lost', 'page' => 4, 'lost' => false]])->slots,
        );
    }

    public function testSparePagesAreSharedToTheLastOne(): void
    {
        $even = self::with([['type' => 'set-spare', 'spare' => 'even']]);
        $spare = array_sum(array_map(
            static fn (MonthBlock $block): int => array_sum(array_map(
                static fn (MonthPart $part): int => MonthPart::SPARE === $part->kind ? $part->pages : 0,
                $block->parts,
            )),
            $even->months,
        ));
        self::assertTrue($even->runOut->fits);
        // By hand: of ten spare pages seven go to months, two more stand free before an opening, one is left.
        self::assertSame([7, 'Fits, 1 page spare.'], [$spare, $even->runOut->sentence(new Names())]);

        $weighted = self::with([['type' => 'set-spare', 'spare' => 'weights', 'weights' => ['2027-12' => 3, '2027-05' => 1]]]);
        $given = static fn (Book $book, int $i): int => array_sum(array_map(
            static fn (MonthPart $part): int => MonthPart::SPARE === $part->kind ? $part->pages : 0,
            $book->months[$i]->parts,
        ));
        self::assertSame([2, 8, 0], [$given($weighted, 4), $given($weighted, 11), $given($weighted, 0)]);
    }

    public function testSharesAddUpExactly(): void
    {
        $months = array_map(static fn (int $i): Month => new Month(2027, $i), range(1, 12));
        for ($pages = 1; $pages < 60; ++$pages) {
            foreach ([Spare::Even, Spare::Weights] as $spare) {
                $plan = new MonthPlan(
                    Books::starter()->months->patterns,
                    'plain',
                    [],
                    $spare,
                    ['2027-02' => 3, '2027-07' => 5, '2027-12' => 7],
                );
                $shares = SparePages::share($pages, $months, $plan);
                self::assertSame($pages, array_sum($shares));
                if (Spare::Even === $spare) {
                    self::assertLessThanOrEqual(1, max($shares) - (\count($shares) < 12 ? 0 : min($shares)));
                }
            }
        }
    }

    public function testSectionsThatMayMixFillAPageAcrossTheirBorder(): void
    {
        $plan = Books::starter()->with(['spreads' => []]);
        $plan = Books::edited($plan, [
            ['type' => 'add-spread', 'kind' => 'future-log'],
            ['type' => 'add-spread', 'kind' => 'goals-by-area'],
            ['type' => 'use-pattern', 'pattern' => 'plain'],
        ]);
        self::assertSame([[1], 4], [Composer::compose($plan)->front->empty, Composer::compose($plan)->pageOf('goals-by-area')]);

        $mixed = Composer::compose(Books::edited($plan, [['type' => 'set-mixing', 'mixing' => ['year']]]));
        self::assertSame([[], 1, 2], [$mixed->front->empty, $mixed->pageOf('goals-by-area'), $mixed->pageOf('future-log')]);
    }

    public function testAnInUsePlanComesBackFromItsFile(): void
    {
        $plan = Books::edited(Books::sample(), [
            ['type' => 'set-used', 'month' => '2027-01', 'page' => 31],
            ['type' => 'set-lost', 'page' => 45],
            ['type' => 'set-spare', 'spare' => 'weights', 'weights' => ['2027-12' => 3]],
            ['type' => 'set-mixing', 'mixing' => ['goals', 'year']],
        ]);
        [$read] = Books::files()->read(Books::files()->file($plan, []));

        self::assertEquals($plan, $read);
    }

    /** @param list<array<string, mixed>> $edits */
    private static function with(array $edits): Book
    {
        return Composer::compose(Books::edited(Books::sample(), $edits));
    }
}
