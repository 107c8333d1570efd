<?php

/* Placement by trying everything: every order within every section, every way of leaving pages empty. Shares no code with the search. */

declare(strict_types=1);

namespace Tests\Paging;

use AmpleMargin\Paging\PageRules;
use AmpleMargin\Paging\Placeable;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Side;

final class Exhaustive
{
    public const MOST_EMPTY = 10;

    /** @var array{int, int, int}|null */
    private ?array $best = null;

    /**
     * @param list<list<Placeable>> $sections
     * @param array<int, Medium>    $halves   page → what the half page is made with that is pinned to its upper half
     */
    public function __construct(private readonly array $sections, private readonly PageRules $rules, private readonly array $halves = [])
    {
    }

    /** @return array{int, int, int}|null */
    public function best(): ?array
    {
        $this->order(0, $this->sections[0], []);

        return $this->best;
    }

    /** Every permutation, section by section. */
    private function order(int $section, array $left, array $chosen): void
    {
        if ([] === $left) {
            $next = $section + 1;
            isset($this->sections[$next]) ? $this->order(
                $next,
                $this->sections[$next],
                $chosen,
            ) : $this->lay($chosen, 0, $this->rules->first, 0, []);

            return;
        }
        foreach ($left as $i => $spread) {
            $rest = $left;
            unset($rest[$i]);
            $this->order($section, $rest, [...$chosen, $spread]);
        }
    }

    /** Every way of laying one order on pages. `$half` is 1 where the upper half of the page is taken. */
    private function lay(array $order, int $at, int $page, int $half, array $laid, int $skipped = 0): void
    {
        if ($skipped > self::MOST_EMPTY) {
            return;
        }
        if (!isset($order[$at])) {
            if (!$this->keepsRules($laid)) {
                return;
            }
            $cost = self::cost($laid, $this->sections, $this->rules, $this->halves);
            $this->best = null === $this->best ? $cost : min($this->best, $cost);

            return;
        }
        $spread = $order[$at];
        if (0 === $half && isset($this->halves[$page])) {
            // Only another half may stand on such a page, on its lower half; to pass it over costs nothing.
            if (1 === $spread->halves && $this->legal($spread, $page, $laid)) {
                $this->lay($order, $at + 1, $page + 1, 0, [...$laid, [$spread, $page, 1]], $skipped);
            }
            $this->lay($order, $at, $page + 1, 0, $laid, $skipped);

            return;
        }
        if ((0 === $half || 1 === $spread->halves) && $this->legal($spread, $page, $laid)) {
            $placed = [...$laid, [$spread, $page, $half]];
            1 === $spread->halves
                ? $this->lay($order, $at + 1, $page + $half, 1 - $half, $placed, $skipped)
                : $this->lay($order, $at + 1, $page + intdiv($spread->halves, 2), 0, $placed, $skipped);
        }
        // Leave the rest of this page empty.
        $this->lay($order, $at, $page + 1, 0, $laid, $skipped + 2 - $half);
    }

    private function legal(Placeable $spread, int $page, array $laid): bool
    {
        $right = 1 === $page % 2;
        if (($spread->startsLeft && $right) || (Side::Left === $spread->side && $right) || (Side::Right === $spread->side && !$right)) {
            return false;
        }
        $last = $page + max(1, intdiv($spread->halves, 2)) - 1;
        for ($at = $page; $at <= $last; ++$at) {
            if ($spread->needsGrid && \in_array($at, $this->rules->undotted, true)) {
                return false;
            }
            if (isset($this->halves[$at]) && 1 !== $spread->halves) {
                return false;
            }
        }
        foreach ([$right ? null : $page - 1, 1 === $last % 2 ? $last + 1 : null] as $leaf) {
            $pinned = null === $leaf ? null : $this->halves[$leaf] ?? null;
            if (null !== $pinned && self::spoils($pinned, $spread->medium)) {
                return false;
            }
        }
        // The page before is the front of the same leaf when this one is a left page.
        foreach ($right ? [] : $laid as [$other, $from]) {
            $to = $from + max(1, intdiv($other->halves, 2)) - 1;
            if ($to === $page - 1) {
                if (self::spoils($other->medium, $spread->medium)) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function spoils(Medium $one, Medium $other): bool
    {
        return (Medium::Bleeds === $one && Medium::Decoration !== $other) || (Medium::Bleeds === $other && Medium::Decoration !== $one);
    }

    /** Whether all that must face another does. */
    private function keepsRules(array $laid): bool
    {
        $pages = [];
        foreach ($laid as [$spread, $page]) {
            $pages[$spread->id] = $page;
        }
        foreach (self::required($this->sections) as [$one, $other]) {
            if ($pages[$one] + (0 === $pages[$one] % 2 ? 1 : -1) !== $pages[$other]) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<array{Placeable, int, int}> $laid
     * @param list<list<Placeable>>            $sections
     * @param array<int, Medium>               $halves
     *
     * @return array{int, int, int}
     */
    public static function cost(array $laid, array $sections, PageRules $rules, array $halves = []): array
    {
        $taken = array_fill_keys(array_keys($halves), 2);
        $end = $rules->first - 1;
        foreach ($laid as [$spread, $page]) {
            $pages = max(1, intdiv($spread->halves, 2));
            for ($i = 0; $i < $pages; ++$i) {
                $taken[$page + $i] = isset($halves[$page + $i]) ? 2 : ($taken[$page + $i] ?? 0) + (1 === $spread->halves ? 1 : 2);
                $end = max($end, $page + $i);
            }
        }
        $empty = 0;
        for ($page = $rules->first; $page <= $end; ++$page) {
            $empty += 2 - ($taken[$page] ?? 0);
        }
        while (isset($halves[$end + 1])) {
            ++$end;
        }
        $empty += Side::Left === $rules->then && 0 !== ($end + 1) % 2 ? 2 : 0;
        $moved = 0;
        $wanted = array_map(static fn (Placeable $spread): string => $spread->id, array_merge(...$sections));
        foreach ($laid as $rank => [$spread]) {
            $moved += abs($rank - (int) array_search($spread->id, $wanted, true));
        }

        return [$empty, $moved, -self::kept($laid, $sections)];
    }

    /**
     * The pairs that must face each other: of those that can be pairs at all, each spread in one only.
     *
     * @param list<list<Placeable>> $sections
     *
     * @return list<array{string, string}>
     */
    public static function required(array $sections): array
    {
        $required = [];
        foreach ($sections as $section) {
            $single = array_filter($section, static fn (Placeable $spread): bool => 2 === $spread->halves);
            $byId = array_combine(array_map(static fn (Placeable $spread): string => $spread->id, $single), $single);
            $paired = [];
            foreach ($single as $spread) {
                $other = $byId[$spread->faces ?? ''] ?? null;
                if (null === $other
                    || isset($paired[$spread->id])
                    || isset($paired[$other->id])
                    || (Side::Any !== $spread->side && $spread->side === $other->side)) {
                    continue;
                }
                $paired[$spread->id] = $paired[$other->id] = true;
                if ($spread->mustFace) {
                    $required[] = [$spread->id, $other->id];
                }
            }
        }

        return $required;
    }

    private static function kept(array $laid, array $sections): int
    {
        $pages = [];
        foreach ($laid as [$spread, $page]) {
            $pages[$spread->id] = $page;
        }
        $kept = 0;
        foreach ($sections as $section) {
            $paired = [];
            $single = array_filter($section, static fn (Placeable $spread): bool => 2 === $spread->halves);
            $ids = array_map(static fn (Placeable $spread): string => $spread->id, $single);
            foreach ($single as $spread) {
                if (null === $spread->faces
                    || !\in_array($spread->faces, $ids, true)
                    || isset($paired[$spread->id])
                    || isset($paired[$spread->faces])) {
                    continue;
                }
                $paired[$spread->id] = $paired[$spread->faces] = true;
                [$low, $high] = [min($pages[$spread->id], $pages[$spread->faces]), max($pages[$spread->id], $pages[$spread->faces])];
                $kept += 0 === $low % 2 && $high === $low + 1 ? 1 : 0;
            }
        }

        return $kept;
    }
}
