<?php

/* Which months a year at a glance shows: the period's, or those the person names. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Spread\Request;

final class YearMonths
{
    /** @return non-empty-list<Month> from the setting "from" (else the period's first) on, as many as "months" says (else to its end) */
    public static function of(Request $request): array
    {
        $first = $request->settings->month('from') ?? $request->period->start;
        $toTheEnd = max(1, $request->period->end->index() - $first->index() + 1);

        return $first->run($request->settings->count('months', $toTheEnd, 1, Period::LONGEST));
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
