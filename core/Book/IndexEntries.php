<?php

/* The rows of the index: spreads in page order, months with their reserved ranges between them. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Names;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\IndexRow;

final class IndexEntries
{
    /**
     * @param list<Placement>  $placements empty before anything is placed
     * @param list<MonthBlock> $blocks
     *
     * @return list<IndexRow>
     */
    public static function of(Plan $plan, Names $names, array $placements, array $blocks): array
    {
        $found = [];
        foreach ($placements as $placement) {
            foreach ($placement->placed as $placed) {
                $found[$placed->spread->id] = [$placed->page, $placed->lastPage()];
            }
        }
        $rows = [];
        $backRows = [];
        foreach ($plan->inOrder() as $spread) {
            [$from, $to] = $found[$spread->id] ?? [0, 0];
            $row = new IndexRow(Requests::title($spread), 0 === $from ? '' : ($from === $to ? (string) $from : "{$from}–{$to}"));
            Section::Back === $spread->section ? $backRows[] = [$from, $row] : $rows[] = [$from, $row];
        }
        $byPage = static fn (array $a, array $b): int => $a[0] <=> $b[0];
        usort($rows, $byPage);
        usort($backRows, $byPage);
        $months = array_map(static fn (int $i): IndexRow => new IndexRow(
            $names->monthAndYear($plan->period->start->plus($i)),
            isset($blocks[$i]) ? $blocks[$i]->range() : '',
            true,
        ), range(0, $plan->period->length() - 1));

        return [...array_column($rows, 1), ...$months, ...array_column($backRows, 1)];
    }
}
