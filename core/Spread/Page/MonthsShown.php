<?php

/* Which months a spread shows: the period's, or those the person names. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;

/** @internal to Spread */
final class MonthsShown
{
    /**
     * From the setting "from" (else the period's first) on, as many as "months" says; else to the period's end, or as many
     * as the period has where that lies before or out of reach.
     *
     * @return non-empty-list<Month> 1 to 24
     */
    public static function of(Request $request): array
    {
        $first = $request->settings->monthOrNull('from') ?? $request->calendar->period->start;
        $toTheEnd = $request->calendar->period->end->index() - $first->index() + 1;
        $usual = $toTheEnd >= 1 && $toTheEnd <= Period::LONGEST ? $toTheEnd : $request->calendar->period->length();

        return $first->run($request->settings->countOrNull('months') ?? $usual);
    }
}
