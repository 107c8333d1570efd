<?php

/* The edit that puts a designed key into the plan: refused while any of its marks is ambiguous. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Key\KeyCheck;
use AmpleMargin\Key\KeyReader;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue;

final class KeyEdits
{
    /** The screen a kind is designed on that keeps its symbols as a key does. */
    private const DESIGNER = 'key';

    /** {spread, symbols, palette?, colours?: whether the page explains the pens' colours} @throws PlanProblem */
    public static function set(Plan $plan, Values $values, Catalogue $catalogue): Edited
    {
        $id = $values->text('spread', '', 40);
        $spread = $plan->spread($id);
        if (null === $spread || self::DESIGNER !== $catalogue->kind($spread->kind)?->designer) {
            throw PlanProblem::at($values->path('spread'), 'This key is not in the book any more.');
        }
        $set = KeyReader::read($values);
        if ([] === $set->symbols) {
            throw PlanProblem::at($values->path('symbols'), 'A key has at least one symbol.');
        }
        foreach (KeyCheck::problemsOf($set, $plan->stock->pitch) as $problem) {
            if ($problem->stops) {
                throw PlanProblem::at($values->path($problem->field()), $problem->says);
            }
        }
        $settings = ['symbols' => KeyReader::written($set), 'colours' => $values->flag('colours', false)];
        $edited = SpreadEdits::set($plan, Values::of(['spread' => $id, 'settings' => $settings]), $catalogue);

        return new Edited($edited->plan->with(['palette' => PlanReader::palette($values) ?? $plan->palette]), 'Key changed');
    }
}
