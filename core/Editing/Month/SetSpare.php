<?php

/* Where spare pages go, and how heavy months are. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Month;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Spare;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetSpare implements Edit
{
    /** @param array<string, int> $weights by month */
    public function __construct(private readonly ?Spare $spare, private readonly array $weights)
    {
    }

    public static function type(): string
    {
        return 'set-spare';
    }

    public static function read(Values $values): self
    {
        return new self(
            $values->has('spare') ? $values->choice('spare', Spare::class) : null,
            $values->byMonth('weights', 0, MonthPlan::MOST_WEIGHT, 'a weight is a whole number from 0 to '.MonthPlan::MOST_WEIGHT),
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        foreach (array_keys($this->weights) as $month) {
            if (!$plan->period->contains(Month::read($month) ?? throw new \LogicException('Read as a month just now.'))) {
                throw PlanProblem::at("edit/weights/$month", "$month is not in the period of the book.");
            }
        }
        $weights = $this->weights + $plan->months->weights;
        ksort($weights);

        return new Edited(
            $plan->with(['months' => $plan->months->with([
                'spare' => $this->spare ?? $plan->months->spare,
                'weights' => array_filter($weights, static fn (int $weight): bool => $weight > 0),
            ])]),
            'Spare pages changed',
        );
    }
}
