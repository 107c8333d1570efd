<?php

declare(strict_types=1);

namespace Tests\Paging;

use AmpleMargin\Book\PartsOfCatalogue;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Calendar\WeekSchool;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Paging\RunOut;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\WeekPages;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Blocks of months worked out by hand, in the terms of docs/words.md. */
final class MonthLayoutTest extends TestCase
{
    /** February 2027, Monday first, most days: four weeks. */
    public static function blocks(): iterable
    {
        yield 'a divider on a right page, then the calendar opening' => [
            [['month-divider', 1], ['month-calendar', 2]],
            11,
            ['month-divider 11', 'month-calendar 12–13'],
        ];
        yield 'from a left page the free page goes before the divider' => [
            [['month-divider', 1], ['month-calendar', 2]],
            12,
            ['free 12', 'month-divider 13', 'month-calendar 14–15'],
        ];
        yield 'a calendar alone waits for a left page' => [[['month-calendar', 2]], 11, ['free 11', 'month-calendar 12–13']];
        yield 'a calendar of one page goes anywhere' => [
            [['month-calendar', 1], ['month-notes', 1]],
            11,
            ['month-calendar 11', 'month-notes 12'],
        ];
        yield 'weeks of a page each' => [
            [['month-calendar', 2], ['weeks', 0]],
            12,
            ['month-calendar 12–13', 'weeks 14', 'weeks 15', 'weeks 16', 'weeks 17'],
        ];
        yield 'a part of no pages is not there' => [[['month-divider', 0], ['month-notes', 2]], 12, ['month-notes 12–13']];
        yield 'no parts, no pages' => [[], 12, []];
    }

    /**
     * @param list<array{string, int}> $parts
     * @param list<string>             $expected
     */
    #[DataProvider('blocks')]
    public function testABlockIsLaidAsByHand(array $parts, int $from, array $expected): void
    {
        $block = self::layout($parts)->from($from)[0];

        self::assertSame($expected, self::said($block->parts));
        self::assertSame([] === $expected ? '—' : null, [] === $expected ? $block->range() : null);
    }

    public function testWeeksOfTwoPagesStartLeftEach(): void
    {
        $block = self::layout([['month-divider', 1], ['weeks', 0]], WeekPages::Two)->from(12)[0];

        self::assertSame(
            ['free 12', 'month-divider 13', 'weeks 14–15', 'weeks 16–17', 'weeks 18–19', 'weeks 20–21'],
            self::said($block->parts),
        );
    }

    public function testAPinnedSpreadInsideAMonthIsPassedOver(): void
    {
        $plan = new MonthPlan([self::pattern([['month-calendar', 2], ['month-notes', 2]])], 'p');
        $block = (new MonthLayout(new PartsOfCatalogue(new Catalogue()), $plan, new WeekPlan(), self::period(), [14 => true]))->from(12)[0];

        self::assertSame(['month-calendar 12–13', 'pinned 14', 'month-notes 15–16'], self::said($block->parts));
        self::assertSame('12–13, 15–16', $block->range(), 'a month’s range holds no page of another spread');
    }

    public function testMonthsFollowOneAnother(): void
    {
        $plan = new MonthPlan(
            [self::pattern([['month-notes', 3]]), new Pattern('long', 'Long', [new PatternPart('month-notes', 7)])],
            'p',
            ['2027-03' => 'long'],
        );
        $blocks = (new MonthLayout(
            new PartsOfCatalogue(new Catalogue()),
            $plan,
            new WeekPlan(),
            new Period(new Month(2027, 2), new Month(2027, 4)),
        ))->from(10);

        self::assertSame(['10–12', '13–19', '20–22'], array_map(static fn ($block): string => $block->range(), $blocks));
    }

    public function testRunningOutNamesThePageTheMonthAndTheFirstDayWithoutAPage(): void
    {
        $blocks = self::layout([['month-calendar', 2], ['weeks', 0]])->from(12);

        self::assertSame('Fits, 3 pages spare.', RunOut::of($blocks, 20, 11)->sentence(new Names()));
        self::assertSame('Fits, 0 pages spare.', RunOut::of($blocks, 17, 11)->sentence(new Names()));
        // Pages 12–13 calendar, 14–17 the weeks of 1, 8, 15 and 22 February: with 15 pages the third week has none.
        self::assertSame(
            'Runs out on page 15, in February 2027: 2 pages short. From Mon 15 Feb on there is no page.',
            RunOut::of($blocks, 15, 11)->sentence(new Names()),
        );
        self::assertSame(
            'Runs out on page 16, in February 2027: 1 page short. From Mon 22 Feb on there is no page.',
            RunOut::of($blocks, 16, 11)->sentence(new Names()),
        );
        self::assertSame('Runs out on page 10: 1 page short.', RunOut::of([], 10, 11)->sentence(new Names()));
    }

    public function testTheWorkingAddsUp(): void
    {
        $block = self::layout([['month-divider', 1], ['month-calendar', 2], ['weeks', 0], ['month-notes', 2]])->from(12)[0];

        self::assertSame('1 free + 1 divider + 2 calendar + 4 for 4 weeks at 1 page + 2 notes = 10 pages', $block->working);
        self::assertSame(10, $block->pages);
    }

    /** @param list<array{string, int}> $parts */
    private static function layout(array $parts, WeekPages $pages = WeekPages::One): MonthLayout
    {
        return new MonthLayout(
            new PartsOfCatalogue(new Catalogue()),
            new MonthPlan([self::pattern($parts)], 'p'),
            new WeekPlan(Weekday::Monday, WeekSchool::MostDays, $pages),
            self::period(),
        );
    }

    /** @param list<array{string, int}> $parts */
    private static function pattern(array $parts): Pattern
    {
        return new Pattern('p', 'P', array_map(static fn (array $part): PatternPart => new PatternPart(...$part), $parts));
    }

    private static function period(): Period
    {
        return new Period(new Month(2027, 2), new Month(2027, 2));
    }

    /**
     * @param list<MonthPart> $parts
     *
     * @return list<string>
     */
    private static function said(array $parts): array
    {
        return array_map(
            static fn (MonthPart $part): string => "$part->kind $part->page".($part->pages > 1 ? "–{$part->lastPage()}" : ''),
            $parts,
        );
    }
}
