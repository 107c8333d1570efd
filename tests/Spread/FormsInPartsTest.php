<?php

/* Mini months, a month in cells and the divisions of the page, each drawn in a part of a page. Days and weekdays from luxon. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Filling\Divisions;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\MiniMonths;
use AmpleMargin\Spread\Filling\MonthInCells;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;
use Tests\Reference\Luxon;

final class FormsInPartsTest extends TestCase
{
    /** Wherever the part stands: each figure under its weekday, counted from the 1st of its month, and none outside the part. */
    public function testEveryDayOfAMiniMonthStandsUnderItsWeekdayWhereverItsPartIs(): void
    {
        $figures = 0;
        foreach ([[0, 0, 26, 38], [3, 5, 17, 20], [10, 12, 7, 9], [1, 20, 25, 18]] as [$x, $y, $wide, $tall]) {
            foreach (['2026-02', '2027-01', '2028-02', '2031-11'] as $from) {
                $fit = intdiv($wide + 1, 8) * intdiv($tall + 1, 9);
                $form = $this->at(FilledPart::of(new MiniMonths())->with(['from' => $from, 'months' => min(3, $fit)]), $x, $y, $wide, $tall);
                $laid = $form->layOut(Asking::of($form, start: $from, end: $from));
                self::assertNull($laid->broken(), "$x, $y: ".($laid->broken()->says ?? ''));
                $months = $this->months($laid->drawings()[0]);
                self::assertCount(min(3, $fit), $months);
                foreach ($months as $nth => $days) {
                    $month = \sprintf('%d-%02d', (int) $from + intdiv((int) substr($from, 5) - 1 + $nth, 12), ((int) substr($from, 5) - 1 + $nth) % 12 + 1);
                    $said = Luxon::months()[$month];
                    self::assertSame(range(1, $said['days']), array_keys($days), $month);
                    foreach ($days as $day => [$column, $row]) {
                        $at = $said['weekday'] - 1 + $day - 1;
                        $expected = [$days[1][0] - $said['weekday'] + 1 + $at % 7, $days[1][1] + intdiv($at, 7)];
                        self::assertSame($expected, [$column, $row], "$month, day $day");
                        self::assertTrue($column >= $x && $column < $x + $wide && $row >= $y && $row < $y + $tall, "$month: day $day leaves its part");
                        ++$figures;
                    }
                }
            }
        }
        self::assertGreaterThan(700, $figures);
    }

    /** All pencil first: what the months tick is ticked with the lines beside them, at the edges of the page and nowhere else. */
    public function testItsTicksAreMadeWithThoseOfThePage(): void
    {
        $form = new Parted(Parting::across(
            [Size::share(), FilledPart::of(new MiniMonths())->with(['months' => 4])],
            [Size::boxes(8), FilledPart::of(new Lines())],
        )->gap(1));
        $page = $form->layOut(Asking::of($form))->drawings()[0];
        foreach ($page->marks as $mark) {
            if (Layer::Pencil === $mark->layer && $mark instanceof Line) {
                self::assertTrue(0 === $mark->x || 0 === $mark->y, 'a tick in the middle of the page');
            }
        }
        $tasks = array_map(static fn ($step): string => $step->task->value, $page->steps);
        $order = array_flip(['pencil', 'band', 'ink', 'write', 'wait', 'erase', 'check']);
        $sorted = $tasks;
        usort($sorted, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);
        self::assertSame($sorted, $tasks);
        self::assertLessThanOrEqual(2, \count(array_filter($page->steps, static fn ($step): bool => Task::Pencil === $step->task)));
    }

    public function testAMonthInCellsKeepsItsNameAndDividesItsOwnPart(): void
    {
        $form = $this->at(FilledPart::of(new MonthInCells())->with(['from' => '2027-03']), 2, 4, 21, 28);
        $page = $form->layOut(Asking::of($form))->drawings()[0];
        $words = array_map(static fn ($mark): string => $mark instanceof Words ? $mark->text : '', $page->marks);
        self::assertContains('March 2027', $words);
        $days = $this->months($page)[0] ?? [];
        self::assertCount(31, $days);
        // 21 = 7 × 3: the 1st is a Monday, the 7th six columns further right, the 8th below the 1st.
        self::assertSame([$days[1][0] + 18, $days[1][1]], $days[7]);
        self::assertSame($days[1][0], $days[8][0]);
    }

    /** Divisions in a part are those of the page, and not of the part. */
    public function testTheDivisionsAreThoseOfTheWholePage(): void
    {
        $form = $this->at(FilledPart::of(new Divisions()), 0, 14, 26, 24);
        $laid = $form->layOut(Asking::of($form));
        $words = array_map(static fn ($mark): string => $mark instanceof Words ? $mark->text : '', $laid->drawings()[0]->marks);
        foreach (['Across: 26 boxes', 'Down: 38 boxes', '2 of 13', '4 of 9, 2 left'] as $expected) {
            self::assertContains($expected, $words);
        }
        $small = $this->at(FilledPart::of(new Divisions()), 0, 34, 26, 4);
        self::assertStringContainsString('boxes down; the part has 4', $small->layOut(Asking::of($small))->broken()->says ?? '');
    }

    /** The marks are those of the book's key, whatever the person made of it. */
    public function testTheKeyInAPartIsTheBooks(): void
    {
        $symbols = [['name' => 'Rehearse', 'strokes' => [[0, 0, 4, 4], [0, 4, 4, 0]], 'states' => []], ['name' => 'Sail', 'strokes' => [[2, 0, 2, 4]], 'states' => []]];
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-key', 'spread' => 'key', 'symbols' => $symbols],
            ['type' => 'add-spread', 'kind' => 'page-of-parts', 'settings' => ['parts' => ['divide' => 'down', 'parts' => [
                ['share' => 1, 'fill' => 'lines'],
                ['boxes' => 10, 'fill' => 'key-marks'],
            ]]]],
        ]);
        $page = Books::pagesOf($plan, 'page-of-parts')[0];
        $words = array_map(static fn ($mark): string => $mark instanceof Words ? $mark->text : '', $page->marks);
        self::assertContains('Rehearse', $words);
        self::assertContains('Sail', $words);
        foreach ($page->marks as $mark) {
            if ($mark instanceof Words && 'Rehearse' === $mark->text) {
                self::assertGreaterThanOrEqual(28, intdiv($mark->y, Grain::PER_BOX), 'in its part');
            }
        }
    }

    public function testMonthsThatDoNotFitSayWhy(): void
    {
        foreach ([new MiniMonths(), new MonthInCells()] as $filling) {
            $form = $this->at(FilledPart::of($filling), 0, 0, 6, 6);
            self::assertMatchesRegularExpression('/needs? \d+ boxes across; the part has 6/', $form->layOut(Asking::of($form))->broken()->says ?? '');
        }
    }

    /** A part of that size at that place, lines around it where there is room. */
    private function at(FilledPart $leaf, int $x, int $y, int $wide, int $tall): Parted
    {
        $free = static fn (): FilledPart => FilledPart::of(new class implements Filling {
            public function name(): string
            {
                return 'Nothing';
            }

            public function purpose(): string
            {
                return '';
            }

            public function fields(): array
            {
                return [];
            }

            public function narrowest(\AmpleMargin\Spread\Page\Request $asked): int
            {
                return 1;
            }

            public function least(\AmpleMargin\Spread\Page\Request $asked, int $wide): int
            {
                return 1;
            }

            public function tall(\AmpleMargin\Spread\Page\Request $asked, int $wide): int
            {
                return 1;
            }

            public function fill(\AmpleMargin\Spread\Page\Request $asked, \AmpleMargin\Spread\Page\Region $region, int $from): \AmpleMargin\Spread\Part\Filled
            {
                return new \AmpleMargin\Spread\Part\Filled();
            }
        });
        $row = [[Size::boxes($wide), $leaf]];
        if ($x > 0) {
            array_unshift($row, [Size::boxes($x), $free()]);
        }
        if ($x + $wide < 26) {
            $row[] = [Size::share(), $free()];
        }
        $rows = [[Size::boxes($tall), 1 === \count($row) ? $leaf : Parting::across(...$row)->gap(0)]];
        if ($y > 0) {
            array_unshift($rows, [Size::boxes($y), $free()]);
        }
        if ($y + $tall < 38) {
            $rows[] = [Size::share(), $free()];
        }

        return new Parted(1 === \count($rows) ? $rows[0][1] : Parting::down(...$rows)->gap(0));
    }

    /** @return list<array<int, array{int, int}>> month by month, as they are written: day → column and row */
    private function months(PageDrawing $page): array
    {
        $months = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Words && ctype_digit($mark->text)) {
                if ('1' === $mark->text) {
                    $months[] = [];
                }
                $months[\count($months) - 1][(int) $mark->text] = [intdiv($mark->x, Grain::PER_BOX), intdiv($mark->y, Grain::PER_BOX)];
            }
        }

        return $months;
    }
}
