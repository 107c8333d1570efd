<?php

/* A spread is left until the book is in use, or drawn before the first day after all. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class LeaveForLater implements Offered
{
    public function __construct(private readonly string $drawing, private readonly bool $later)
    {
    }

    public static function type(): string
    {
        return 'leave-for-later';
    }

    public static function read(Values $values): self
    {
        $drawing = $values->text('drawing', null, 60);

        return MakingPlan::isDrawing($drawing)
            ? new self($drawing, $values->flag('later', true))
            : throw PlanProblem::at($values->path('drawing'), 'This is no page of any book.');
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $others = array_values(array_filter($plan->making->later, fn (string $one): bool => $one !== $this->drawing));
        $later = MakingPlan::atMost($this->later ? [...$others, $this->drawing] : $others, 'edit/drawing');

        return new Edited(
            $plan->with(['making' => $plan->making->with(['later' => $later])]),
            $this->later ? 'Left for later' : 'Drawn before the first day',
        );
    }

    public function written(): array
    {
        return ['type' => self::type(), 'drawing' => $this->drawing, 'later' => $this->later];
    }
}
