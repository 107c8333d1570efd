<?php

/* What is known about the year, in a plan file and in edits. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Colour\Colour;
use AmpleMargin\Dates\Category;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\LeapDay;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\RuleRefused;
use AmpleMargin\Dates\When;

final class DatesReader
{
    /** Occurrences that may be settled: as many as a book with every entry every month. */
    private const MOST_SETTLED = 50_000;

    /** A year that has every day: of birthdays whose year nobody knows. */
    private const NO_YEAR = 2000;

    /** {entries?, categories?, settled?} @throws PlanProblem naming the field */
    public static function dates(Values $values): KnownDates
    {
        $entries = array_map(self::entry(...), $values->each('entries', KnownDates::MOST));
        if (\count($entries) !== \count(array_unique(array_column($entries, 'id')))) {
            throw PlanProblem::at($values->path('entries'), 'Two dates have the same id.');
        }

        return new KnownDates($entries, self::categories($values), self::settled($values));
    }

    /** @throws PlanProblem naming the field */
    public static function entry(Values $values): Entry
    {
        $is = $values->choice('is', EntryKind::class, EntryKind::Date);
        [$when, $born] = self::when($values, $is);
        $time = self::clock($values, 'time');

        return new Entry(
            PlanReader::id($values),
            self::words($values),
            $when,
            $is,
            $values->text('category', '', 40),
            $time,
            null === $time ? null : self::clock($values, 'ends'),
            self::rule($values),
            self::days($values, 'except'),
            self::days($values, 'also'),
            $values->count('lead', 0, Entry::MOST_LEAD, 0),
            $born,
            $values->choice('leap', LeapDay::class, LeapDay::Before),
            $values->textOrNull('uid', 300),
        );
    }

    /** One line. @throws PlanProblem naming the field */
    public static function words(Values $values): string
    {
        $words = trim((string) preg_replace('/\s+/u', ' ', $values->text('words', '', Entry::LONGEST)));

        return '' === $words ? throw PlanProblem::at($values->path('words'), 'Say what it is.') : $words;
    }

    /**
     * {categories?}.
     *
     * @return list<Category>
     *
     * @throws PlanProblem naming the field
     */
    public static function categories(Values $values): array
    {
        $categories = [];
        foreach ($values->each('categories', Category::MOST) as $one) {
            $pen = $one->textOrNull('pen', 7);
            $name = trim($one->text('name', '', 40));
            if (null !== $pen && null === Colour::read($pen)) {
                throw PlanProblem::at($one->path('pen'), "“{$pen}” is not a colour: write it as #1f5fa8.");
            }
            if ('' === $name) {
                throw PlanProblem::at($one->path('name'), 'Give the category a name.');
            }
            $id = PlanReader::id($one);
            if (isset($categories[$id])) {
                throw PlanProblem::at($one->path('id'), 'Two categories have the same id.');
            }
            $categories[$id] = new Category($id, $name, $pen, $one->flag('log', true));
        }

        return array_values($categories);
    }

    /** @return array<string, string> */
    private static function settled(Values $values): array
    {
        $settled = [];
        foreach ($values->map('settled') as $key => $as) {
            if (\count($settled) >= self::MOST_SETTLED) {
                throw PlanProblem::at($values->path('settled'), 'There are more than '.number_format(self::MOST_SETTLED).' settled dates.');
            }
            $settled[(string) $key] = self::settlement($as, $values->path("settled/$key"));
        }

        return $settled;
    }

    /** @throws PlanProblem */
    public static function settlement(mixed $as, string $path): string
    {
        $known = \is_string($as) && (\in_array($as, [KnownDates::COPIED, KnownDates::DROPPED], true) || null !== Month::read($as));

        return $known ? $as : throw PlanProblem::at($path, 'A date is "copied", "dropped", or put off to a month such as 2027-04.');
    }

    /** @return array{When, int|null} and the year of birth of a birthday that says one */
    private static function when(Values $values, EntryKind $is): array
    {
        $said = $values->text('day', '', 30);
        try {
            if (EntryKind::Birthday !== $is) {
                return [When::read($said), null];
            }
            $known = !str_starts_with($said, '--');
            $when = When::read($known ? $said : self::NO_YEAR.substr($said, 1));
            if (1 !== $when->days()) {
                throw DayRefused::none($said);
            }

            return [$when, $known ? $when->month->year : null];
        } catch (DayRefused $refused) {
            throw PlanProblem::at($values->path('day'), $refused->getMessage());
        }
    }

    private static function clock(Values $values, string $name): ?string
    {
        $time = $values->textOrNull($name, 5);
        if (null !== $time && 1 !== preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $time)) {
            throw PlanProblem::at($values->path($name), DayRefused::noTime($time)->getMessage());
        }

        return $time;
    }

    private static function rule(Values $values): ?Rule
    {
        $written = $values->textOrNull('repeat', 500);
        try {
            return null === $written || '' === $written ? null : Rule::read($written);
        } catch (RuleRefused $refused) {
            throw PlanProblem::at($values->path('repeat'), $refused->getMessage());
        }
    }

    /** @return list<Day> */
    private static function days(Values $values, string $name): array
    {
        return array_map(
            static fn (string $iso): Day => Day::read($iso)
                ?? throw PlanProblem::at($values->path($name), "“{$iso}” is no day such as 2027-03-12."),
            $values->words($name, Entry::MOST_DAYS),
        );
    }
}
