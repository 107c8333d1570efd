<?php

/*
 * The days of a period on which something is put aside. A payday belongs to the month it falls in by its rule, even where the
 * weekend moves it into the next one.
 */

declare(strict_types=1);

namespace AmpleMargin\Saving;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;

final class Paydays
{
    /** A list of more is no plan. From memory. */
    public const MOST = 400;

    /** The day in the middle of a month on which half of it is paid (common practice, no source). */
    private const MIDDLE = 15;

    /**
     * In order; none where the first one lies behind the period.
     *
     * @param Day|null $first of those by the week: any one of them, before the period or in it; null for the period's first Friday
     * @param int      $on    day of the month of those once a month, 1 to 31; a shorter month's last day stands for it
     *
     * @return list<array{Day, Day}> the day by the rule, and the one it is paid on
     */
    public static function in(Period $period, PaydayRule $rule, ?Day $first = null, int $on = 31, Weekend $weekend = Weekend::Stays): array
    {
        $days = match ($rule) {
            PaydayRule::Months => self::everyMonth($period, [$on]),
            PaydayRule::HalfMonths => self::everyMonth($period, [self::MIDDLE, 31]),
            PaydayRule::Fortnights => self::every(14, $period, $first),
            PaydayRule::Weeks => self::every(7, $period, $first),
            PaydayRule::Times => [],
        };

        return array_map(static fn (Day $day): array => [$day, $weekend->moved($day)], $days);
    }

    /**
     * @param list<int> $on
     *
     * @return list<Day>
     */
    private static function everyMonth(Period $period, array $on): array
    {
        return array_merge(...array_map(
            static fn (Month $month): array => array_map(
                static fn (int $day): Day => Day::of($month, min(max(1, $day), $month->days())),
                $on,
            ),
            $period->months(),
        ));
    }

    /** @return list<Day> */
    private static function every(int $days, Period $period, ?Day $first): array
    {
        $start = Day::of($period->start, 1);
        $end = Day::of($period->end, $period->end->days());
        if (null === $first) {
            $first = $start->plus((Weekday::Friday->value - $start->weekday()->value + 7) % 7);
        } elseif ($first->number < $start->number) {
            // The first of them that is not before the period.
            $first = $start->plus((($first->number - $start->number) % $days + $days) % $days);
        }
        $paydays = [];
        for (; $first->number <= $end->number; $first = $first->plus($days)) {
            $paydays[] = $first;
        }

        return $paydays;
    }
}
