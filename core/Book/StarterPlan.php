<?php

/* A complete plan from four answers, so that nobody faces an empty list. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Calendar\WeekSchool;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\WeekPages;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue;

final class StarterPlan
{
    /** Months of a half-year. */
    private const HALF = 6;

    private const SPREADS = [
        'name-page',
        'cover',
        'key',
        'quote',
        'index',
        'spacing-sheet',
        'year-at-a-glance',
        'future-log',
        'goals-by-area',
        'notes',
    ];

    /** The richest of the starter patterns that lasts to the end of the period; the plainest where none does. */
    public static function for(
        string $title,
        Stock $stock,
        Period $period,
        Weekday $first,
        Tally $counting = Tally::Boxes,
        Catalogue $catalogue = new Catalogue(),
    ): Plan {
        $plan = new Plan(
            $title,
            $stock,
            $period,
            new WeekPlan($first),
            self::spreads($period, $catalogue),
            new MonthPlan(self::patterns(), 'ordinary'),
            $counting,
        );
        foreach ([
            ['rich', WeekPages::Two],
            ['ordinary', WeekPages::Two],
            ['ordinary', WeekPages::One],
            ['plain', WeekPages::One],
        ] as [$pattern, $pages]) {
            $try = $plan->with([
                'months' => new MonthPlan(self::patterns(), $pattern),
                'weeks' => new WeekPlan($first, WeekSchool::MostDays, $pages),
            ]);
            if (Composer::compose($try, catalogue: $catalogue)->runOut->fits) {
                return $try;
            }
        }

        return $plan->with(['months' => new MonthPlan(self::patterns(), 'bare')]);
    }

    /** @return non-empty-list<Pattern> from bare to rich, and two of another kind */
    public static function patterns(): array
    {
        return [
            self::pattern('bare', 'Bare', [['month-calendar', 1], ['month-notes', 1]]),
            self::pattern('plain', 'Plain', [['month-calendar', 2], ['weeks', 0]]),
            self::pattern(
                'ordinary',
                'Ordinary',
                [['month-divider', 1], ['month-calendar', 2], ['month-goals', 1], ['month-notes', 1], ['weeks', 0], ['month-notes', 1]],
            ),
            self::pattern(
                'rich',
                'Rich',
                [['month-divider', 1], ['month-calendar', 2], ['month-goals', 2], ['weeks', 0], ['month-notes', 3]],
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

    /** @return list<PlannedSpread> */
    private static function spreads(Period $period, Catalogue $catalogue): array
    {
        // Half a year or less is no year at a glance.
        $glance = $period->length() <= self::HALF ? ['half-year-at-a-glance', ['months' => $period->length()]] : ['year-at-a-glance', []];

        return array_map(static function (string $kind) use ($glance, $catalogue): PlannedSpread {
            [$id, $settings] = 'year-at-a-glance' === $kind ? $glance : [$kind, []];

            return new PlannedSpread($id, $id, $catalogue->kind($id)->section ?? Section::Back, null, $settings);
        }, self::SPREADS);
    }
}
