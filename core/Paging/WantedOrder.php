<?php

/* The wanted order as it is, whatever pages that leaves empty: where the search was cut short before it found any other. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Medium;

/** @internal to Paging */
final class WantedOrder
{
    /** @param list<list<Placeable>> $groups sections in book order */
    public static function place(array $groups, Ground $ground): PlacingResult
    {
        $page = $ground->rules->first;
        $placed = [];
        $empty = 0;
        $half = 0;
        $last = null;
        foreach ($groups as $group) {
            foreach ($group as $spread) {
                if (1 === $half && 1 !== $spread->halves) {
                    [$page, $half, $empty] = [$page + 1, 0, $empty + 1];
                }
                $page = 0 === $half ? $ground->freeFrom($page) : $page;
                while (!$ground->takes($spread, $page, self::behind($last, $page))) {
                    $page = $ground->freeFrom($page + 1);
                    $empty += 2;
                    $last = null;
                }
                $placed[] = $last = new PlacedSpread($spread, $page, $half);
                [$page, $half] = 1 === $spread->halves ? [$page + $half, 1 - $half] : [$page + $spread->pages(), 0];
            }
        }

        return new PlacingResult($placed, $empty, 0, 0, false);
    }

    private static function behind(?PlacedSpread $last, int $page): ?Medium
    {
        return null !== $last && Leaf::isLeft($page) && $last->lastPage() === $page - 1 ? $last->spread->medium : null;
    }
}
