<?php

/* What edits of spreads look up in a plan. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;

/** @internal */
final class InPlan
{
    /** @throws PlanProblem where it is gone */
    public static function spread(Plan $plan, string $id): PlannedSpread
    {
        return $plan->spread($id) ?? throw PlanProblem::at('edit/spread', 'This spread is not in the book any more.');
    }

    /** @throws PlanProblem where the plan has no such book */
    public static function book(Plan $plan, string $book): string
    {
        return \in_array($book, $plan->books(), true) ? $book : throw PlanProblem::at('edit/book', "There is no book “{$book}”.");
    }

    /** Its title, cut where it is very long. */
    public static function name(PlannedSpread $spread, Catalogue $catalogue): string
    {
        $name = $catalogue->title($spread);

        return mb_strlen($name) > 60 ? mb_substr($name, 0, 59).'…' : $name;
    }

    /**
     * Before another spread, in that one's section and book; else at the end.
     *
     * @param list<PlannedSpread> $spreads
     *
     * @return list<PlannedSpread>
     */
    public static function insert(array $spreads, PlannedSpread $spread, ?string $before): array
    {
        foreach ($spreads as $i => $other) {
            if ($other->id === $before) {
                return [
                    ...\array_slice($spreads, 0, $i),
                    $spread->with(['section' => $other->section, 'book' => $other->book]),
                    ...\array_slice($spreads, $i),
                ];
            }
        }

        return [...$spreads, $spread];
    }
}
