<?php

/* How the months of a year at a glance are named on it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class YearMonths
{
    /**
     * A month's name as it stands on the page: with the year only where the months are of more than one.
     *
     * @param non-empty-list<Month> $months
     */
    public static function name(Request $request, Month $month, array $months): string
    {
        return $months[0]->year === end($months)->year
            ? $request->calendar->names->month($month->month)
            : $request->calendar->names->monthAndYear($month);
    }
}
