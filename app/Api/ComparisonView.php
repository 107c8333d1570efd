<?php

/* A comparison of layouts as the API answers it. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Compare\Candidate;
use AmpleMargin\Compare\Comparison;
use AmpleMargin\Making\Pace;
use AmpleMargin\Paper\Stock;

final class ComparisonView
{
    /**
     * @param (\Closure(Candidate): (int|null))|null $known lines too few for the dates that are known; null where it takes none
     *
     * @return array<string, mixed>
     */
    public static function of(Comparison $comparison, string $title, Stock $stock, Pace $pace, ?\Closure $known = null): array
    {
        return [
            'title' => $title,
            'across' => $stock->across,
            'down' => [] === $comparison->candidates ? $stock->down : $comparison->candidates[0]->pages[0]->down,
            'candidates' => array_map(
                static fn (Candidate $one): array => self::candidate($one, $pace) + ['known' => null === $known ? null : $known($one)],
                $comparison->candidates,
            ),
            'refused' => array_map(
                static fn (Candidate $one): array => ['name' => $one->layout->name, 'says' => $one->refused],
                $comparison->refused,
            ),
            'best' => $comparison->best,
            'busiest' => $comparison->busiest(),
            'reason' => $comparison->reason,
        ];
    }

    /** @return array<string, mixed> */
    private static function candidate(Candidate $one, Pace $pace): array
    {
        $measures = $one->measures;
        $rooms = [];
        foreach ($measures->rooms as $for => $room) {
            $rooms[] = ['for' => (string) $for, 'name' => $room['name'], 'lines' => $room['lines'], 'wide' => (string) $room['wide']];
        }

        return [
            'name' => $one->layout->name,
            'settings' => (object) $one->layout->settings,
            'current' => $one->current,
            'drawings' => array_map(DrawingView::marks(...), $one->pages),
            'pages' => $measures->pages,
            'fewest_lines' => $measures->fewestLines(),
            'all_lines' => $measures->allLines(),
            'rooms' => $rooms,
            'left_over' => $measures->leftOver,
            'figures' => $measures->figures,
            'lines' => $measures->lines,
            'minutes' => MinutesView::of($pace->minutes($measures->work, $measures->pages)),
            'shown' => $measures->shown,
            'limits' => $measures->limits,
        ];
    }
}
