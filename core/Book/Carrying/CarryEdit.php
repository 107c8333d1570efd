<?php

/*
 * Carrying over as one edit that is taken back as one: the spreads, and, the first time, months as those of the old book really
 * were, the heavier ones with a pattern of their own.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Carrying;

use AmpleMargin\Book\PartsOfCatalogue;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Editing\Carrying\CarryOver;
use AmpleMargin\Editing\Month\SetPattern;
use AmpleMargin\Editing\Month\UsePattern;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Editing\Several;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class CarryEdit
{
    /** Patterns a plan may have. */
    private const MOST_PATTERNS = 30;

    public static function of(Plan $plan, OldBook $old, Catalogue $catalogue): Offered
    {
        $months = $old->carried ? [] : self::months($plan, $old, $catalogue);

        return [] === $months ? new CarryOver() : new Several([new CarryOver(), ...$months], "“{$old->title}” carried over");
    }

    /** @return list<Offered> the pattern that holds enough of the old months, and those of the months that took more */
    public static function months(Plan $plan, OldBook $old, Catalogue $catalogue): array
    {
        $holding = HoldingPattern::smallest($plan, $old, new PartsOfCatalogue($catalogue));
        if (null === $holding) {
            return [];
        }
        $patterns = array_fill_keys(array_column($plan->months->patterns, 'id'), true);
        $usual = self::named($holding->pattern, $plan);
        if (!isset($patterns[$usual->id]) && \count($patterns) >= self::MOST_PATTERNS) {
            return [];
        }
        $edits = isset($patterns[$usual->id]) ? [] : [new SetPattern($usual)];
        $patterns[$usual->id] = true;
        $edits[] = new UsePattern($usual->id);
        foreach (self::heaviest($old) as $calendar => [$iso, $pages]) {
            $larger = $holding->holding($iso, $pages);
            if (null === $larger) {
                continue;
            }
            $larger = self::named($larger, $plan);
            foreach ($plan->period->months() as $month) {
                if ($month->month !== $calendar || (!isset($patterns[$larger->id]) && \count($patterns) >= self::MOST_PATTERNS)) {
                    continue;
                }
                if (!isset($patterns[$larger->id])) {
                    $edits[] = new SetPattern($larger);
                    $patterns[$larger->id] = true;
                }
                $edits[] = new UsePattern($larger->id, $month->iso());
            }
        }

        return $edits;
    }

    /** The same under another name where the plan has another pattern of this one. */
    private static function named(Pattern $pattern, Plan $plan): Pattern
    {
        $known = $plan->months->pattern($pattern->id);
        $parts = static fn (Pattern $one): string|false => json_encode(PlanWriter::pattern($one)['parts']);

        return null === $known || $parts($known) === $parts($pattern)
            ? $pattern
            : new Pattern('last-'.mb_substr($pattern->id, 0, 35), "$pattern->name, as in the last book", $pattern->parts);
    }

    /** @return array<int, array{string, int}> month of the year → the month of the old book that took most, and its pages */
    private static function heaviest(OldBook $old): array
    {
        $heaviest = [];
        foreach ($old->months as $iso => $pages) {
            $month = Month::read($iso)?->month;
            if (null !== $month && $pages > ($heaviest[$month][1] ?? -1)) {
                $heaviest[$month] = [$iso, $pages];
            }
        }

        return $heaviest;
    }
}
