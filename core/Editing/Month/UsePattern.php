<?php

/* A month uses a pattern, or all share it. The shared one named for a month takes its override away. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Month;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class UsePattern implements Offered
{
    /** @param string|null $month such as 2027-05; null for the pattern all share */
    public function __construct(private readonly string $pattern, private readonly ?string $month = null)
    {
    }

    public static function type(): string
    {
        return 'use-pattern';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('pattern', '', 40), $values->textOrNull('month', 10));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $pattern = self::pattern($plan, $this->pattern);
        if (null === $this->month) {
            return new Edited($plan->with(['months' => $plan->months->with(['usual' => $pattern->id])]), "Months share “{$pattern->name}”");
        }
        $month = self::month($plan, $this->month);
        $overrides = [$month->iso() => $pattern->id] + $plan->months->overrides;
        if ($pattern->id === $plan->months->usual) {
            unset($overrides[$month->iso()]);
        }
        ksort($overrides);

        return new Edited(
            $plan->with(['months' => $plan->months->with(['overrides' => $overrides])]),
            "{$month->iso()} uses “{$pattern->name}”",
        );
    }

    public function written(): array
    {
        return ['type' => self::type(), 'pattern' => $this->pattern] + (null === $this->month ? [] : ['month' => $this->month]);
    }

    /** @internal @throws PlanProblem where the plan has no such pattern */
    public static function pattern(Plan $plan, string $id): Pattern
    {
        return $plan->months->pattern($id) ?? throw PlanProblem::at('edit/pattern', 'There is no such month pattern.');
    }

    /** @internal @throws PlanProblem where it is no month of the period */
    public static function month(Plan $plan, string $said): Month
    {
        $month = Month::read($said);

        return null !== $month && $plan->period->contains($month)
            ? $month
            : throw PlanProblem::at('edit/month', 'This month is not in the period of the book.');
    }
}
