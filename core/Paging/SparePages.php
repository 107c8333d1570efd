<?php

/* Spare pages given to the months: as many as fit, shared by weight in whole pages. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\Month;
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
        $sum = array_sum($weights);
        if (Spare::End === $plan->spare || $pages < 1 || 0 === $sum) {
            return [];
        }
        $shares = [];
        $rest = [];
        foreach ($weights as $month => $weight) {
            $shares[$month] = intdiv($pages * $weight, $sum);
            $rest[$month] = $pages * $weight % $sum;
        }
        $order = array_reverse(array_keys($rest));
        usort($order, static fn (string $a, string $b): int => $rest[$b] <=> $rest[$a]);
        foreach (\array_slice($order, 0, $pages - array_sum($shares)) as $month) {
            ++$shares[$month];
        }

        return array_filter($shares, static fn (int $share): bool => $share > 0);
    }
}
