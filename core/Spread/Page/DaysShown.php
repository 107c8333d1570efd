<?php

/* Which days stand on a page and how they are called: those of the one month there is, or 31; a week's seven, or its five of school. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class DaysShown
{
    public const BY = 'days_by';
    public const OF_A_WEEK = 'week_of';

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice(self::BY, 'Days are called by', ['number' => 'their number', 'weekday' => 'number and weekday']),
            Field::choice(self::OF_A_WEEK, 'A week has', ['7' => 'seven days', '5' => 'five days, Monday to Friday']),
        ];
    }

    /** The one month whose days they are; null where they are of any. */
    public static function month(CalendarFacts $calendar): ?Month
    {
        return $calendar->month ?? (1 === $calendar->period->length() ? $calendar->period->start : null);
    }

    /** Whether each says its weekday, which only the days of one month have. */
    public static function sayWeekdays(Settings $said): bool
    {
        return $said->knows(self::BY) && 'weekday' === $said->choice(self::BY);
    }

    /** @return non-empty-list<Weekday> of a week, from the day it begins on */
    public static function ofAWeek(CalendarFacts $calendar, Settings $said): array
    {
        $days = array_map(static fn (int $i): Weekday => $calendar->first->plus($i), range(0, 6));
        $school = array_filter($days, static fn (Weekday $day): bool => !\in_array($day, [Weekday::Saturday, Weekday::Sunday], true));

        return $said->knows(self::OF_A_WEEK) && '5' === $said->choice(self::OF_A_WEEK) && [] !== $school ? array_values($school) : $days;
    }
}
