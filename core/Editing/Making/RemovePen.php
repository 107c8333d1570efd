<?php

/* A pen is taken off the list. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Making\TestedPen;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class RemovePen implements Edit
{
    public function __construct(private readonly string $pen)
    {
    }

    public static function type(): string
    {
        return 'remove-pen';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('pen', null, 40));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $kept = array_values(array_filter($plan->making->pens, fn (TestedPen $pen): bool => $pen->id !== $this->pen));
        if (\count($kept) === \count($plan->making->pens)) {
            throw PlanProblem::at('edit/pen', 'This pen is not on the list any more.');
        }

        return new Edited($plan->with(['making' => $plan->making->with(['pens' => $kept])]), 'Pen taken off the list');
    }
}
