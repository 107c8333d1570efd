<?php

/* The parts a month's pattern asks for, in order, with the weeks gathered into pages; not yet on any page. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\WeekPages;

/** @internal to Paging */
final class PatternPages
{
    /**
     * @param list<MonthWeek> $weeks
     *
     * @return list<WantedPart>
     */
    public static function of(Pattern $pattern, array $weeks, WeekPages $each, PartKinds $kinds): array
    {
        $wanted = [];
        foreach ($pattern->parts as $part) {
            if (PatternPart::WEEKS === $part->kind) {
                array_push($wanted, ...self::weeks($weeks, $each, $part->settings));
            } elseif ($part->pages > 0) {
                $wanted[] = new WantedPart(
                    $part->kind,
                    $part->pages,
                    2 === $part->pages && $kinds->isOpening($part->kind, $part->settings),
                    [],
                    $part->settings,
                    $kinds->givesWay($part->kind),
                );
            }
        }

        return $wanted;
    }

    /**
     * Weeks gathered into pages: an opening each, a page each, or two halves to a page.
     *
     * @param list<MonthWeek>         $weeks
     * @param array<array-key, mixed> $settings
     *
     * @return list<WantedPart>
     */
    private static function weeks(array $weeks, WeekPages $each, array $settings): array
    {
        $pages = [];
        $half = null;
        foreach ($weeks as $week) {
            $halves = $week->folded ? max(1, intdiv($each->halves(), 2)) : $each->halves();
            if (1 === $halves && null !== $half) {
                $pages[$half] = [1, [...$pages[$half][1], $week]];
                $half = null;
                continue;
            }
            // Only neighbours share a page: a short first week must not be joined by the last one.
            $half = 1 === $halves ? \count($pages) : null;
            $pages[] = [max(1, intdiv($halves, 2)), [$week]];
        }

        return array_map(
            static fn (array $page): WantedPart => new WantedPart(PatternPart::WEEKS, $page[0], 2 === $page[0], $page[1], $settings),
            array_values($pages),
        );
    }
}
