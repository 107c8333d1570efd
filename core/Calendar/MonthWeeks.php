<?php

/* The weeks a month's pages must hold, counted for the real year. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

final class MonthWeeks
{
    /**
     * By the schools that give a whole week to one month, only weeks that touch the period are kept: the
     * first month also takes the week it begins in, the last month the week it ends in.
     *
     * @return list<MonthWeek>
     */
    public static function of(Month $month, Weekday $first, WeekSchool $school, ?Period $period = null): array
    {
        $start = Day::of($month, 1);
        $end = Day::of($month, $month->days());
        $weeks = [];
        for ($from = $start->plus(-$start->weekday()->columnFrom($first)); $from->number <= $end->number; $from = $from->plus(7)) {
            $to = $from->plus(6);
            $own = min($to->number, $end->number) - max($from->number, $start->number) + 1;
            $split = WeekSchool::Split === $school || WeekSchool::Folded === $school;
            if (!$split && !self::owns($month, $from, $own, $school, $period)) {
                continue;
            }
            $weeks[] = new MonthWeek(
                $split && $from->number < $start->number ? $start : $from,
                $split && $to->number > $end->number ? $end : $to,
                // Whatever day comes first, the number is that of the week's Thursday.
                $from->plus((Weekday::Thursday->value - $first->value + 7) % 7)->isoWeek(),
                WeekSchool::Folded === $school && $own <= WeekSchool::SHORT_END,
            );
        }

        return $weeks;
    }

    private static function owns(Month $month, Day $from, int $own, WeekSchool $school, ?Period $period): bool
    {
        $to = $from->plus(6);
        if (null !== $period && $from->month->index() < $period->start->index()) {
            return $month->equals($period->start);
        }
        if (null !== $period && $to->month->index() > $period->end->index() && $month->equals($period->end)) {
            return true;
        }

        return WeekSchool::FirstDay === $school ? $from->month->equals($month) : $own >= 4;
    }
}
