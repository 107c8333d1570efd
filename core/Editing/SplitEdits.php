<?php

/* Edits that take splittings from the counting bench into pages. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\SplitReader;
use AmpleMargin\Plan\TakenSplit;
use AmpleMargin\Plan\Values;

final class SplitEdits
{
    /** {on, nth?, edge, x, y, wide, tall, parts, gap, policy, ratio?, again?} */
    public static function take(Plan $plan, Values $values): Edited
    {
        if (\count($plan->taken) >= TakenSplit::MOST) {
            throw PlanProblem::at($values->path('on'), 'A plan takes at most '.TakenSplit::MOST.' splittings from the counting bench.');
        }
        $taken = SplitReader::taken($values, 'taken-'.(\count($plan->taken) + 1));
        if (null === $taken->split()) {
            throw PlanProblem::at($values->path('policy'), 'This school has no answer for this side: choose another, or another gap.');
        }

        return new Edited($plan->with(['taken' => [...$plan->taken, $taken]]), Plural::boxes($taken->side()).' split');
    }

    /** {taken} */
    public static function drop(Plan $plan, Values $values): Edited
    {
        $id = $values->text('taken', '', 40);
        $left = array_values(array_filter($plan->taken, static fn (TakenSplit $one): bool => $one->id !== $id));
        if (\count($left) === \count($plan->taken)) {
            throw PlanProblem::at($values->path('taken'), 'These ticks are not in the plan any more.');
        }
        // Numbered anew, so that the plan reads the same from its file.
        $left = array_map(
            static fn (TakenSplit $one, int $i): TakenSplit => new TakenSplit(
                'taken-'.($i + 1),
                $one->on,
                $one->nth,
                $one->height,
                $one->x,
                $one->y,
                $one->wide,
                $one->tall,
                $one->splitting,
            ),
            $left,
            array_keys($left),
        );

        return new Edited($plan->with(['taken' => $left]), 'Ticks of a split removed');
    }
}
