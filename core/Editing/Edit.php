<?php

/*
 * One change of a plan. It reads itself from what is sent (docs/format.md), and checks itself against the plan.
 * Every edit is whole or refused; nothing here keeps anything. What the program itself proposes is Offered.
 */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

interface Edit
{
    /** Its word in the API. */
    public static function type(): string;

    /** @throws PlanProblem naming the field that cannot be, whatever the plan is */
    public static function read(Values $values): self;

    /** @throws PlanProblem naming the field that cannot be in this plan */
    public function on(Plan $plan, Catalogue $catalogue): Edited;
}
