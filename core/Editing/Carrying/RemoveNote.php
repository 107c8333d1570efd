<?php

/* A note for the next book is taken out. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Carrying;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Old\NextTime;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class RemoveNote implements Edit
{
    public function __construct(private readonly string $note)
    {
    }

    public static function type(): string
    {
        return 'remove-note';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('note', '', 40));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $left = array_values(array_filter($plan->nextTime, fn (NextTime $one): bool => $one->id !== $this->note));
        if (\count($left) === \count($plan->nextTime)) {
            throw PlanProblem::at('edit/note', 'This note is gone already.');
        }

        return new Edited($plan->with(['nextTime' => $left]), 'A note for next time taken out');
    }
}
