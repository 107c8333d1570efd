<?php

/* Edits to the months' patterns. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue;

final class MonthEdits
{
    /** {pattern: {id, name, parts}}: adds it, or changes the one of that id for every month that uses it. */
    public static function setPattern(Plan $plan, Values $values): Edited
    {
        $changed = PlanReader::pattern($values->inside('pattern'));
        foreach ($changed->parts as $i => $part) {
            if (null === Catalogue::kind($part->kind) || null !== Catalogue::kind($part->kind)->section) {
                throw PlanProblem::at($values->path("pattern/parts/$i/kind"), "“{$part->kind}” is not a part of a month.");
            }
        }
        $patterns = $plan->months->patterns;
        $known = null !== $plan->months->pattern($changed->id);
        $patterns = $known
            ? array_map(static fn (Pattern $pattern): Pattern => $pattern->id === $changed->id ? $changed : $pattern, $patterns)
            : [...$patterns, $changed];
        if (\count($patterns) > 30) {
            throw PlanProblem::at($values->path('pattern'), 'A plan takes at most 30 month patterns.');
        }

        return new Edited($plan->with(['months' => new MonthPlan($patterns, $plan->months->usual, $plan->months->overrides)]), "Pattern “{$changed->name}” ".($known ? 'changed' : 'added'));
    }

    /** {pattern}: the months that used it go back to the usual one. */
    public static function removePattern(Plan $plan, Values $values): Edited
    {
        $gone = self::pattern($plan, $values);
        if ($gone->id === $plan->months->usual) {
            throw PlanProblem::at($values->path('pattern'), "“{$gone->name}” is the pattern months share; choose another for that first.");
        }
        $left = array_values(array_filter($plan->months->patterns, static fn (Pattern $pattern): bool => $pattern->id !== $gone->id));
        $overrides = array_filter($plan->months->overrides, static fn (string $id): bool => $id !== $gone->id);

        return new Edited($plan->with(['months' => new MonthPlan([] === $left ? [$gone] : $left, $plan->months->usual, $overrides)]), "Pattern “{$gone->name}” removed");
    }

    /** {pattern, month?}: for one month, or as the one all share. The shared pattern named for a month takes its override away. */
    public static function usePattern(Plan $plan, Values $values): Edited
    {
        $pattern = self::pattern($plan, $values);
        if (!$values->has('month')) {
            return new Edited($plan->with(['months' => new MonthPlan($plan->months->patterns, $pattern->id, $plan->months->overrides)]), "Months share “{$pattern->name}”");
        }
        $month = Month::read($values->text('month', '', 10));
        if (null === $month || !$plan->period->contains($month)) {
            throw PlanProblem::at($values->path('month'), 'This month is not in the period of the book.');
        }
        $overrides = [$month->iso() => $pattern->id] + $plan->months->overrides;
        if ($pattern->id === $plan->months->usual) {
            unset($overrides[$month->iso()]);
        }
        ksort($overrides);

        return new Edited($plan->with(['months' => new MonthPlan($plan->months->patterns, $plan->months->usual, $overrides)]), "{$month->iso()} uses “{$pattern->name}”");
    }

    /** Without the overrides of months that are no longer in the period. */
    public static function trimmed(Plan $plan): Plan
    {
        $kept = array_filter(
            $plan->months->overrides,
            static fn (string $month): bool => $plan->period->contains(Month::read($month) ?? $plan->period->start),
            \ARRAY_FILTER_USE_KEY,
        );

        return $plan->with(['months' => new MonthPlan($plan->months->patterns, $plan->months->usual, $kept)]);
    }

    private static function pattern(Plan $plan, Values $values): Pattern
    {
        return $plan->months->pattern($values->text('pattern', '', 40))
            ?? throw PlanProblem::at($values->path('pattern'), 'There is no such month pattern.');
    }
}
