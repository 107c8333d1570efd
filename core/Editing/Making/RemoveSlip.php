<?php

/* A slip is taken out of the log, and what was mended for it off its page; spreads that were moved stay where they are. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Making\Slip;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class RemoveSlip implements Offered
{
    public function __construct(private readonly string $slip)
    {
    }

    public static function type(): string
    {
        return 'remove-slip';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('slip', null, 40));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $kept = array_values(array_filter($plan->making->slips, fn (Slip $slip): bool => $slip->id !== $this->slip));
        if (\count($kept) === \count($plan->making->slips)) {
            throw PlanProblem::at('edit/slip', 'This slip is not in the log any more.');
        }

        return new Edited($plan->with(['making' => $plan->making->with(['slips' => $kept])]), 'Slip taken out of the log');
    }

    public function written(): array
    {
        return ['type' => self::type(), 'slip' => $this->slip];
    }
}
