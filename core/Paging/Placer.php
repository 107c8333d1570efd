<?php

/* Puts spreads on pages by the rules of docs/trade.md, "Placement": pins first, everything else flows round them. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

final class Placer
{
    /**
     * @param list<list<Placeable>> $sections in book order; a spread never leaves its own
     * @param list<PlacedSpread>          $others   pins of the rest of the book, which everything here flows round too
     * @param Pins|null             $pins     of these sections, where they are settled already
     * @param int                   $nodes    states the search may walk
     */
    public static function place(
        array $sections,
        PageRules $rules,
        array $others = [],
        ?Pins $pins = null,
        int $nodes = PlacingSearch::MOST_NODES,
    ): Placement {
        $pins ??= new Pins(array_merge(...array_values($sections)), $rules, $others);
        $pinnedAt = [];
        foreach ($pins->kept as $placed) {
            $pinnedAt[$placed->spread->id] = $placed->page;
        }
        $groups = array_map(
            static fn (array $section): array => array_values(array_filter(
                $section,
                static fn (Placeable $spread): bool => !isset($pinnedAt[$spread->id]),
            )),
            $sections,
        );
        $pairs = new Pairs($sections);
        $ground = new Ground($rules, [...$pins->kept, ...$others]);
        $found = (new PlacingSearch($groups, $ground, new Facing($pairs->all, $pinnedAt, $pairs->required), $nodes))->run()
            // Where no order brings all together that must be, the best that does not.
            ?? (new PlacingSearch($groups, $ground, new Facing($pairs->all, $pinnedAt, []), $nodes))->run()
            ?? throw new \LogicException('Without a rule for pairs there always is an order.');
        $placed = [...$found->placed, ...$pins->kept];
        usort($placed, static fn (PlacedSpread $a, PlacedSpread $b): int => [$a->page, $a->half] <=> [$b->page, $b->half]);
        $next = self::next($found->placed, $ground->pinned, $rules);
        $empty = self::emptyPages($placed, $ground, $next);

        return new Placement(
            $placed,
            $empty,
            (new Reasons($groups, $found->placed, $pins->kept, $empty, $pairs->all))->all(),
            [...$pins->findings, ...$pairs->findings, ...$pairs->apart($placed)],
            $next,
            $found->moved,
            $found->proven,
        );
    }

    /**
     * The page after the spreads that flow, and after the pins that stand right behind them; a pin further on
     * is left for the months to flow round.
     *
     * @param list<PlacedSpread> $flowing
     * @param list<PlacedSpread> $pinned
     */
    private static function next(array $flowing, array $pinned, PageRules $rules): int
    {
        $next = $rules->first;
        foreach ($flowing as $placed) {
            $next = max($next, $placed->lastPage() + 1);
        }

        // A lost page behind the last spread is the first month's to pass over.
        return (new Ground(new PageRules($rules->first, $rules->last), $pinned))->freeFrom($next);
    }

    /**
     * @param list<PlacedSpread> $placed
     *
     * @return list<int>
     */
    private static function emptyPages(array $placed, Ground $ground, int $next): array
    {
        $used = [];
        foreach ([...$placed, ...$ground->pinned] as $one) {
            for ($page = $one->page; $page <= $one->lastPage(); ++$page) {
                $used[$page] = true;
            }
        }
        $empty = [];
        for ($page = $ground->rules->first; $page < $next; ++$page) {
            if (!isset($used[$page]) && !\in_array($page, $ground->rules->closed, true)) {
                $empty[] = $page;
            }
        }

        return $empty;
    }
}
