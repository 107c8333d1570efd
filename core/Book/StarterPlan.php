<?php

/* A complete plan from four answers, in one of the ways to begin or as another notebook, so that nobody faces an empty list. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Calendar\WeekSchool;
use AmpleMargin\Carrying\CarriedDates;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Setting\Field;

final class StarterPlan
{
    /** Months of a half-year. */
    private const HALF = 6;

    /** The pattern of a book without months. */
    public const NO_MONTHS = 'none';

    /**
     * The first of its patterns that lasts to the end of the period, with as much of what may be in it as there is room for; the
     * plainest where none does.
     */
    public static function for(
        string $title,
        Stock $stock,
        Period $period,
        Weekday $first,
        Tally $counting = Tally::Boxes,
        Catalogue $catalogue = new Catalogue(),
        Beginning $as = Beginning::Usual,
    ): Plan {
        $months = $as->months();
        $patterns = self::patterns();
        if (self::NO_MONTHS === $months[0][0]) {
            array_unshift($patterns, new Pattern(self::NO_MONTHS, 'No months', []));
        }
        $plan = new Plan($title, $stock, $period, new WeekPlan($first), [], new MonthPlan($patterns, $months[0][0]), $counting);
        $always = self::fitting($plan, $as->spreads(), $catalogue) + array_fill_keys($as->spreads(), []);
        $more = self::fitting($plan, $as->more(), $catalogue);
        for ($count = \count($more);; $count = intdiv($count, 2)) {
            $spreads = self::spreads($as, $always + \array_slice($more, 0, $count, true), $period, $catalogue);
            foreach ($months as [$pattern, $pages]) {
                $try = $plan->with([
                    'spreads' => $spreads,
                    'months' => new MonthPlan($patterns, $pattern),
                    'weeks' => new WeekPlan($first, WeekSchool::MostDays, $pages),
                ]);
                if (Composer::compose($try, catalogue: $catalogue)->runOut->fits) {
                    return $try;
                }
            }
            if (0 === $count) {
                return $plan->with(['spreads' => $spreads, 'months' => new MonthPlan($patterns, $months[\count($months) - 1][0])]);
            }
        }
    }

    /**
     * As another notebook, on other paper and for other months: its spreads with what was said of them, its patterns, its pens. What
     * belonged to its own pages and months stays behind.
     */
    public static function like(Plan $old, string $title, Stock $stock, Period $period, Tally $counting, Catalogue $catalogue): Plan
    {
        $catalogue = $catalogue->having($old);
        $spreads = array_map(static function (PlannedSpread $spread) use ($catalogue): PlannedSpread {
            $dated = array_filter(
                $catalogue->kind($spread->kind)?->fields() ?? [],
                static fn (Field $field): bool => \in_array($field->type(), ['month', 'day'], true),
            );

            return $spread->with([
                'pin' => null,
                'book' => Volume::FIRST,
                'settings' => array_diff_key($spread->settings, array_flip(array_column($dated, 'name'))),
            ]);
        }, $old->spreads);

        return $old->with([
            'title' => $title,
            'stock' => $stock,
            'period' => $period,
            'counting' => $counting,
            'spreads' => $spreads,
            'months' => $old->months->with(['overrides' => [], 'weights' => []]),
            'inUse' => new InUse(),
            'volumes' => [],
            'taken' => [],
            'dates' => CarriedDates::onto(new KnownDates(), $old->dates, $period)[0],
            'old' => null,
            'nextTime' => [],
            'making' => (new MakingPlan())->after($old->making, $old->stock, $stock),
        ]);
    }

    /**
     * Those that can stand on this paper, each as it stands there.
     *
     * @param list<string> $kinds
     *
     * @return array<string, array<array-key, mixed>> kind → settings
     */
    private static function fitting(Plan $plan, array $kinds, Catalogue $catalogue): array
    {
        $book = $plan->inBook(Volume::FIRST);
        $layouts = null === $book ? null : new Layouts($book, $catalogue);
        $fitting = [];
        foreach ($kinds as $id) {
            $kind = $catalogue->kind($id);
            $sample = null === $kind ? null : $layouts?->sampleOf($kind, []);
            if (null !== $sample && null === $sample->laid->broken()) {
                $fitting[$id] = $sample->settings;
            }
        }

        return $fitting;
    }

    /** @return non-empty-list<Pattern> from bare to rich, and two of another kind */
    public static function patterns(): array
    {
        return [
            self::pattern('bare', 'Bare', [['month-calendar', 1], ['month-notes', 1]]),
            self::pattern('plain', 'Plain', [['month-calendar', 2], ['weeks', 0]]),
            self::pattern(
                'ordinary',
                'Roomy',
                [['month-divider', 1], ['month-calendar', 2], ['month-goals', 1], ['month-notes', 1], ['weeks', 0], ['month-notes', 1]],
            ),
            self::pattern(
                'rich',
                'Generous',
                [
                    ['month-divider', 1],
                    ['month-calendar', 2],
                    // Four boxes on two pages are meant, and not the same four twice.
                    ['month-goals', 2, ['of_parts' => ['cells' => ['shared' => true]]]],
                    ['weeks', 0],
                    ['month-notes', 3],
                ],
            ),
            self::pattern(
                'decorated',
                'Decorated weeks',
                [
                    ['month-divider', 1],
                    ['month-memories', 1],
                    ['month-calendar', 2],
                    ['month-habits', 2],
                    ['weeks', 0, ['days_as' => 'quarters']],
                    ['month-memories', 2],
                    ['month-summary', 1],
                ],
            ),
            self::pattern(
                'rolling',
                'Rolling weeks',
                [['month-calendar', 2], ['month-line-a-day', 1], ['weeks', 0, ['days_as' => 'rolling']], ['month-notes', 1]],
            ),
        ];
    }

    /** @param list<array{0: string, 1: int, 2?: array<string, mixed>}> $parts kind, pages and settings */
    private static function pattern(string $id, string $name, array $parts): Pattern
    {
        return new Pattern($id, $name, array_map(static fn (array $part): PatternPart => new PatternPart(...$part), $parts));
    }

    /**
     * @param array<string, array<array-key, mixed>> $kinds with settings, in order
     *
     * @return list<PlannedSpread>
     */
    private static function spreads(Beginning $as, array $kinds, Period $period, Catalogue $catalogue): array
    {
        // Half a year or less is no year at a glance.
        $glance = $period->length() <= self::HALF ? ['half-year-at-a-glance', ['months' => $period->length()]] : ['year-at-a-glance', []];
        $spreads = [];
        foreach ($kinds as $kind => $settings) {
            [$id, $said] = 'year-at-a-glance' === $kind ? $glance : [$kind, $settings + ($as->settings()[$kind] ?? [])];
            $spreads[] = new PlannedSpread($id, $id, $catalogue->kind($id)->section ?? Section::Back, null, $said);
        }

        return $spreads;
    }
}
