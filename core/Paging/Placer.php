<?php

/* Puts spreads on pages by the handbook's rules of placement: pins first, everything else flows round them. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Drawing\Finding;

final class Placer
{
    /**
     * @param list<list<Placeable>> $sections in book order; a spread never leaves its own
     */
    public static function place(array $sections, PageRules $rules): Placement
    {
        $all = array_merge(...array_values($sections));
        $pins = new Pins($all, $rules);
        $pinned = array_fill_keys(array_map(static fn (Placed $placed): string => $placed->spread->id, $pins->kept), true);
        $groups = array_map(static fn (array $section): array => array_values(array_filter($section, static fn (Placeable $spread): bool => !isset($pinned[$spread->id]))), $sections);
        [$pairs, $findings] = self::pairs($sections);
        $ground = new Ground($rules, $pins->kept);
        $pinnedAt = [];
        foreach ($pins->kept as $placed) {
            $pinnedAt[$placed->spread->id] = $placed->page;
        }
        $found = (new PlacingSearch($groups, $ground, $pairs, $pinnedAt))->run();
        $placed = [...$found->placed, ...$pins->kept];
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->page, $a->half] <=> [$b->page, $b->half]);
        $next = self::next($found->placed, $pins->kept, $rules);
        $empty = self::emptyPages($placed, $ground, $next);

        return new Placement(
            $placed,
            $empty,
            (new Reasons($groups, $found->placed, $pins->kept, $empty, $pairs))->all(),
            [...$pins->findings, ...$findings],
            $next,
            $found->moved,
            $found->proven,
        );
    }

    /**
     * @param list<list<Placeable>> $sections
     *
     * @return array{array<string, string>, list<Finding>}
     */
    private static function pairs(array $sections): array
    {
        $home = [];
        $known = [];
        foreach ($sections as $i => $section) {
            foreach ($section as $spread) {
                $home[$spread->id] = $i;
                $known[$spread->id] = $spread;
            }
        }
        $pairs = [];
        $findings = [];
        foreach ($known as $id => $spread) {
            $other = null === $spread->faces ? null : $known[$spread->faces] ?? null;
            if (null === $spread->faces || isset($pairs[$id])) {
                continue;
            }
            $trouble = match (true) {
                null === $other || $other === $spread => "$spread->name should face a spread that is not in this part of the book.",
                2 !== $spread->halves || 2 !== $other->halves => "$spread->name and $other->name cannot face each other: a pair is two single pages.",
                $home[$id] !== $home[$other->id] => "$spread->name and $other->name stand in different sections and cannot face each other.",
                isset($pairs[$other->id]) => "$other->name already faces another spread; $spread->name cannot face it too.",
                default => null,
            };
            if (null === $trouble) {
                $pairs[$id] = $spread->faces;
                $pairs[$spread->faces] = $id;
            } else {
                $findings[] = new Finding($id, $trouble, [['say' => 'Part the pair', 'edit' => ['type' => 'set-spread', 'spread' => $id, 'faces' => null]]]);
            }
        }

        return [$pairs, $findings];
    }

    /**
     * The page after the spreads that flow, and after the pins that stand right behind them; a pin further on
     * is left for the months to flow round.
     *
     * @param list<Placed> $flowing
     * @param list<Placed> $pinned
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
     * @param list<Placed> $placed
     *
     * @return list<int>
     */
    private static function emptyPages(array $placed, Ground $ground, int $next): array
    {
        $used = [];
        foreach ($placed as $one) {
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
