<?php

/* An entry as an edit says it: its day in a person's words, its category one that there is. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\Said;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Dates\When;
use AmpleMargin\Plan\DatesReader;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

/** @internal to Editing */
final class SaidEntry
{
    private const KNOWN = [
        'id', 'day', 'words', 'is', 'category', 'time', 'ends', 'repeat', 'except', 'also', 'lead', 'leap', 'uid', 'near', 'until',
    ];

    /** @return array<string, mixed> what is said of it @throws PlanProblem naming what no date has */
    public static function given(Values $values): array
    {
        $given = [];
        foreach ($values->all() as $name => $value) {
            if (\in_array($name, self::KNOWN, true)) {
                $given[$name] = $value;
            } elseif (!\in_array($name, ['type', 'date'], true)) {
                throw PlanProblem::at($values->path((string) $name), "A date has no “{$name}”.");
            }
        }

        return $given;
    }

    /**
     * @param array<array-key, mixed> $given of an entry, and `near`: the month in which a number alone is a day
     *
     * @throws PlanProblem naming the field
     */
    public static function of(array $given, Plan $plan): Entry
    {
        $values = Values::of($given, 'edit');
        $near = Month::read($values->text('near', '', 10));
        $is = $values->choice('is', EntryKind::class, EntryKind::Date);
        $said = $values->text('day', '', 60);
        if (!str_starts_with($said, '--')) {
            [$given['day'], $often] = self::day($said, $is, new SaidDay($plan->period, new Names($plan->language), $near), $plan);
            // "Every Tuesday" where the day is said says how often, too.
            $given = null === $often ? $given : ['repeat' => $often->written()] + $given;
        }
        unset($given['until'], $given['near']);
        // What is left open in the screen says nothing.
        $given = array_filter($given, static fn (mixed $value): bool => null !== $value && '' !== $value);
        $entry = DatesReader::entry(Values::of($given, 'edit'));
        if ('' !== $entry->category && null === $plan->dates->category($entry->category)) {
            throw PlanProblem::at('edit/category', "There is no category “{$entry->category}”.");
        }
        if (null !== $entry->repeat && $values->names('until')) {
            $entry = $entry->with(['repeat' => $entry->repeat->upTo(self::until($values, $plan, $entry->when))]);
        }
        if (null !== $entry->repeat && null === $entry->when->first) {
            throw PlanProblem::at('edit/repeat', 'Only what has a day can come again.');
        }

        return $entry;
    }

    /** The last day a repeat may fall on; null where it goes on. @throws PlanProblem */
    private static function until(Values $values, Plan $plan, When $when): ?Day
    {
        $said = trim($values->text('until', '', 60));
        if ('' === $said) {
            return null;
        }
        try {
            $last = (new SaidDay($plan->period, new Names($plan->language)))->read($said)->last;
        } catch (DayRefused $refused) {
            throw PlanProblem::at('edit/until', $refused->getMessage());
        }
        if (null === $last || (null !== $when->first && $last->isBefore($when->first))) {
            throw PlanProblem::at('edit/until', 'A repeat ends on a day after it begins.');
        }

        return $last;
    }

    /** @return array{string, Rule|null} */
    private static function day(string $said, EntryKind $is, SaidDay $days, Plan $plan): array
    {
        if ('' === trim($said)) {
            throw PlanProblem::at('edit/day', 'Say when it is: a day, or a month.');
        }
        try {
            [$when, $often] = EntryKind::Birthday === $is ? [$days->read($said), null] : Said::day($said, $days);
        } catch (DayRefused $refused) {
            throw PlanProblem::at('edit/day', $refused->getMessage());
        }
        if (EntryKind::Birthday !== $is) {
            return [$when->written(), $often];
        }
        if (1 !== $when->days()) {
            throw PlanProblem::at('edit/day', 'A birthday is one day.');
        }

        // Whoever names no year has the book's put in: nobody is born in it.
        return [$when->month->year >= $plan->period->start->year ? '-'.substr($when->written(), 4) : $when->written(), null];
    }
}
