<?php

/* Which weeks stand on a page: those of its months, by what of them lies within, or so many from one that is named by its number. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class WeeksShown
{
    public const WHICH = 'which_weeks';
    public const FIRST = 'first_week';
    public const COUNT = 'weeks';
    public const BY = 'weeks_by';

    /** Weeks two years have at most. */
    private const MOST = 106;

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice(self::WHICH, 'Weeks', [
                'usual' => 'as is usual here',
                'all' => 'all that have a day in these months',
                'begin' => 'those that begin in these months',
                'most' => 'those with most of their days in these months',
            ]),
            Field::count(self::FIRST, 'First week, by its number', 1, 53),
            Field::count(self::COUNT, 'How many weeks', 1, self::MOST),
            Field::choice(self::BY, 'Weeks are called by', ['day' => 'the day they begin', 'number' => 'their number']),
        ];
    }

    /**
     * The first days of the weeks. Usual are all that have a day in the months, and of a month's pages those that begin in it.
     *
     * @return list<Day>
     */
    public static function of(CalendarFacts $calendar, Settings $said): array
    {
        $months = $calendar->months();
        [$start, $last] = [Day::of($months[0], 1), $months[\count($months) - 1]];
        $end = Day::of($last, $last->days());
        $which = $said->knows(self::WHICH) ? $said->choice(self::WHICH) : 'usual';
        $which = 'usual' === $which ? (null === $calendar->month ? 'all' : 'begin') : $which;
        $number = $said->knows(self::FIRST) ? $said->countOrNull(self::FIRST) : null;
        $count = $said->knows(self::COUNT) ? $said->countOrNull(self::COUNT) : null;
        $day = $start->plus(-(($start->weekday()->value - $calendar->first->value + 7) % 7));
        // The days of it that count: any; its first; its fourth, as ISO 8601 gives a week to a year.
        [$from, $to] = ['all' => [6, 0], 'begin' => [0, 0], 'most' => [3, 3]][$which] ?? [6, 0];
        if (null !== $number) {
            // By number a week is known by its fourth day, whichever day it begins on; the 53rd is the one after the 52nd in every year.
            while ($day->plus(3)->isoWeek() !== min(52, $number)) {
                $day = $day->plus(7);
            }
            $day = $day->plus(7 * max(0, $number - 52));
        } elseif ($day->number + $from < $start->number) {
            $day = $day->plus(7);
        }
        $weeks = [];
        for (; null === $count ? $day->number + $to <= $end->number : \count($weeks) < $count; $day = $day->plus(7)) {
            $weeks[] = $day;
        }

        return $weeks;
    }

    /** Its number, by its fourth day, as ISO 8601 counts. */
    public static function isNumbered(Settings $said): bool
    {
        return $said->knows(self::BY) && 'number' === $said->choice(self::BY);
    }
}
