<?php

/*
 * An edit as it is sent (docs/format.md) → the plan it makes. Every edit is whole or refused; nothing here
 * writes anything.
 */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Counting\Tally;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue;

final class Edits
{
    /** @throws PlanProblem naming the field */
    public static function apply(Plan $plan, mixed $edit, Catalogue $catalogue = new Catalogue()): Edited
    {
        $values = Values::of($edit, 'edit');

        return match ($values->text('type', '', 40)) {
            'set-title' => new Edited($plan->with(['title' => PlanReader::title($values)]), 'Title changed'),
            'set-stock' => new Edited($plan->with(['stock' => PlanReader::stock($values->inside('stock'))]), 'Stock changed'),
            'set-period' => new Edited(
                MonthEdits::trimmed($plan->with(['period' => PlanReader::period($values->inside('period'))])),
                'Period changed',
            ),
            'set-weeks' => new Edited($plan->with(['weeks' => PlanReader::weeks($values->inside('weeks'))]), 'Weeks changed'),
            'set-counting' => new Edited($plan->with(['counting' => $values->choice('counting', Tally::class)]), 'Counting changed'),
            'set-language' => new Edited($plan->with(['language' => PlanReader::language($values)]), 'Language on paper changed'),
            'add-spread' => SpreadEdits::add($plan, $values, $catalogue),
            'remove-spread' => SpreadEdits::remove($plan, $values, $catalogue),
            'move-spread' => SpreadEdits::move($plan, $values, $catalogue),
            'set-spread' => SpreadEdits::set($plan, $values, $catalogue),
            'set-pattern' => MonthEdits::setPattern($plan, $values, $catalogue),
            'remove-pattern' => MonthEdits::removePattern($plan, $values),
            'use-pattern' => MonthEdits::usePattern($plan, $values),
            'add-book' => VolumeEdits::add($plan, $values),
            'set-book' => VolumeEdits::set($plan, $values),
            'remove-book' => VolumeEdits::remove($plan, $values),
            'set-spare' => MonthEdits::setSpare($plan, $values),
            'set-used' => MonthEdits::setUsed($plan, $values),
            'set-lost' => MonthEdits::setLost($plan, $values),
            'take-split' => SplitEdits::take($plan, $values),
            'drop-split' => SplitEdits::drop($plan, $values),
            'set-key' => KeyEdits::set($plan, $values, $catalogue),
            'set-palette' => new Edited($plan->with(['palette' => PlanReader::palette($values)]), 'Pens changed'),
            'set-mixing' => new Edited($plan->with(['mixing' => PlanReader::mixing($values)]), 'Mixing of sections changed'),
            'several' => self::several($plan, $values, $catalogue),
            default => throw PlanProblem::at('edit/type', 'There is no such edit.'),
        };
    }

    /** Several edits as one that is taken back as one. */
    private static function several(Plan $plan, Values $values, Catalogue $catalogue): Edited
    {
        $said = [];
        foreach (self::listed($values) as $edit) {
            $edited = self::apply($plan, $edit, $catalogue);
            $plan = $edited->plan;
            $said[] = $edited->said;
        }

        // Many changes make a long sentence; the list of edits shows its beginning.
        return new Edited($plan, mb_strimwidth($values->text('say', implode('; ', $said), \PHP_INT_MAX), 0, 400, '…'));
    }

    /** @return list<mixed> */
    private static function listed(Values $values): array
    {
        return array_map(static fn (Values $edit): array => $edit->all(), $values->each('edits', 400));
    }
}
