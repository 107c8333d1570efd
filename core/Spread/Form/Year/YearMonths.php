<?php

/* Which months a year at a glance shows: the period's, or those the person names. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Spread\Request;

final class YearMonths
{
    /**
     * From the setting "from" (else the period's first) on, as many as "months" says; else to the period's end, or as many
     * as the period has where that lies before or out of reach.
     *
     * @return non-empty-list<Month> 1 to 24
     */
    public static function of(Request $request): array
    {
        $first = $request->settings->month('from') ?? $request->period->start;
        $toTheEnd = $request->period->end->index() - $first->index() + 1;
        $usual = $toTheEnd >= 1 && $toTheEnd <= Period::LONGEST ? $toTheEnd : $request->period->length();

        return $first->run($request->settings->count('months', $usual, 1, Period::LONGEST));
    }

    /**
     * A month's name as it stands on the page: with the year only where the months are of more than one.
     *
     * @param non-empty-list<Month> $months
     */
    public static function name(Request $request, Month $month, array $months): string
    {
        return $months[0]->year === end($months)->year ? $request->names->month($month->month) : $request->names->monthAndYear($month);
    }
}
