<?php

/* The book is for other months; what is said of months that are no longer in it goes. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetPeriod implements Edit
{
    public function __construct(private readonly Period $period)
    {
    }

    public static function type(): string
    {
        return 'set-period';
    }

    public static function read(Values $values): self
    {
        return new self(PlanReader::period($values->inside('period')));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited(self::trimmed($plan->with(['period' => $this->period])), 'Period changed');
    }

    /** Without the overrides, weights and used pages of months that are no longer in the period. */
    private static function trimmed(Plan $plan): Plan
    {
        $kept = array_filter(
            $plan->months->overrides,
            static fn (string $month): bool => $plan->period->contains(Month::read($month) ?? $plan->period->start),
            \ARRAY_FILTER_USE_KEY,
        );

        $inPeriod = static fn (string $month): bool => $plan->period->contains(Month::read($month) ?? $plan->period->start);

        return $plan->with([
            'months' => $plan->months->with([
                'overrides' => $kept,
                'weights' => array_filter($plan->months->weights, $inPeriod, \ARRAY_FILTER_USE_KEY),
            ]),
            'volumes' => array_map(
                static fn (Volume $volume): Volume => null !== $volume->from
                        && (!$plan->period->contains($volume->from) || $volume->from->equals($plan->period->start))
                    ? new Volume(
                        $volume->id,
                        $volume->title,
                        $volume->stock,
                        later: $volume->later,
                    ) : $volume,
                $plan->volumes,
            ),
            'inUse' => new InUse(array_filter($plan->inUse->used, $inPeriod, \ARRAY_FILTER_USE_KEY), $plan->inUse->lost),
        ]);
    }
}
