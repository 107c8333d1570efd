<?php

declare(strict_types=1);

namespace Tests\Calendar;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Calendar\MonthWeeks;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Calendar\WeekSchool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Reference\Luxon;

final class MonthWeeksTest extends TestCase
{
    /** January 2027 begins on a Friday: its first week has three days. By hand. */
    public static function january(): iterable
    {
        yield 'split: five weeks, the first of three days' => [
            WeekSchool::Split,
            ['2027-01-01', '2027-01-04', '2027-01-11', '2027-01-18', '2027-01-25'],
            [false, false, false, false, false],
        ];
        yield 'folded: the three days take half the pages' => [
            WeekSchool::Folded,
            ['2027-01-01', '2027-01-04', '2027-01-11', '2027-01-18', '2027-01-25'],
            [true, false, false, false, false],
        ];
        yield 'most days: the three days belong to December' => [
            WeekSchool::MostDays,
            ['2027-01-04', '2027-01-11', '2027-01-18', '2027-01-25'],
            [false, false, false, false],
        ];
    }

    /** @param list<string> $from */
    #[DataProvider('january')]
    public function testTheWeeksOfJanuary2027(WeekSchool $school, array $from, array $folded): void
    {
        $weeks = MonthWeeks::of(new Month(2027, 1), Weekday::Monday, $school);

        self::assertSame($from, array_map(static fn (MonthWeek $week): string => $week->from->iso(), $weeks));
        self::assertSame($folded, array_map(static fn (MonthWeek $week): bool => $week->folded, $weeks));
    }

    public function testTheFirstMonthOfABookTakesTheWeekItBeginsIn(): void
    {
        $weeks = MonthWeeks::of(
            new Month(2027, 1),
            Weekday::Monday,
            WeekSchool::MostDays,
            new Period(new Month(2027, 1), new Month(2027, 12)),
        );

        self::assertSame(['2026-12-28', 53], [$weeks[0]->from->iso(), $weeks[0]->isoWeek]);
    }

    /** Every day of 1990 to 2060 is drawn, on one month only by the schools that give a week to one month. Days and weekdays from luxon. */
    public function testEveryDayIsOnSomePage(): void
    {
        foreach ([Weekday::Monday, Weekday::Sunday, Weekday::Saturday] as $first) {
            foreach (WeekSchool::cases() as $school) {
                $expected = null;
                foreach (Luxon::months() as $iso => $said) {
                    if ($iso < '1990-01' || $iso > '2060-12') {
                        continue;
                    }
                    $weeks = MonthWeeks::of(Month::read($iso) ?? self::fail(), $first, $school);
                    foreach ($weeks as $week) {
                        self::assertSame($expected ?? $week->from->number, $week->from->number, "$iso $school->value");
                        $expected = $week->to->number + 1;
                    }
                    // A school gives a month as many weeks as the month has of the day that decides: the first, or the fourth.
                    $decides = match ($school) {
                        WeekSchool::FirstDay => $first->value,
                        WeekSchool::MostDays => ($first->value + 2) % 7 + 1,
                        default => null,
                    };
                    if (null !== $decides) {
                        self::assertCount(
                            \count(array_filter(
                                range(0, $said['days'] - 1),
                                static fn (int $day): bool => ($said['weekday'] - 1 + $day) % 7 + 1 === $decides,
                            )),
                            $weeks,
                            "$iso $school->value",
                        );
                    }
                    if (WeekSchool::Split === $school || WeekSchool::Folded === $school) {
                        // Rows of the month's grid, counted from luxon's weekday of the 1st.
                        self::assertCount((int) ceil((($said['weekday'] - $first->value + 7) % 7 + $said['days']) / 7), $weeks, $iso);
                    }
                }
            }
        }
    }

    public function testTheWeekNumberIsThatOfItsThursdayWhateverDayComesFirst(): void
    {
        foreach ([Weekday::Monday, Weekday::Sunday, Weekday::Saturday] as $first) {
            foreach (MonthWeeks::of(new Month(2027, 3), $first, WeekSchool::FirstDay) as $week) {
                $thursday = $week->from->plus((Weekday::Thursday->value - $week->from->weekday()->value + 7) % 7);
                self::assertSame(Luxon::months()[$thursday->month->iso()]['weeks'][$thursday->day - 1], $week->isoWeek);
            }
        }
    }
}
