<?php

/* The rows of the index: spreads in page order, months with their reserved ranges between them. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\IndexRow;

/** @internal to Book */
final class IndexEntries
{
    /**
     * @param list<Placement>  $placements empty before anything is placed
     * @param list<MonthBlock> $blocks
     * @param array<string, string> $others id of a spread in another book → "book 2, 14"
     *
     * @return list<IndexRow>
     */
    public static function of(BookPlan $plan, Layouts $layouts, array $placements, array $blocks, array $others = []): array
    {
        $found = [];
        foreach ($placements as $placement) {
            foreach ($placement->placed as $placed) {
                $found[$placed->spread->id] = $placed;
            }
        }
        $rows = [];
        $backRows = [];
        foreach ($plan->inOrder() as $spread) {
            $placed = $found[$spread->id] ?? null;
            // What has no page comes last.
            $from = $placed->page ?? \PHP_INT_MAX;
            $row = new IndexRow(self::words($spread, $layouts), $placed?->range() ?? '');
            Section::Back === $spread->section ? $backRows[] = [$from, $row] : $rows[] = [$from, $row];
        }
        $byPage = static fn (array $a, array $b): int => $a[0] <=> $b[0];
        usort($rows, $byPage);
        usort($backRows, $byPage);
        $months = [];
        foreach ($plan->ranged as $i => $month) {
            // A month that takes no pages has no row: known before it is ranged, so that the index stays as long as it was sized.
            if (!self::hasPages($plan, $month)) {
                continue;
            }
            $months[] = new IndexRow($layouts->names->monthAndYear($month), isset($blocks[$i]) ? $blocks[$i]->range() : '', true);
        }
        $elsewhere = array_map(
            static fn (PlannedSpread $spread): IndexRow => new IndexRow(self::words($spread, $layouts), $others[$spread->id] ?? ''),
            $plan->elsewhere,
        );

        return [...array_column($rows, 1), ...$months, ...array_column($backRows, 1), ...$elsewhere, ...self::referred($plan, $layouts)];
    }

    /** What the index calls a spread: words of its own, or its title. */
    private static function words(PlannedSpread $spread, Layouts $layouts): string
    {
        $own = $spread->settings[Kind::IN_INDEX] ?? null;

        return \is_string($own) && '' !== trim($own) ? trim($own) : $layouts->catalogue->title($spread);
    }

    /** @return list<IndexRow> pages of the last book that are still good */
    private static function referred(BookPlan $plan, Layouts $layouts): array
    {
        return array_map(static fn (OldSpread $old): IndexRow => new IndexRow(
            $layouts->catalogue->title($old->spread),
            'last book'.(null === $old->page ? '' : ", $old->page"),
        ), $plan->whole->old?->referred() ?? []);
    }

    private static function hasPages(BookPlan $plan, Month $month): bool
    {
        foreach ($plan->months->patternOf($month)->parts as $part) {
            if ($part->pages > 0 || PatternPart::WEEKS === $part->kind) {
                return true;
            }
        }

        return isset($plan->inUse->used[$month->iso()]);
    }
}
