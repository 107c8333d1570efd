<?php

/*
 * The one meaning of time on a page: whatever is shaped like it (months, quarters, weeks, days, doors' faces, paydays) begins with a month
 * and goes on for so many. Both are the book's where nobody says another; before the book and past its end are allowed.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class OwnPeriod
{
    public const FROM = 'from';
    public const MONTHS = 'months';

    /** What is asked of whatever has months. */
    public const OF_MONTHS = [self::FROM, self::MONTHS];

    /** What is asked of whatever has weeks. */
    public const OF_WEEKS = [
        ...self::OF_MONTHS,
        Settings::WEEK_START,
        WeeksShown::WHICH,
        WeeksShown::FIRST,
        WeeksShown::COUNT,
        WeeksShown::BY,
    ];

    /** What is asked of whatever has the days of a month. */
    public const OF_DAYS = [...self::OF_MONTHS, DaysShown::BY];

    /** What is asked of whatever has the days of a week. */
    public const OF_WEEKDAYS = [Settings::WEEK_START, DaysShown::OF_A_WEEK];

    /** @return array<string, Field> a spread or one of its parts is asked for, by name */
    public static function fields(): array
    {
        return array_column([
            Field::month(self::FROM, 'First month'),
            Field::count(self::MONTHS, 'How many months', 1, Period::LONGEST),
            Field::weekStart(),
            ...WeeksShown::fields(),
            ...DaysShown::fields(),
        ], null, 'name');
    }

    /** @return array<string, Field> those of whatever has months */
    public static function ofMonths(): array
    {
        return array_intersect_key(self::fields(), array_flip(self::OF_MONTHS));
    }

    /**
     * The calendar of what has settings of its own: from "from" (else the first month) on, as many as "months" says; else to the end of
     * the months there are, or as many as they are where that lies before or out of reach. Within a month's pages it is that month, or the
     * one that is said, alone unless more are. Asked again of what it answers, it answers the same.
     */
    public static function of(CalendarFacts $calendar, Settings $said): CalendarFacts
    {
        $from = $said->knows(self::FROM) ? $said->monthOrNull(self::FROM) : null;
        $count = $said->knows(self::MONTHS) ? $said->countOrNull(self::MONTHS) : null;
        if ($calendar->isShare || (null === $from && null === $count)) {
            return $calendar;
        }
        $months = $calendar->months();
        $first = $from ?? $months[0];
        $toTheEnd = $months[\count($months) - 1]->index() - $first->index() + 1;
        $usual = null === $calendar->month && $toTheEnd >= 1 && $toTheEnd <= Period::LONGEST ? $toTheEnd : \count($months);
        $end = $first->run($count ?? $usual);

        return $calendar->over(new Period($first, $end[\count($end) - 1]));
    }
}
