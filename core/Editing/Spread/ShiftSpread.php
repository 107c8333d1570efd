<?php

/* A spread goes one place earlier or later; past the end of its section into the next one. At the end of the book it stays. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class ShiftSpread implements Edit
{
    public function __construct(private readonly string $spread, private readonly bool $later)
    {
    }

    public static function type(): string
    {
        return 'shift-spread';
    }

    public static function read(Values $values): self
    {
        $way = $values->text('way', null, 10);
        if (!\in_array($way, ['earlier', 'later'], true)) {
            throw PlanProblem::at($values->path('way'), 'A spread goes earlier or later.');
        }

        return new self($values->text('spread', '', 40), 'later' === $way);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $spread = InPlan::spread($plan, $this->spread);
        $others = array_values(array_filter($plan->inOrder(), static fn (PlannedSpread $one): bool => $one->book === $spread->book));
        $at = (int) array_search($spread->id, array_column($others, 'id'), true);
        $next = $others[$at + ($this->later ? 1 : -1)] ?? null;
        $beyond = $others[$at + 2] ?? null;
        $before = match (true) {
            null === $next => $spread->id,
            $next->section !== $spread->section => $this->later ? $next->id : null,
            $this->later => $beyond?->section === $spread->section ? $beyond->id : null,
            default => $next->id,
        };

        return (new MoveSpread($spread->id, $next->section ?? $spread->section, $before))->on($plan, $catalogue);
    }
}
