<?php

/* A new notebook as the last one was, with the last one beside it to be reviewed. */

declare(strict_types=1);

namespace AmpleMargin\Book\Carrying;

use AmpleMargin\Book\StarterPlan;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class AsLastBook
{
    /** @param list<array{drawing: string, step: string}> $ticks steps of the old one that are ticked */
    public static function of(
        Plan $was,
        array $ticks,
        string $title,
        Stock $stock,
        Period $period,
        Tally $counting,
        Catalogue $catalogue,
    ): Plan {
        $new = StarterPlan::like($was, $title, $stock, $period, $counting, $catalogue);
        $old = OldBookOf::plan($was, $ticks, $catalogue);

        return $new->with(['old' => $old->with([
            // What lies ahead has come along already, and so has every spread.
            'dates' => new KnownDates(),
            'spreads' => array_map(
                static fn (OldSpread $one): OldSpread => null === $new->spread($one->spread->id)
                    ? $one
                    : $one->with(['became' => $one->spread->id]),
                $old->spreads,
            ),
        ])]);
    }
}
