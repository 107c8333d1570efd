<?php

/* The old book seen from the side, as far as it is known: its front, the pages its months took, its back. */

declare(strict_types=1);

namespace AmpleMargin\Book\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Carrying\Switching;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Section;

final class OldForeEdge
{
    /** @return list<array{from: int, to: int, band: string, label: string, initial: string}> as ForeEdge has them */
    public static function of(OldBook $old, Names $names): array
    {
        $last = $old->stock->pages;
        $bands = array_fill(1, $last, ['spare', 'Spare', '']);
        foreach ($old->spreads as $one) {
            foreach (self::pages($one, $last) as $page) {
                $bands[$page] = [$one->spread->section->value, $one->spread->section->words(), ''];
            }
        }
        $page = $old->front;
        foreach (Switching::forecast($old) ?? $old->months as $iso => $count) {
            $month = Month::read($iso);
            for ($i = 0; $i < $count && null !== $month; ++$i) {
                ++$page;
                if ($page <= $last && 'spare' === $bands[$page][0]) {
                    $bands[$page] = ['month', $names->monthAndYear($month), $names->monthInitial($month->month)];
                }
            }
        }

        return self::stretches($bands);
    }

    /**
     * @param array<int, array{string, string, string}> $bands page → band, label, initial
     *
     * @return list<array{from: int, to: int, band: string, label: string, initial: string}>
     */
    private static function stretches(array $bands): array
    {
        $stretches = [];
        $from = 1;
        foreach ($bands as $page => $here) {
            if (($bands[$page + 1] ?? null) !== $here) {
                $stretches[] = ['from' => $from, 'to' => $page, 'band' => $here[0], 'label' => $here[1], 'initial' => $here[2]];
                $from = $page + 1;
            }
        }

        return $stretches;
    }

    /** @return list<int> */
    private static function pages(OldSpread $one, int $last): array
    {
        $first = $one->page ?? (Section::Back === $one->spread->section ? $last - $one->pagesTaken() + 1 : null);

        $pages = null === $first || 0 === $one->pagesTaken() ? [] : range($first, $first + $one->pagesTaken() - 1);

        return array_values(array_filter($pages, static fn (int $page): bool => $page >= 1 && $page <= $last));
    }
}
