<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Reference\Luxon;

/** The pages of the months, figure by figure; days and weekdays from luxon. */
final class MonthPagesTest extends TestCase
{
    /** Every number of every month's calendar opening stands in the cell of its weekday, 1990 to 2060, three week starts. */
    public function testEveryNumberOfACalendarOpeningStandsUnderItsWeekday(): void
    {
        foreach ([1, 6, 7] as $first) {
            for ($year = 1990; $year <= 2060; $year += 2) {
                $book = self::book("$year-01", \sprintf('%d-12', $year + 1), $first, '1', 'plain', 1000);
                foreach ($book->months as $block) {
                    $this->checkCalendar(
                        $book,
                        $block->parts[0]->page + ('free' === $block->parts[0]->kind ? 1 : 0),
                        $block->month->iso(),
                        $first,
                    );
                }
            }
        }
    }

    private function checkCalendar(Book $book, int $left, string $iso, int $first): void
    {
        $said = Luxon::months()[$iso];
        $offset = ($said['weekday'] - $first + 7) % 7;
        $rows = (int) ceil(($offset + $said['days']) / 7);
        // On 26 × 38: a box before four columns of 6; a title of 3 and a row of weekdays, the rest divided among the rows.
        $tall = intdiv(34, $rows);
        $top = 4 + intdiv(34 - $rows * $tall, 2);
        $expected = [];
        for ($day = 1; $day <= $said['days']; ++$day) {
            $column = ($offset + $day - 1) % 7;
            $expected[$column < 4 ? $left : $left + 1][$day] = [1 + 6 * ($column % 4), $top + $tall * intdiv($offset + $day - 1, 7)];
        }
        foreach ([$left, $left + 1] as $page) {
            $found = [];
            foreach ($book->drawing($page)->marks ?? [] as $mark) {
                if ($mark instanceof Words && ctype_digit($mark->text)) {
                    $found[(int) $mark->text] = [intdiv($mark->x, 840), intdiv($mark->y, 840)];
                }
            }
            self::assertSame($expected[$page] ?? [], $found, "$iso, page $page, weeks begin on $first");
        }
    }

    public static function weeks(): iterable
    {
        foreach (['split', 'folded', 'first-day', 'most-days'] as $school) {
            foreach (['2', '1', '1/2'] as $pages) {
                yield "$school, $pages pages a week" => [$school, $pages, 'below'];
            }
        }
        foreach (['quarters', 'rolling', 'columns'] as $way) {
            foreach (['2', '1', '1/2'] as $pages) {
                yield "$way, $pages pages a week" => ['split', $pages, $way];
            }
        }
    }

    /** Every day of three years is written once on the week pages, with the name of its weekday. */
    #[DataProvider('weeks')]
    public function testEveryDayIsOnOneWeekPageWithItsWeekday(string $school, string $pages, string $way): void
    {
        $names = new Names();
        foreach (['2026', '2027', '2028'] as $year) {
            $book = self::book("$year-01", "$year-12", 1, $pages, 'plain', 1000, $school, $way);
            $written = $of = [];
            foreach ($book->months as $block) {
                foreach ($block->parts as $part) {
                    for ($page = $part->page; 'weeks' === $part->kind && $page <= $part->lastPage(); ++$page) {
                        foreach (self::days($book, $page, 'columns' === $way) as $words) {
                            // A day of another month than the pages are for says its month.
                            [$weekday, $day, $month] = explode(' ', "$words ");
                            self::assertNotSame($names->monthShort($block->month->month), $month, $words);
                            self::assertTrue('' !== $month || (int) $day <= $block->month->days());
                            $written[] = "$weekday $day";
                            $of["$weekday $day"][] = '' === $month ? $block->month->month : array_search(
                                $month,
                                array_map($names->monthShort(...), range(1, 12)),
                                true,
                            ) + 1;
                        }
                    }
                }
            }
            $expected = $inMonth = [];
            for ($month = 1; $month <= 12; ++$month) {
                $said = Luxon::months()[\sprintf('%s-%02d', $year, $month)];
                for ($day = 1; $day <= $said['days']; ++$day) {
                    $inMonth[] = $month;
                    $expected[] = $names->weekday(Weekday::from(($said['weekday'] + $day - 2) % 7 + 1))." $day";
                }
            }
            // Schools that give a week to one month also draw the days of the year before and after in it.
            $from = array_search($expected[0], $written, true);
            self::assertIsInt($from);
            self::assertLessThan(7, $from);
            self::assertSame($expected, \array_slice($written, $from, \count($expected)), $year);
            $months = array_map(static function (string $words) use (&$of): int {
                return array_shift($of[$words]);
            }, $written);
            self::assertSame($inMonth, \array_slice($months, $from, \count($expected)), "$year, months");
            self::assertLessThan(7, \count($written) - $from - \count($expected));
        }
    }

    /** @return list<string> "Friday 1" and so on, as written on a page */
    private static function days(Book $book, int $page, bool $short = false): array
    {
        $days = [];
        $full = ['Mon' => 'Monday', 'Tue' => 'Tuesday', 'Wed' => 'Wednesday', 'Thu' => 'Thursday', 'Fri' => 'Friday', 'Sat' => 'Saturday', 'Sun' => 'Sunday'];
        foreach ($book->drawing($page)->marks ?? [] as $mark) {
            if ($mark instanceof Words && 1 === preg_match($short ? '/^\w{3} \d+$/' : '/^\w+day \d+( \w{3})?$/', $mark->text)) {
                $days[] = $short ? strtr($mark->text, $full) : $mark->text;
            }
        }

        return $days;
    }

    /** Common practice, no source: 38 tall with a title of 4 leaves 34 = 7 × 4 + 6 × 1, exactly; that is why a one-page week fits. */
    public function testAOnePageWeekTakesATitleOfFourAndSevenDaysOfFour(): void
    {
        $book = self::book('2027-01', '2027-03', 1, '1', 'plain', 192);
        $week = array_values(array_filter($book->months[0]->parts, static fn ($part): bool => 'weeks' === $part->kind))[1];
        $workings = array_column($book->drawing($week->page)->workings ?? [], 'arithmetic');

        self::assertSame(['38 boxes − 4 for the title = 34; 34 boxes = 7 × 4 + 6 × 1'], $workings);
    }

    /** January 2027 begins on a Friday: nobody wants a whole opening for three days. By hand. */
    public function testFoldedTheFirstThreeDaysOfJanuary2027TakeOnePageNotTwo(): void
    {
        $split = self::book('2027-01', '2027-01', 1, '2', 'plain', 192, 'split')->months[0];
        $folded = self::book('2027-01', '2027-01', 1, '2', 'plain', 192, 'folded')->months[0];
        $pages = static fn ($block): array => array_map(
            static fn ($part): int => $part->pages,
            array_values(array_filter($block->parts, static fn ($part): bool => 'weeks' === $part->kind)),
        );

        self::assertSame([2, 2, 2, 2, 2], $pages($split));
        self::assertSame([1, 2, 2, 2, 2], $pages($folded));
    }

    public function testRollingWeeksShareAPage(): void
    {
        $block = self::book('2027-02', '2027-02', 1, '1/2', 'plain', 192, 'most-days')->months[0];
        $weeks = array_values(array_filter($block->parts, static fn ($part): bool => 'weeks' === $part->kind));

        self::assertSame([2, 2], array_map(static fn ($part): int => \count($part->weeks), $weeks));
    }

    public function testADayWithoutItsMonthIsNotOnASplitWeek(): void
    {
        $book = self::book('2027-01', '2027-02', 1, '1', 'plain', 192, 'split');
        $first = array_values(array_filter($book->months[0]->parts, static fn ($part): bool => 'weeks' === $part->kind))[0];

        self::assertSame(['Friday 1', 'Saturday 2', 'Sunday 3'], self::days($book, $first->page));
    }

    /** School weeks called by their numbers, in every way and on every number of pages: five days, and no date vanishes unsaid. */
    public function testAWeekOfSchoolDaysCalledByItsNumber(): void
    {
        $settings = ['week_of' => '5', 'week_called' => 'number', 'week_named' => 'Woche'];
        foreach (['below', 'quarters', 'columns', 'rolling'] as $way) {
            foreach (['2', '1', '1/2'] as $pages) {
                $plan = Books::edited(self::plan('2027-02', '2027-02', 1, $pages, 'plain', 192, 'most-days', $way, $settings), [
                    ['type' => 'add-date', 'day' => '6 February 2027', 'words' => 'Regatta'],
                ]);
                $book = Composer::compose($plan);
                [$words, $said] = [[], ''];
                $month = $book->months[0];
                for ($page = $month->page; $page < $month->page + $month->pages; ++$page) {
                    foreach ($book->drawing($page)->marks ?? [] as $mark) {
                        $words[] = $mark instanceof Words ? $mark->text : '';
                    }
                    $found = $book->drawing($page)->findings ?? [];
                    $said .= implode(' ', array_map(static fn (Finding $finding): string => $finding->says, $found));
                }
                $text = implode(' | ', $words);
                self::assertContains('Woche 5', $words, "$way, $pages: $text");
                self::assertStringNotContainsString('1 Feb to', $text);
                self::assertStringNotContainsString('Sat', $text, "$way, $pages");
                foreach (['Mon', 'Fri'] as $day) {
                    self::assertMatchesRegularExpression("/\\| $day(day)? \\d+/", $text, "$way, $pages: $text");
                }
                self::assertSame(1, substr_count($said, 'One date of Sat 6 Feb has no room here: “Regatta”.'), "$way, $pages: $said");
            }
        }
    }

    private static function book(
        string $start,
        string $end,
        int $first,
        string $pages,
        string $pattern,
        int $bookPages,
        string $school = 'most-days',
        string $way = 'below',
    ): Book {
        return Composer::compose(self::plan($start, $end, $first, $pages, $pattern, $bookPages, $school, $way));
    }

    /** @param array<string, mixed> $settings of the weeks */
    private static function plan(
        string $start,
        string $end,
        int $first,
        string $pages,
        string $pattern,
        int $bookPages,
        string $school,
        string $way,
        array $settings = [],
    ): Plan {
        return Books::edited(Books::starter(Books::a5($bookPages))->with(['spreads' => []]), [
            ['type' => 'set-period', 'period' => ['start' => $start, 'end' => $end]],
            ['type' => 'set-weeks', 'weeks' => ['first' => $first, 'school' => $school, 'pages' => $pages]],
            ['type' => 'use-pattern', 'pattern' => $pattern],
            ...('below' === $way && [] === $settings ? [] : [['type' => 'set-pattern', 'pattern' => [
                'id' => $pattern,
                'name' => $pattern,
                'parts' => [['kind' => 'weeks', 'pages' => 0, 'settings' => ['days_as' => $way] + $settings]],
            ]]]),
        ]);
    }
}
