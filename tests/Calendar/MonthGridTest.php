<?php

declare(strict_types=1);

namespace Tests\Calendar;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use PHPUnit\Framework\TestCase;
use Tests\Reference\Luxon;

final class MonthGridTest extends TestCase
{
    /** Outside eye: luxon, from the npm registry (tests/Reference/dates.mjs). */
    public function testDaysWeekdaysAndIsoWeeksOf1900To2100AreThoseOfADateLibrary(): void
    {
        foreach (Luxon::months() as $iso => $said) {
            $month = Month::read($iso) ?? self::fail();
            self::assertSame($said['days'], $month->days(), $iso);
            self::assertSame($said['weekday'], $month->firstWeekday()->value, $iso);
            foreach ($said['weeks'] as $i => $week) {
                self::assertSame($week, Day::of($month, $i + 1)->isoWeek(), "$iso-".($i + 1));
            }
        }
    }

    /** Every day in its box, for three first weekdays, by walking the month day by day from luxon's first weekday. */
    public function testEveryDayStandsInItsBoxWhateverDayWeeksBeginOn(): void
    {
        foreach (Luxon::months() as $iso => $said) {
            foreach ([Weekday::Monday, Weekday::Sunday, Weekday::Saturday] as $first) {
                $grid = new MonthGrid(Month::read($iso) ?? self::fail(), $first);
                $column = ($said['weekday'] - $first->value + 7) % 7;
                $row = 0;
                for ($day = 1; $day <= $said['days']; ++$day) {
                    self::assertSame([$column, $row], [$grid->column($day), $grid->row($day)], "$iso-$day");
                    if (7 === ++$column) {
                        $column = 0;
                        ++$row;
                    }
                }
                self::assertSame($row + (0 === $column ? 0 : 1), $grid->rows, $iso);
            }
        }
    }

    /** Outside eye: Debian's ncal. Its columns are weeks; -M and -S choose the first weekday. */
    public function testRowsAreThoseOfNcal(): void
    {
        foreach ([1900, 2000, 2020, 2024, 2027, 2028, 2100] as $year) {
            for ($month = 1; $month <= 12; ++$month) {
                foreach ([[Weekday::Monday, '-M'], [Weekday::Sunday, '-S']] as [$first, $flag]) {
                    $printed = (string) shell_exec("ncal -b -h $flag $month $year");
                    $rows = preg_match_all('/^ *\d[\d ]*$/m', preg_replace('/^.*\n.*\n/', '', $printed, 1) ?? '');
                    self::assertSame($rows, (new MonthGrid(new Month($year, $month), $first))->rows, "$year-$month $flag");
                }
            }
        }
    }

    /** Published: ISO 8601; a year has 53 weeks where it begins on a Thursday, or on a Wednesday and is long. */
    public function testYearsWith53Weeks(): void
    {
        self::assertSame([53, 53, 52], [
            Day::of(new Month(2026, 12), 31)->isoWeek(),
            Day::of(new Month(2032, 12), 31)->isoWeek(),
            Day::of(new Month(2027, 12), 31)->isoWeek(),
        ]);
    }

    /** Common practice, no source: the six-row months of docs/trade.md, "Months and weeks". */
    public function testMonthsThatNeedSixRows(): void
    {
        self::assertSame([3, 8, 11], $this->sixRows(2020, Weekday::Monday));
        self::assertSame([5, 8], $this->sixRows(2027, Weekday::Monday));
        self::assertSame([1, 5, 10], $this->sixRows(2027, Weekday::Sunday));
    }

    public function testTheClosingCheckOfMay2027(): void
    {
        self::assertSame(
            '31 must land in row 6, column 1; the last column reads 2, 9, 16, 23, 30',
            (new MonthGrid(new Month(2027, 5), Weekday::Monday))->closingCheck(),
        );
    }

    public function testDaysAreCountedAcrossMonthsAndYears(): void
    {
        self::assertSame('2028-02-29', Day::of(new Month(2027, 12), 31)->plus(60)->iso());
        self::assertSame('2027-12-31', Day::of(new Month(2028, 2), 29)->plus(-60)->iso());
        self::assertSame(Weekday::Friday, Day::of(new Month(2027, 1), 1)->weekday());
    }

    /**
     * Outside eye: luxon's names, which come from the ICU of Node.js, of another version of the CLDR than PHP's. The
     * languages named here have not changed between them; of all languages some have, and are not held against us.
     */
    public function testNamesOnPaperAreThoseOfAnotherIcu(): void
    {
        $same = [];
        $both = array_filter(Luxon::names(), Names::knows(...), \ARRAY_FILTER_USE_KEY);
        foreach ($both as $locale => $said) {
            $names = new Names($locale);
            $own = [
                'months' => array_map($names->month(...), range(1, 12)),
                'short' => array_map($names->monthShort(...), range(1, 12)),
                'weekdays' => array_map($names->weekday(...), Weekday::cases()),
                'initials' => array_map($names->weekdayInitial(...), Weekday::cases()),
            ];
            if ($own === $said) {
                $same[] = $locale;
            }
        }
        $steady = [
            'en',
            'de',
            'fi',
            'fr',
            'es',
            'pt',
            'it',
            'nl',
            'sv',
            'nb',
            'da',
            'is',
            'et',
            'lv',
            'pl',
            'cs',
            'sk',
            'sl',
            'hr',
            'hu',
            'ro',
            'ru',
            'tr',
            'ar',
            'he',
            'fa',
            'ja',
            'ko',
            'zh',
            'th',
            'id',
            'sw',
            'eu',
            'ga',
            'cy',
            'hy',
            'ka',
            'ta',
            'mr',
            'ur',
        ];
        self::assertSame([], array_values(array_diff($steady, $same)));
        self::assertGreaterThan(0.75 * \count($both), \count($same));
    }

    public function testAPeriodHasOneTo24Months(): void
    {
        self::assertSame(24, (new Period(new Month(2027, 3), new Month(2029, 2)))->length());
        self::assertSame('2027–2029', (new Period(new Month(2027, 3), new Month(2029, 2)))->years());
        $this->expectException(\OutOfRangeException::class);
        new Period(new Month(2027, 3), new Month(2027, 2));
    }

    /** @return list<int> */
    private function sixRows(int $year, Weekday $first): array
    {
        return array_values(array_filter(
            range(1, 12),
            static fn (int $month): bool => 6 === (new MonthGrid(new Month($year, $month), $first))->rows,
        ));
    }
}
