<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Reference\Luxon;

final class CopyingTest extends TestCase
{
    /** What is copied row by row is the month a date library walks through, day after day. */
    public function testTheRowsToCopyAreTheMonthOfADateLibrary(): void
    {
        foreach (Luxon::months() as $iso => $said) {
            foreach ([Weekday::Monday, Weekday::Sunday, Weekday::Saturday] as $first) {
                $month = Month::read($iso) ?? self::fail($iso);
                $rows = array_chunk([...array_fill(0, ($said['weekday'] - $first->value + 7) % 7, null), ...range(1, $said['days'])], 7);
                $rows[\count($rows) - 1] = array_pad($rows[\count($rows) - 1], 7, null);
                self::assertSame($rows, (new MonthGrid($month, $first))->figures(), $iso);
            }
        }
    }

    /** The check that closes a month, worked out again from its rows. */
    public function testTheClosingCheckIsWhatTheRowsSay(): void
    {
        for ($year = 1990; $year <= 2060; ++$year) {
            for ($month = 1; $month <= 12; ++$month) {
                foreach ([Weekday::Monday, Weekday::Sunday, Weekday::Saturday] as $first) {
                    $grid = new MonthGrid(new Month($year, $month), $first);
                    $rows = $grid->figures();
                    $last = \count($rows) - 1;
                    $column = max(array_keys(array_filter($rows[$last], is_int(...))));
                    $ends = array_values(array_filter(array_column($rows, 6), is_int(...)));
                    self::assertSame(
                        \sprintf(
                            '%d must land in row %d, column %d; the last column reads %s',
                            $rows[$last][$column],
                            $last + 1,
                            $column + 1,
                            implode(', ', $ends),
                        ),
                        $grid->closingCheck(),
                    );
                }
            }
        }
    }

    /** Wherever months are written, each is copied once, by a step of its own that is on the same page. */
    public function testEveryMonthToCopyHasItsStep(): void
    {
        foreach ([
            ['year-at-a-glance', ['way' => 'mini']],
            ['year-at-a-glance', ['way' => 'notes']],
            ['year-at-a-glance', ['way' => 'split']],
            ['future-log', ['mini' => 'above', 'months_per_page' => 4]],
            ['future-log', ['mini' => 'beside', 'months_per_page' => 3, 'columns' => 1]],
        ] as [$id, $settings]) {
            $book = Composer::compose(Books::edited(Books::sample(), [['type' => 'set-spread', 'spread' => $id, 'settings' => $settings]]));
            $titles = [];
            foreach ($book->spreadDrawings($id) as $page) {
                $keys = array_map(static fn (Step $step): string => $step->key, $page->steps);
                foreach ($page->copying as $copying) {
                    self::assertContains($copying->step, $keys);
                    self::assertCount(7, $copying->headings);
                    $titles[] = $copying->title;
                }
            }
            self::assertSame(
                [
                    'January 2027',
                    'February 2027',
                    'March 2027',
                    'April 2027',
                    'May 2027',
                    'June 2027',
                    'July 2027',
                    'August 2027',
                    'September 2027',
                    'October 2027',
                    'November 2027',
                    'December 2027',
                ],
                $titles,
                $id.json_encode($settings),
            );
        }
    }

    /** Common practice, no source: Sunday-first months and Monday-first weeks in the same book. */
    public function testASpreadMayBeginItsWeeksOnAnotherDayThanItsBook(): void
    {
        $book = Composer::compose(Books::edited(
            Books::sample(),
            [['type' => 'set-spread', 'spread' => 'year-at-a-glance', 'settings' => ['week_start' => '7']]],
        ));
        $may = $book->spreadDrawings('year-at-a-glance')[0]->copying[4];
        self::assertSame(['S', 'M', 'T', 'W', 'T', 'F', 'S'], $may->headings);
        self::assertSame(
            [[null, null, null, null, null, null, 1], [30, 31, null, null, null, null, null]],
            [$may->rows[0], $may->rows[5]],
            'May 2027 begins on a Saturday and needs six rows from Sunday',
        );
        self::assertSame(1, $book->plan->weeks->first->value);
    }

    /** One month and twenty-four, from any month on, in every way of drawing: each month once, in order. */
    public function testPeriodsOfOneAndOfTwentyFourMonthsAreDrawnWhole(): void
    {
        foreach ([['2027-08', '2027-08', 1], ['2027-03', '2029-02', 24]] as [$start, $end, $count]) {
            foreach (['mini', 'notes', 'split', 'matrix', 'dots', 'printed'] as $way) {
                $glance = 1 === $count ? 'half-year-at-a-glance' : 'year-at-a-glance';
                $plan = Books::edited(
                    Books::starter(null, $start, $end),
                    [['type' => 'set-spread', 'spread' => $glance, 'settings' => ['way' => $way]]],
                );
                $book = Composer::compose($plan);
                $drawn = $book->spreadDrawings($glance);
                self::assertSame(
                    [],
                    array_filter(
                        array_merge(...array_map(static fn (PageDrawing $page): array => $page->findings, $drawn)),
                        static fn ($finding): bool => $finding->broken,
                    ),
                    "$way $count",
                );
                if (\in_array($way, ['mini', 'notes', 'split'], true)) {
                    self::assertCount($count, array_merge(...array_map(static fn (PageDrawing $page): array => $page->copying, $drawn)));
                }
            }
            self::assertCount(
                $count,
                array_unique(array_merge(...array_map(
                    static fn (PageDrawing $page): array => array_column($page->rooms, 'for'),
                    $book->spreadDrawings('future-log'),
                ))),
            );
        }
    }
}
