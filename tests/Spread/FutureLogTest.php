<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Setting\Settings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class FutureLogTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, int, list<int>}> settings, pages, lines of each month on 26 × 38 */
    public static function schools(): iterable
    {
        // 38 − 3 for the title = 35 = 3 × 11 + 2 × 1; − 1 for the name = 10.
        yield 'six a page' => [['months_per_page' => 6, 'columns' => 2], 2, array_fill(0, 12, 10)];
        yield 'six a page, 1½ boxes a line' => [['months_per_page' => 6, 'columns' => 2, 'line' => '1.5'], 2, array_fill(0, 12, 6)];
        yield 'six a page, 2 boxes a line' => [['months_per_page' => 6, 'columns' => 2, 'line' => '2'], 2, array_fill(0, 12, 5)];
        // 35 = 2 × 17 + 1; − 1 for the name = 16.
        yield 'four a page' => [['months_per_page' => 4, 'columns' => 2], 3, array_fill(0, 12, 16)];
        // − 7 for the letters and six rows of a mini month above = 9: May and August 2027; February has four rows, the others five.
        yield 'four a page, mini months above' => [
            ['months_per_page' => 4, 'columns' => 2, 'mini' => 'above'],
            3,
            [10, 11, 10, 10, 9, 10, 10, 9, 10, 10, 10, 10],
        ];
        yield 'four a page, mini months above, a memory' => [
            ['months_per_page' => 4, 'columns' => 2, 'mini' => 'above', 'extra' => 'memory'],
            3,
            [7, 8, 7, 7, 6, 7, 7, 6, 7, 7, 7, 7],
        ];
        // 35 = 3 × 11 + 2 × 1: a lying print of 18 × 11 fills the height, and 26 − 18 − 1 beside it = 7 boxes for 10 lines.
        yield 'three a page, a frame beside the lines' => [
            ['months_per_page' => 3, 'columns' => 1, 'extra' => 'frame'],
            4,
            array_fill(0, 12, 10),
        ];
        yield 'a column per month, a mini month asked for where none can be' => [
            ['school' => 'columns', 'mini' => 'above'],
            2,
            array_fill(0, 12, 34),
        ];
        yield 'three a page, mini months beside' => [
            ['months_per_page' => 3, 'columns' => 1, 'mini' => 'beside'],
            4,
            array_fill(0, 12, 10),
        ];
        yield 'two a page, a frame for a print of 11 × 18 boxes' => [
            ['months_per_page' => 2, 'columns' => 1, 'extra' => 'frame'],
            6,
            array_fill(0, 12, 17 - 1 - 11),
        ];
        yield 'two a page, a count' => [['months_per_page' => 2, 'columns' => 1, 'extra' => 'statistic'], 6, array_fill(0, 12, 15)];
        yield 'a column per month' => [['school' => 'columns'], 2, array_fill(0, 12, 34)];
        // 35 − 1 for the categories = 34 ÷ 6 = 5 in each of four.
        yield 'by category' => [['school' => 'category'], 2, array_fill(0, 12, 20)];
        yield 'dates only' => [['school' => 'dates'], 1, array_fill(0, 12, 2)];
        yield 'with a door' => [['school' => 'door'], 4, array_fill(0, 12, 16)];
    }

    /**
     * @param array<string, mixed> $settings
     * @param list<int>            $lines
     */
    #[DataProvider('schools')]
    public function testEverySchoolLeavesTheLinesItsArithmeticSays(array $settings, int $pages, array $lines): void
    {
        $drawn = $this->draw($settings);
        self::assertCount($pages, $drawn);
        $months = [];
        foreach ($drawn as $page) {
            foreach ($page->rooms as $room) {
                $months[$room->for] = ($months[$room->for] ?? 0) + $room->lines;
            }
        }
        ksort($months);
        self::assertSame($lines, array_values($months));
        self::assertSame(array_map(static fn (int $month): string => \sprintf('2027-%02d', $month), range(1, 12)), array_keys($months));
    }

    /** @param array<string, mixed> $settings */
    #[DataProvider('schools')]
    public function testNothingIsWrittenWhereLinesAreKeptAndNoTwoRoomsMeet(array $settings): void
    {
        foreach ($this->draw($settings) as $page) {
            foreach ($page->rooms as $i => $room) {
                self::assertLessThanOrEqual(
                    $room->place[3] * $room->line->denominator,
                    $room->lines * $room->line->numerator * Grain::PER_BOX,
                );
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Words) {
                        self::assertFalse(
                            self::meet(
                                $room->place,
                                [$mark->x, $mark->y, $mark->wide, $mark->tall],
                            ) && 'dates' !== ($settings['school'] ?? '') && !('category' === ($settings['school'] ?? '') && 0 === $mark->x),
                            "“{$mark->text}” on the lines of $room->name",
                        );
                    }
                }
                foreach (\array_slice($page->rooms, $i + 1) as $other) {
                    self::assertFalse(self::meet($room->place, $other->place), "$room->name and $other->name");
                }
            }
        }
    }

    public function testMonthsBeyondTheEndAndNextYearAreThere(): void
    {
        $drawn = $this->draw(['months_beyond' => 2, 'next_year' => true], '2027-07', '2027-12');
        self::assertCount(3, $drawn);
        $months = array_map(
            static fn (Room $room): string => $room->for,
            array_merge(...array_map(static fn (PageDrawing $page): array => $page->rooms, $drawn)),
        );
        self::assertSame(
            ['2027-07', '2027-08', '2027-09', '2027-10', '2027-11', '2027-12', '2028-01', '2028-02'],
            \array_slice($months, 0, 8),
        );
        self::assertSame(
            array_map(static fn (int $month): string => \sprintf('2029-%02d', $month), range(1, 12)),
            \array_slice($months, 8),
            'the year after the last month',
        );
    }

    /** The leaf is half as wide as the page: with it to the right the first half of the year is in sight, to the left the second. */
    public function testADoorShowsHalfAYearWhicheverWayItIsTurned(): void
    {
        $pages = $this->draw(['school' => 'door']);
        $half = 13 * Grain::PER_BOX;
        $on = static fn (int $page, bool $left): array => array_values(array_unique(array_map(
            static fn (Room $room): string => substr($room->for, 5),
            array_filter($pages[$page]->rooms, static fn (Room $room): bool => ($room->place[0] < $half) === $left),
        )));
        self::assertSame(
            ['01', '02', '03', '04', '05', '06', '11', '12'],
            [...$on(0, true), ...$on(0, false), ...$on(1, true), ...$on(3, false)],
            'leaf to the right',
        );
        self::assertSame(
            ['01', '02', '07', '08', '09', '10', '11', '12'],
            [...$on(0, true), ...$on(2, false), ...$on(3, true), ...$on(3, false)],
            'leaf to the left',
        );
        self::assertSame([], [...$on(1, false), ...$on(2, true)], 'nothing is drawn on what is cut off');
        $cuts = [];
        foreach ([1, 2] as $page) {
            foreach ($pages[$page]->marks as $mark) {
                if ($mark instanceof Line && Layer::Pencil === $mark->layer && $mark->tall === 38 * Grain::PER_BOX) {
                    $cuts[] = 1 === $page ? $mark->x : 26 * Grain::PER_BOX - $mark->x;
                }
            }
        }
        self::assertSame([$cuts[0], $cuts[0]], $cuts, 'the cut is the same on both faces of the leaf');
        self::assertCount(
            1,
            array_filter(
                array_merge(...array_map(static fn (PageDrawing $page): array => $page->steps, $pages)),
                static fn (Step $step): bool => Task::Cut === $step->task,
            ),
        );
    }

    /** @return iterable<string, array{string, list<list<int>>}> the last month, and the months in each of the six columns */
    public static function doors(): iterable
    {
        yield 'eight months' => ['2027-08', [[1, 2], [3, 4], [5], [6], [7], [8]]];
        yield 'seven months' => ['2027-07', [[1, 2], [3], [4], [5], [6], [7]]];
        yield 'eleven months' => ['2027-11', [[1, 2], [3, 4], [5, 6], [7, 8], [9, 10], [11]]];
        yield 'four months' => ['2027-04', [[1], [2], [3], [4], [], []]];
    }

    /** @param list<list<int>> $columns */
    #[DataProvider('doors')]
    public function testADoorSpreadsAnyNumberOfMonthsOverItsColumns(string $end, array $columns): void
    {
        $pages = $this->draw(['school' => 'door'], '2027-01', $end);
        $found = [];
        foreach ($pages as $page) {
            $byColumn = [];
            foreach ($page->rooms as $room) {
                $byColumn[$room->place[0]][] = (int) substr($room->for, 5);
            }
            ksort($byColumn);
            array_push($found, ...array_values($byColumn));
        }
        self::assertSame(array_values(array_filter($columns)), $found);
        if ([] === $columns[5]) {
            self::assertSame(
                [Task::Write],
                array_map(static fn (Step $step): Task => $step->task, $pages[3]->steps),
                'nothing to tick or erase on an empty page',
            );
            self::assertSame([], $pages[3]->marks);
        }
    }

    public function testALogMayBeginWithAnyMonthAndHaveAnyNumber(): void
    {
        $months = static fn (array $pages): array => array_map(
            static fn (Room $room): string => $room->for,
            array_merge(...array_map(static fn (PageDrawing $page): array => $page->rooms, $pages)),
        );
        self::assertSame(['2027-07', '2027-08', '2027-09', '2027-10', '2027-11', '2027-12'], $months($this->draw(['from' => '2027-07'])));
        self::assertSame(['2028-01', '2028-02', '2028-03'], $months($this->draw(['from' => '2028-01', 'months' => 3])));
    }

    public function testAFrameThatDoesNotFitSaysItsSizeAndWhatWouldFit(): void
    {
        $finding = $this->draw(['months_per_page' => 6, 'columns' => 2, 'extra' => 'frame'])[0]->findings[0];
        self::assertStringContainsString('a print of 54 × 86 mm takes 11 × 18 boxes', $finding->says);
        self::assertNotSame([], $finding->offers);
    }

    public function testContainersAreRuledAroundTheirLines(): void
    {
        $page = $this->draw([])[0];
        $frames = array_values(array_filter($page->marks, static fn ($mark): bool => $mark instanceof Frame));
        self::assertCount(6, $frames);
        foreach ($page->rooms as $i => $room) {
            self::assertSame(
                [$frames[$i]->x, $frames[$i]->y + Grain::PER_BOX, $frames[$i]->wide, $frames[$i]->tall - Grain::PER_BOX],
                $room->place,
            );
        }
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return list<PageDrawing>
     */
    private function draw(array $settings, string $start = '2027-01', string $end = '2027-12'): array
    {
        return Asking::kind('future-log')->form->layOut(Asking::of(Asking::kind('future-log'), $settings, start: $start, end: $end))->drawings();
    }

    /**
     * @param array{int, int, int, int} $a x, y, wide, tall
     * @param array{int, int, int, int} $b
     */
    private static function meet(array $a, array $b): bool
    {
        return $a[0] < $b[0] + $b[2] && $b[0] < $a[0] + $a[2] && $a[1] < $b[1] + $b[3] && $b[1] < $a[1] + $a[3];
    }
}
