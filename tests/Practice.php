<?php

/*
 * Twelve pages a practitioner timed, first touch of the pen to last erasing (docs/trade.md, "Time"; common practice, no source), each as
 * the kind of this program that comes nearest to it, undecorated.
 */

declare(strict_types=1);

namespace Tests;

use AmpleMargin\Making\Pace;
use AmpleMargin\Making\Worked;

final class Practice
{
    /** Minutes, what it was, the kind, its settings. */
    private const PAGES = [
        [28, 'cover', 'cover', []],
        [8.5, 'word of the year, a header', 'word-of-the-year', []],
        [13, 'goals, a grid behind them', 'goals-by-area', []],
        [5.5, 'one of two action plans', 'action-plan', []],
        [29, 'a list of 101 with a door', 'list-behind-door', []],
        [41, '22 rows of 22, with tabs', 'things-n-times', ['count' => 22]],
        [25, 'a graph by week with a month table', 'graph-and-table', []],
        [17, 'day matrix of a year', 'mood', []],
        [24, 'twelve boxes for reading', 'reading-by-category', []],
        [14, 'monthly challenges', 'monthly-challenges', ['days' => 'dots']],
        [16, 'reset lists', 'month-reset', []],
        [10, 'then and now', 'then-and-now', []],
    ];

    /** @return list<array{string, float, int}> what it was, minutes it took, minutes it is said to take at the starting pace */
    public static function pages(): array
    {
        $pages = [];
        foreach (self::PAGES as [$took, $what, $kind, $settings]) {
            $plan = Books::starter()->with(['spreads' => []]);
            $plan = Books::edited($plan, [['type' => 'add-spread', 'kind' => $kind, 'settings' => $settings]]);
            $drawn = Books::pagesOf($plan, $plan->spreads[0]->id);
            $pages[] = [$what, (float) $took, Pace::starting()->minutes(Worked::of($drawn))->likely];
        }

        return $pages;
    }

    /** How far the one that is furthest off is off, as a factor. */
    public static function factor(): float
    {
        return max(array_map(static fn (array $one): float => max($one[1] / $one[2], $one[2] / $one[1]), self::pages()));
    }
}
