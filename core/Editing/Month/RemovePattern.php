<?php

/* A month pattern goes; the months that used it go back to the one all share. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Month;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class RemovePattern implements Edit
{
    public function __construct(private readonly string $pattern)
    {
    }

    public static function type(): string
    {
        return 'remove-pattern';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('pattern', '', 40));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $gone = UsePattern::pattern($plan, $this->pattern);
        if ($gone->id === $plan->months->usual) {
            throw PlanProblem::at('edit/pattern', "“{$gone->name}” is the pattern months share; choose another for that first.");
        }
        $left = array_values(array_filter($plan->months->patterns, static fn (Pattern $pattern): bool => $pattern->id !== $gone->id));
        $overrides = array_filter($plan->months->overrides, static fn (string $id): bool => $id !== $gone->id);

        return new Edited(
            $plan->with(['months' => $plan->months->with(['patterns' => [] === $left ? [$gone] : $left, 'overrides' => $overrides])]),
            "Pattern “{$gone->name}” removed",
        );
    }
}
