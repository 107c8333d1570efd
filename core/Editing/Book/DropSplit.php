<?php

/* Ticks of the counting bench leave a page. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\TakenSplit;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class DropSplit implements Offered
{
    public function __construct(private readonly string $taken)
    {
    }

    public static function type(): string
    {
        return 'drop-split';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('taken', '', 40));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $left = array_values(array_filter($plan->taken, fn (TakenSplit $one): bool => $one->id !== $this->taken));
        if (\count($left) === \count($plan->taken)) {
            throw PlanProblem::at('edit/taken', 'These ticks are not in the plan any more.');
        }
        // Numbered anew, so that the plan reads the same from its file.
        $left = array_map(static fn (TakenSplit $one, int $i): TakenSplit => $one->as('taken-'.($i + 1)), $left, array_keys($left));

        return new Edited($plan->with(['taken' => $left]), 'Ticks of a split removed');
    }

    public function written(): array
    {
        return ['type' => self::type(), 'taken' => $this->taken];
    }
}
