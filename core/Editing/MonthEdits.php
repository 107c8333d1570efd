<?php

/* Edits to the months' patterns. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Spare;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue;

final class MonthEdits
{
    /** {pattern: {id, name, parts}}: adds it, or changes the one of that id for every month that uses it. */
    public static function setPattern(Plan $plan, Values $values, Catalogue $catalogue): Edited
    {
        $changed = PlanReader::pattern($values->inside('pattern'));
        foreach ($changed->parts as $i => $part) {
            $kind = $catalogue->kind($part->kind);
            if (null === $kind || null !== $kind->section) {
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

        return new Edited(
            $plan->with(['months' => $plan->months->with(['patterns' => $patterns])]),
            "Pattern “{$changed->name}” ".($known ? 'changed' : 'added'),
        );
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

        return new Edited(
            $plan->with(['months' => $plan->months->with(['patterns' => [] === $left ? [$gone] : $left, 'overrides' => $overrides])]),
            "Pattern “{$gone->name}” removed",
        );
    }

    /** {pattern, month?}: for one month, or as the one all share. The shared pattern named for a month takes its override away. */
    public static function usePattern(Plan $plan, Values $values): Edited
    {
        $pattern = self::pattern($plan, $values);
        if (!$values->has('month')) {
            return new Edited($plan->with(['months' => $plan->months->with(['usual' => $pattern->id])]), "Months share “{$pattern->name}”");
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

        return new Edited(
            $plan->with(['months' => $plan->months->with(['overrides' => $overrides])]),
            "{$month->iso()} uses “{$pattern->name}”",
        );
    }

    /** Without the overrides of months that are no longer in the period. */
    public static function trimmed(Plan $plan): Plan
    {
        $kept = array_filter(
            $plan->months->overrides,
            static fn (string $month): bool => $plan->period->contains(Month::read($month) ?? $plan->period->start),
            \ARRAY_FILTER_USE_KEY,
        );

        $inPeriod = static fn (string $month): bool => $plan->period->contains(Month::read($month) ?? $plan->period->start);

        return $plan->with([
            'months' => $plan->months->with([
                'overrides' => $kept,
                'weights' => array_filter($plan->months->weights, $inPeriod, \ARRAY_FILTER_USE_KEY),
            ]),
            'volumes' => array_map(
                static fn (Volume $volume): Volume => null !== $volume->from
                        && (!$plan->period->contains($volume->from) || $volume->from->equals($plan->period->start))
                    ? new Volume(
                        $volume->id,
                        $volume->title,
                        $volume->stock,
                    ) : $volume,
                $plan->volumes,
            ),
            'inUse' => new InUse(array_filter($plan->inUse->used, $inPeriod, \ARRAY_FILTER_USE_KEY), $plan->inUse->lost),
        ]);
    }

    /** {spare, weights?}: where spare pages go. */
    public static function setSpare(Plan $plan, Values $values): Edited
    {
        $given = $values->byMonth('weights', 0, MonthPlan::MOST_WEIGHT, 'a weight is a whole number from 0 to '.MonthPlan::MOST_WEIGHT);
        foreach (array_keys($given) as $month) {
            if (!$plan->period->contains(Month::read($month) ?? throw new \LogicException('Read as a month just now.'))) {
                throw PlanProblem::at($values->path("weights/$month"), "$month is not in the period of the book.");
            }
        }
        $weights = $given + $plan->months->weights;
        ksort($weights);

        return new Edited(
            $plan->with(['months' => $plan->months->with([
                'spare' => $values->choice('spare', Spare::class, $plan->months->spare),
                'weights' => array_filter($weights, static fn (int $weight): bool => $weight > 0),
            ])]),
            'Spare pages changed',
        );
    }

    /** {month, page}: the last page a month really took; null takes it back. */
    public static function setUsed(Plan $plan, Values $values): Edited
    {
        $month = Month::read($values->text('month', '', 10));
        if (null === $month || !$plan->period->contains($month)) {
            throw PlanProblem::at($values->path('month'), 'This month is not in the period of the book.');
        }
        $used = $plan->inUse->used;
        unset($used[$month->iso()]);
        if ($values->has('page')) {
            $page = $values->count('page', 1, $plan->stock->pages);
            foreach ($used as $other => $last) {
                if (($other < $month->iso() && $last >= $page) || ($other > $month->iso() && $last <= $page)) {
                    throw PlanProblem::at($values->path('page'), "$other already ends on page $last; months follow one another.");
                }
            }
            $used[$month->iso()] = $page;
        }
        ksort($used);

        return new Edited($plan->with(['inUse' => new InUse($used, $plan->inUse->lost)]), "Pages used by {$month->iso()} noted");
    }

    /** {page, lost}: a page skipped or ruined, or not after all. */
    public static function setLost(Plan $plan, Values $values): Edited
    {
        $page = $values->count('page', 1, $plan->stock->pages);
        $others = array_values(array_filter($plan->inUse->lost, static fn (int $lost): bool => $lost !== $page));
        $lost = false === ($values->all()['lost'] ?? true) ? $others : [...$others, $page];
        sort($lost);

        return new Edited(
            $plan->with(['inUse' => new InUse($plan->inUse->used, $lost)]),
            \count($lost) > \count($others) ? "Page $page skipped" : "Page $page back in use",
        );
    }

    private static function pattern(Plan $plan, Values $values): Pattern
    {
        return $plan->months->pattern($values->text('pattern', '', 40))
            ?? throw PlanProblem::at($values->path('pattern'), 'There is no such month pattern.');
    }
}
