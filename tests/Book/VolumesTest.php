<?php

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Fit\MoreBooks;
use AmpleMargin\Book\Fit\WayToLast;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class VolumesTest extends TestCase
{
    private const SMALL = [
        'width' => 105,
        'height' => 148,
        'pitch' => 5,
        'across' => 17,
        'down' => 25,
        'pages' => 160,
        'first_leaf' => 'ordinary',
    ];

    public function testTwoBooksShareTheMonthsBetweenThemEachOnItsStock(): void
    {
        $plan = Books::edited(
            Books::sample(),
            [['type' => 'add-book', 'from' => '2027-07', 'title' => 'Part two', 'stock' => self::SMALL]],
        );
        [$first, $second] = [Composer::compose($plan, '1'), Composer::compose($plan, '2')];

        self::assertSame(['2027-01', '2027-06'], [self::months($first->months)[0], self::months($first->months)[5]]);
        self::assertCount(6, $first->months);
        self::assertSame(['2027-07', '2027-12'], [self::months($second->months)[0], self::months($second->months)[5]]);
        self::assertSame([17, 160], [$second->plan->stock->across, $second->plan->stock->pages]);
        self::assertSame([], $second->front->placed);
    }

    public function testASpreadInAnotherBookIsReferredToInTheIndex(): void
    {
        $plan = Books::edited(Books::sample(), [
            ['type' => 'add-book', 'title' => 'Collections'],
            ['type' => 'set-spread', 'spread' => 'goals-by-area', 'book' => '2'],
            ['type' => 'add-spread', 'kind' => 'index', 'book' => '2'],
        ]);
        [$first, $second] = [Composer::compose($plan, '1'), Composer::compose($plan, '2')];
        $rows = static fn ($book): array => array_column($book->index, 'pages', 'name');

        self::assertNull($first->pageOf('goals-by-area'));
        self::assertSame("book 2, {$second->pageOf('goals-by-area')}", $rows($first)['Goals by area']);
        self::assertSame('book 1, 8', $rows($second)['Future log']);
        self::assertSame([], $second->months, 'a book without months');
        self::assertTrue($second->runOut->fits);
    }

    public function testABookThatRunsOutIsOfferedTheBestMonthToSwitch(): void
    {
        $plan = Books::edited(
            Books::starter(),
            [
                ['type' => 'use-pattern', 'pattern' => 'rich'],
                ['type' => 'set-weeks', 'weeks' => ['first' => 1, 'school' => 'most-days', 'pages' => '2']],
            ],
        );
        $ways = (new MoreBooks($plan))->ways();
        $switch = array_values(array_filter($ways, static fn (WayToLast $way): bool => str_starts_with($way->say, 'Two books')))[0];
        $after = Edits::apply($plan, $switch->edit)->plan;
        $least = static fn (Plan $one): int => min(
            Composer::compose($one, '1')->runOut->slack(),
            Composer::compose($one, '2')->runOut->slack(),
        );

        // Every other month, tried one by one.
        foreach (\array_slice($plan->period->months(), 1) as $month) {
            self::assertLessThanOrEqual(
                $least($after),
                $least(Edits::apply($plan, ['type' => 'add-book', 'from' => $month->iso()])->plan),
                $month->iso(),
            );
        }
        self::assertGreaterThan(0, $least($after));
    }

    public function testTheYearlyPagesCanHaveABookOfTheirOwn(): void
    {
        $plan = Books::sample();
        $own = (new MoreBooks($plan))->ways()[0];
        $after = Edits::apply($plan, $own->edit)->plan;

        self::assertSame($own->saves, Composer::compose($after, '1')->runOut->slack() - Composer::compose($plan)->runOut->slack());
        self::assertNotNull(Composer::compose($after, '2')->pageOf('future-log'));
    }

    public function testABookIsTakenAwayAndItsSpreadsComeBack(): void
    {
        $plan = Books::edited(Books::sample(), [
            ['type' => 'add-book', 'from' => '2027-07'],
            ['type' => 'set-spread', 'spread' => 'key', 'book' => '2'],
            ['type' => 'set-book', 'book' => '2', 'from' => '2027-09'],
            ['type' => 'remove-book', 'book' => '2'],
        ]);

        self::assertEquals(Books::sample(), $plan);
    }

    public function testWhatCannotBeABookIsRefused(): void
    {
        $plan = Books::edited(Books::sample(), [['type' => 'add-book', 'from' => '2027-07']]);
        foreach ([
            ['add-book', ['from' => '2027-07'], 'from'],
            ['add-book', ['from' => '2027-01'], 'from'],
            ['add-book', ['from' => '2030-01'], 'from'],
            ['add-book', ['stock' => ['across' => 0] + self::SMALL], 'stock/across'],
            ['set-book', ['book' => '9'], 'book'],
            ['set-spread', ['spread' => 'key', 'book' => '5'], 'book'],
        ] as [$type, $edit, $field]) {
            try {
                Edits::apply($plan, ['type' => $type] + $edit);
                self::fail("$type was taken.");
            } catch (PlanProblem $problem) {
                self::assertSame("edit/$field", $problem->field);
            }
        }
    }

    public function testAPlanOfTwoBooksComesBackFromItsFile(): void
    {
        $plan = Books::edited(
            Books::sample(),
            [
                ['type' => 'add-book', 'from' => '2027-07', 'stock' => self::SMALL],
                ['type' => 'set-spread', 'spread' => 'key', 'book' => '2'],
            ],
        );
        [$read] = Books::files()->read(Books::files()->file($plan, []));

        self::assertEquals($plan, $read);
    }

    /** The index of the first book was inked with December before there was a second: both sides of the move are said. */
    public function testAMonthThatMovesToALaterBookIsACorrectionOfTheInkedIndex(): void
    {
        $of = static fn (array $edits): array => array_map(
            static fn ($one): string => "$one->name: $one->was, $one->now",
            Composer::compose(Books::edited(Books::starter(), $edits))->corrections,
        );
        $december = Composer::compose(Books::starter())->months[11]->range();
        $second = Composer::compose(Books::edited(Books::starter(), [['type' => 'add-book', 'from' => '2027-12']]), '2')->months[0]->range();
        $used = ['type' => 'set-used', 'month' => '2027-01', 'page' => 40];
        $book = ['type' => 'add-book', 'from' => '2027-12'];
        self::assertContains("December 2027: $december, → Book 2, $second", $of([$used, $book]));
        self::assertSame([], preg_grep('/^December/', $of([$book, $used])), 'inked with the second book already');
    }

    public function testAShorterPeriodLeavesABookThatBeganAfterItWithoutMonths(): void
    {
        $plan = Books::edited(
            Books::sample(),
            [['type' => 'add-book', 'from' => '2027-07'], ['type' => 'set-period', 'period' => ['start' => '2027-01', 'end' => '2027-06']]],
        );

        self::assertCount(6, Composer::compose($plan)->months);
        self::assertSame([], Composer::compose($plan, '2')->months);
    }

    /**
     * @param list<MonthBlock> $blocks
     *
     * @return list<string>
     */
    private static function months(array $blocks): array
    {
        return array_map(static fn (MonthBlock $block): string => $block->month->iso(), $blocks);
    }
}
