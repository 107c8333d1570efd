<?php

/* Minutes a person keeps for decorating each page of a drawing. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Decorate implements Edit
{
    /** @param int|null $minutes null for none */
    public function __construct(private readonly string $drawing, private readonly ?int $minutes)
    {
    }

    public static function type(): string
    {
        return 'decorate';
    }

    public static function read(Values $values): self
    {
        $drawing = $values->text('drawing', null, 60);

        return MakingPlan::isDrawing($drawing)
            ? new self($drawing, $values->has('minutes') ? $values->count('minutes', 1, MakingPlan::MOST_DECORATION) : null)
            : throw PlanProblem::at($values->path('drawing'), 'This is no page of any book.');
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $decorate = array_diff_key($plan->making->decorate, [$this->drawing => true])
            + (null === $this->minutes ? [] : [$this->drawing => $this->minutes]);

        return new Edited(
            $plan->with(['making' => $plan->making->with(['decorate' => MakingPlan::atMost($decorate, 'edit/drawing')])]),
            null === $this->minutes ? 'No decoration' : "$this->minutes minutes of decoration",
        );
    }
}
