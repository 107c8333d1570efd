<?php

/* Tables and matrices: rows and columns against an independent reckoning, months and days against luxon, cells on paper. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;
use Tests\Reference\Luxon;

final class TableTest extends TestCase
{
    /** Days that do not exist are struck out: 12 × 31 cells less the days of the year, 1990 to 2060. */
    public function testADayMatrixLeavesOpenExactlyTheDaysOfItsYear(): void
    {
        $said = Luxon::months();
        $kind = Asking::kind('mood');
        for ($year = 1990; $year <= 2060; ++$year) {
            $days = 0;
            for ($month = 1; $month <= 12; ++$month) {
                $days += $said[\sprintf('%d-%02d', $year, $month)]['days'];
            }
            $page = $kind->form->layOut(Asking::of($kind, [], 26, 38, "$year-01", "$year-12"))->drawings()[0];
            self::assertCount(12 * 31 - $days, $this->diagonals($page), (string) $year);
            self::assertSame("Table: Count the cells that are left open: $days.", $this->last($page), (string) $year);
        }
    }

    /** The diagonal stands in the column of its month and the row of its day: 1 box of figures, 3 of title and 1 of months before. */
    public function testWhatIsStruckOutIsTheThirtyFirstOfAShortMonthAndTheEndOfFebruary(): void
    {
        $page = Asking::drawn('mood')[0];
        $struck = array_map(static fn (Line $line): array => [
            intdiv($line->x, Grain::PER_BOX),
            intdiv($line->y + $line->tall, Grain::PER_BOX) - 4 + 1,
        ], $this->diagonals($page));
        sort($struck);
        self::assertSame([[2, 29], [2, 30], [2, 31], [4, 31], [6, 31], [9, 31], [11, 31]], $struck);
    }

    /** Every day of every month has one column, over both pages, in order. */
    public function testHabitsHaveAColumnForEveryDayOfTheirMonth(): void
    {
        $plan = $this->withPart('month-habits', 2);
        $book = Composer::compose($plan);
        foreach ($book->months as $block) {
            $numbers = [];
            foreach ($block->parts as $part) {
                for ($page = 'month-habits' === $part->kind ? $part->page : \PHP_INT_MAX; $page < $part->page + $part->pages; ++$page) {
                    array_push($numbers, ...$this->figures($book->drawing($page) ?? self::fail()));
                }
            }
            self::assertSame(range(1, Luxon::months()[$block->month->iso()]['days']), $numbers, $block->month->iso());
        }
    }

    /** Each page of a month fits its paper, whatever the month; none says that it takes more pages than it has. */
    public function testEveryPartOfAMonthFitsTheUsualPapers(): void
    {
        foreach ((new \AmpleMargin\Spread\Catalogue\Catalogue())->monthParts() as $kind) {
            $plan = $this->withPart($kind->id, $kind->ofMonth->pages);
            foreach ([[26, 38], [31, 45]] as [$across, $down]) {
                $plan = Books::edited($plan, [['type' => 'set-stock', 'stock' => [
                    'width' => 180, 'height' => 260, 'pitch' => 5, 'across' => $across, 'down' => $down, 'pages' => 400,
                ]]]);
                $broken = array_filter(Composer::compose($plan)->findings(), static fn ($finding): bool => $finding->broken);
                self::assertSame([], array_column($broken, 'says'), "$kind->id on $across × $down");
            }
        }
    }

    /** The days weeks begin on, from PHP's own calendar. */
    public function testAWeekGridHasAColumnForEveryWeekWithTheDayItBeginsOn(): void
    {
        foreach ([2026, 2027, 2028, 2032] as $year) {
            $kind = Asking::kind('chores-by-week');
            $pages = $kind->form->layOut(Asking::of($kind, [], 26, 38, "$year-01", "$year-12"))->drawings();
            $figures = array_merge(...array_map($this->figures(...), $pages));
            $expected = [];
            $day = new \DateTimeImmutable("$year-01-01");
            $day = $day->modify('-'.((int) $day->format('N') - 1).' days');
            for (; $day <= new \DateTimeImmutable("$year-12-31"); $day = $day->modify('+7 days')) {
                $expected[] = (int) $day->format('j');
            }
            self::assertSame($expected, $figures, "$year has ".\count($expected).' weeks');
        }
    }

    /** 12 columns of 4 need 48 boxes; beside a strip of 10, 16 are left of 26: four a page, three pages (by hand). */
    public function testAmountsThatDoNotFitBesideTheirStripGoOnBehindIt(): void
    {
        $kind = Asking::kind('income-and-expenses');
        $pages = $kind->form->layOut(Asking::of($kind, ['strip' => 10]))->drawings();
        self::assertCount(3, $pages);
        foreach ($pages as $page) {
            self::assertSame('26 boxes = 10 for the names + 4 × 4; 12 months in all', $this->working($page, 'columns'));
            $items = array_filter($this->words($page), static fn (string $word): bool => 'Rent' === $word);
            self::assertCount(1, $items, 'the items stand on every page');
        }
    }

    /** 22 × 22 on 26 wide: a box for the number, 22 for the boxes, 3 left over. */
    public function testSoManyThingsSoOftenFitsBesideItsNumbers(): void
    {
        $page = Asking::drawn('things-n-times')[0];
        self::assertSame('26 boxes = 1 for the names + 22 × 1 + 3 left over', $this->working($page, 'columns'));
        self::assertCount(2 * 22, $this->figures($page));
    }

    /** 54 swatches a page: 6 × 9 of 3 × 3 with gaps of 1; 108 on an opening (docs/trade.md, "Filling"). */
    public function testSwatchesGoOnOverTheOpening(): void
    {
        self::assertCount(1, Asking::drawn('swatches', ['count' => 54]));
        $pages = Asking::drawn('swatches', ['count' => 108]);
        self::assertSame([range(1, 54), range(55, 108)], array_map($this->figures(...), $pages));
    }

    /** As wide as the longest item in the person's hand; what the columns leave goes to it. */
    public function testTheStripIsAsWideAsTheLongestItem(): void
    {
        $kind = Asking::kind('goals-by-month');
        $page = $kind->form->layOut(Asking::of($kind, ['items' => ['Boat'], 'column' => 1]))->drawings()[0];
        self::assertSame('26 boxes = 14 for the names + 12 × 1', $this->working($page, 'columns'));
        // 30 letters of 40 that take 24 boxes are 18; beside them 8 columns of a box: 12 months on two pages of 6.
        $pages = $kind->form->layOut(Asking::of($kind, ['items' => [str_repeat('o', 30)], 'strip' => 18, 'column' => 1]))->drawings();
        self::assertCount(2, $pages);
    }

    /** 0 items, 500 items, an item of 200 letters, right-to-left items, 24 months, a tiny and a huge grid. */
    public function testAtItsEdgesATableIsDrawnOrSaysWhatWouldFit(): void
    {
        $kind = Asking::kind('numbers-of-the-year');
        foreach ([[], array_fill(0, 500, 'A thing'), [str_repeat('long ', 40)], ['דבר', 'شيء', 'A thing']] as $items) {
            foreach ([[26, 38], [10, 14], [60, 80]] as [$across, $down]) {
                foreach (['2027-12', '2028-12'] as $end) {
                    $laid = $kind->form->layOut(Asking::of($kind, ['items' => $items], $across, $down, '2027-01', $end));
                    self::assertNotEmpty($laid->drawings());
                    foreach (array_merge(...$laid->findings) as $finding) {
                        self::assertMatchesRegularExpression('/\d/', $finding->says);
                    }
                }
            }
        }
    }

    /** @return list<Line> */
    private function diagonals(PageDrawing $page): array
    {
        return array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Line
            && Layer::Ink === $mark->layer && 0 !== $mark->wide && 0 !== $mark->tall));
    }

    /** @return list<int> in the order they stand in the drawing */
    private function figures(PageDrawing $page): array
    {
        return array_map(intval(...), array_values(array_filter($this->words($page), ctype_digit(...))));
    }

    /** @return list<string> */
    private function words(PageDrawing $page): array
    {
        return array_values(array_map(
            static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '',
            array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words),
        ));
    }

    private function last(PageDrawing $page): string
    {
        return $page->steps[\count($page->steps) - 1]->text;
    }

    private function working(PageDrawing $page, string $note): string
    {
        foreach ($page->workings as $working) {
            if ($working->note === $note) {
                return $working->arithmetic;
            }
        }
        self::fail("no working $note");
    }

    private function withPart(string $kind, int $pages): Plan
    {
        return Books::edited(Books::starter(), [
            ['type' => 'set-stock', 'stock' => ['width' => 148, 'height' => 210, 'pitch' => 5, 'across' => 26, 'down' => 38, 'pages' => 400]],
            ['type' => 'set-pattern', 'pattern' => ['id' => 'usual', 'name' => 'Usual', 'parts' => [['kind' => $kind, 'pages' => $pages]]]],
            ['type' => 'use-pattern', 'pattern' => 'usual'],
        ]);
    }

    /** Plants by the weeks of a half-year: the strip with what each needs stands on both pages, its rows level, 26 weeks in all. */
    public function testPlantsWateredRepeatItsStripOnItsSecondPage(): void
    {
        $kind = Asking::kind('plants-watered');
        foreach (['2027-01', '2027-07'] as $start) {
            $end = '2027-01' === $start ? '2027-06' : '2027-12';
            $pages = $kind->form->layOut(Asking::of($kind, [], start: $start, end: $end))->drawings();
            self::assertCount(2, $pages, $start);
            $rows = $weeks = [];
            foreach ($pages as $i => $page) {
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Words && str_contains($mark->text, ': ')) {
                        $rows[$i][$mark->text] = $mark->y;
                    } elseif ($mark instanceof Words && ctype_digit($mark->text)) {
                        $weeks[] = (int) $mark->text;
                    }
                }
            }
            self::assertCount(5, $rows[0]);
            self::assertSame($rows[0], $rows[1], 'level on both pages');
            // Each week by the day it begins on, from the one the first month begins in.
            $day = (new \DateTimeImmutable("$start-01"))->modify('monday this week');
            $expected = [];
            for (; $day->format('Y-m') <= $end; $day = $day->modify('+7 days')) {
                $expected[] = (int) $day->format('j');
            }
            self::assertSame($expected, $weeks, $start);
        }
    }
}
