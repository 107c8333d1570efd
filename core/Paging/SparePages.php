<?php

/* Spare pages given to the months: as many as fit, shared by weight in whole pages. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\LargestRemainder;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Spare;

final class SparePages
{
    /**
     * By largest remainder, so that the shares add up to the pages exactly; of equal remainders the later
     * month's is served first, for months overrun towards the end of a year (from memory).
     *
     * @param list<Month> $months those that can still take pages
     *
     * @return array<string, int> month → pages
     */
    public static function share(int $pages, array $months, MonthPlan $plan): array
    {
        $weights = [];
        foreach ($months as $month) {
            $weights[$month->iso()] = Spare::Weights === $plan->spare ? $plan->weights[$month->iso()] ?? 0 : 1;
        }
        if (Spare::End === $plan->spare || $pages < 1 || 0 === array_sum($weights)) {
            return [];
        }

        return array_filter(LargestRemainder::share($pages, $weights, true), static fn (int $share): bool => $share > 0);
    }
}
