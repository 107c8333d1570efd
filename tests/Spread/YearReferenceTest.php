<?php

/* Every figure of every month, in every way of drawing the year, against a date library. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Reference\Luxon;
use Tests\Thorough;

final class YearReferenceTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function blocks(): iterable
    {
        yield 'mini months, a box a day' => [['way' => 'mini']];
        yield 'mini months, 1½ boxes a day, letters once' => [['way' => 'mini', 'day' => '1.5', 'letters' => 'column']];
        yield 'mini months, 2 boxes a day' => [['way' => 'mini', 'day' => '2']];
        yield 'notes beside' => [['way' => 'notes']];
        yield 'split days' => [['way' => 'split', 'day' => '2']];
        yield 'printed months, to cut out' => [['way' => 'printed']];
    }

    /** @return list<int> the fourteen shapes a year can have, from 2027 on; with THOROUGH=1 every year from 1990 to 2060 */
    private static function years(): array
    {
        if (Thorough::is()) {
            return range(1990, 2060);
        }
        $years = [];
        for ($year = 2027; $year <= 2060; ++$year) {
            $years[date('NL', mktime(0, 0, 0, 1, 1, $year))] ??= $year;
        }
        self::assertCount(14, $years);

        return array_values($years);
    }

    /**
     * Outside eye: luxon (tests/Reference/dates.mjs). Read as a person reads it: the columns from left to right are
     * the weekdays from the first on; each number must stand in the column of its weekday, one row below after each
     * last column.
     *
     * @param array<string, mixed> $settings
     */
    #[DataProvider('blocks')]
    public function testEveryNumberStandsUnderItsWeekday(array $settings): void
    {
        $luxon = Luxon::months();
        $figures = 0;
        foreach (self::years() as $year) {
            foreach ([Weekday::Monday, Weekday::Sunday, Weekday::Saturday] as $first) {
                $months = self::months($this->pages($year, $first, $settings), $year, 'printed' === $settings['way']);
                self::assertCount(12, $months, "$year");
                foreach ($months as $iso => $placed) {
                    $columns = array_values(array_unique(array_column($placed, 0)));
                    sort($columns);
                    self::assertCount(7, $columns, "$iso: seven columns");
                    $rows = array_values(array_unique(array_column($placed, 1)));
                    sort($rows);
                    self::assertSame(range(1, $luxon[$iso]['days']), array_keys($placed), "$iso: every day once, in order");
                    $row = 0;
                    foreach ($placed as $day => [$x, $y]) {
                        $weekday = ($luxon[$iso]['weekday'] + $day - 2) % 7 + 1;
                        $column = array_search($x, $columns, true);
                        self::assertSame($weekday, ($first->value + $column - 1) % 7 + 1, "$iso-$day stands under its weekday");
                        $row += $day > 1 && 0 === $column ? 1 : 0;
                        self::assertSame($rows[$row] ?? null, $y, "$iso-$day stands in row $row");
                        ++$figures;
                    }
                }
            }
        }
        self::assertSame(3 * array_sum(array_map(static fn (int $year): int => 365 + (int) date('L', mktime(0, 0, 0, 1, 1, $year)), self::years())), $figures);
    }

    public function testWeekNumbersAreThoseOfTheThursdayOfTheirRow(): void
    {
        $luxon = Luxon::months();
        foreach (self::years() as $year) {
            $pages = $this->pages($year, Weekday::Monday, ['way' => 'mini', 'week_numbers' => true]);
            $found = [];
            foreach ($pages as $page) {
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Words && Layer::Pencil === $mark->layer && 1 === preg_match('/^\d+$/', $mark->text)) {
                        $found[(string) $mark->note][] = (int) $mark->text;
                    }
                }
            }
            foreach ($found as $iso => $weeks) {
                self::assertSame(array_values(array_unique($luxon[$iso]['weeks'])), $weeks, $iso);
            }
            self::assertCount(12, $found);
        }
    }

    public function testTheMatrixStrikesOutTheDaysThatDoNotExistAndNoOther(): void
    {
        foreach (self::years() as $year) {
            foreach ($this->pages($year, Weekday::Monday, ['way' => 'matrix']) as $page) {
                $struck = [];
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Line && $mark->wide > 0 && $mark->tall < 0) {
                        $struck[] = [$mark->x, $mark->y + $mark->tall];
                    }
                }
                $rows = self::at($page, static fn (Words $words): bool => 1 === preg_match('/^\d+$/', $words->text), 'y');
                $columns = self::at($page, static fn (Words $words): bool => 1 === preg_match('/^[A-Z][a-z]{2}$/', $words->text), 'x');
                self::assertCount(31, $rows);
                self::assertCount(12, $columns);
                $expected = [];
                foreach (array_keys($columns) as $i => $x) {
                    for ($day = Luxon::months()[\sprintf('%d-%02d', $year, $i + 1)]['days'] + 1; $day <= 31; ++$day) {
                        $expected[] = [$x, array_keys($rows)[$day - 1]];
                    }
                }
                self::assertEqualsCanonicalizing($expected, $struck, "$year");
            }
        }
    }

    public function testADotLineHasADotForEveryDayAndItsLastFigureIsTheirNumber(): void
    {
        foreach (self::years() as $year) {
            $lines = [];
            foreach ($this->pages($year, Weekday::Monday, ['way' => 'dots']) as $page) {
                $names = self::at(
                    $page,
                    static fn (Words $words): bool => 'dots' !== $words->note
                        && 1 === preg_match('/^[A-Z][a-z]+$/', $words->text)
                        && $words->x < 840,
                    'y',
                );
                foreach (array_keys($names) as $i => $y) {
                    $next = array_keys($names)[$i + 1] ?? \PHP_INT_MAX;
                    $dots = array_filter(
                        $page->marks,
                        static fn ($mark): bool => $mark instanceof Ring && $mark->y >= $y && $mark->y < $next,
                    );
                    $figures = array_map(
                        static fn (Words $mark): int => (int) $mark->text,
                        array_filter(
                            $page->marks,
                            static fn ($mark): bool => $mark instanceof Words
                                && $mark->x > 0
                                && 1 === preg_match('/^\d+$/', $mark->text)
                                && $mark->y >= $y - 840
                                && $mark->y < $next - 840,
                        ),
                    );
                    $lines[] = [\count($dots), max($figures)];
                }
            }
            $days = array_map(static fn (int $month): int => Luxon::months()[\sprintf('%d-%02d', $year, $month)]['days'], range(1, 12));
            self::assertSame(array_map(static fn (int $count): array => [$count, $count], $days), $lines, "$year");
        }
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return list<PageDrawing>
     */
    private function pages(int $year, Weekday $first, array $settings): array
    {
        $kind = Asking::kind('year-at-a-glance');
        $request = Asking::of($kind, $settings, start: "$year-01", end: "$year-12", first: $first);

        return 'printed' === $settings['way'] ? Asking::cutOut($kind->form, $request) : $kind->form->layOut($request)->drawings();
    }

    /**
     * Where each number stands, by month and day. Months to cut out have no steps of their own: there a month begins
     * with its name, which is written before its numbers.
     *
     * @param list<PageDrawing> $pages
     *
     * @return array<string, array<int, array{int, int}>>
     */
    private static function months(array $pages, int $year, bool $cutOut): array
    {
        $months = [];
        $nth = 0;
        foreach ($pages as $page) {
            foreach ($page->marks as $mark) {
                if (!$mark instanceof Words || Layer::Writing !== $mark->layer) {
                    continue;
                }
                if ($cutOut && mb_strlen($mark->text) > 2) {
                    ++$nth;
                }
                if (1 === preg_match('/^\d+$/', $mark->text)) {
                    $months[$cutOut ? \sprintf('%d-%02d', $year, $nth) : (string) $mark->note][(int) $mark->text] = [$mark->x, $mark->y];
                }
            }
        }

        return $months;
    }

    /**
     * The places of some words along one way, in order.
     *
     * @param \Closure(Words): bool $which
     *
     * @return array<int, true>
     */
    private static function at(PageDrawing $page, \Closure $which, string $way): array
    {
        $places = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Words && $which($mark)) {
                $places[$mark->{$way}] = true;
            }
        }
        ksort($places);

        return $places;
    }
}
