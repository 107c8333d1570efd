<?php

/*
 * What is still free of a sheet, as all the largest rectangles that are; they overlap. A piece is put into the upper left corner of
 * one of them. Source: J. Jylänki, "A Thousand Ways to Pack the Bin" (2010), maximal rectangles.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

/** @internal to Packing */
final class FreeRoom
{
    /** @var list<array{int, int, int, int}> left, top, right, foot */
    private array $free;

    /** @var array<string, bool> sizes that found no place: none comes free again */
    private array $full = [];

    public function __construct(int $wide, int $tall)
    {
        $this->free = [[0, 0, $wide, $tall]];
    }

    /**
     * The best place, upright or turned.
     *
     * @param bool $turns whether it may be turned
     *
     * @return array{int, int, bool}|null x, y, turned
     */
    public function find(int $wide, int $tall, PlaceRule $rule, bool $turns = true): ?array
    {
        if ($this->full["$wide $tall"] ?? false) {
            return null;
        }
        $best = null;
        $least = [\PHP_INT_MAX, 0];
        foreach ($wide === $tall || !$turns ? [false] : [false, true] as $turned) {
            [$w, $h] = $turned ? [$tall, $wide] : [$wide, $tall];
            foreach ($this->free as [$x, $y, $right, $foot]) {
                [$spareX, $spareY] = [$right - $x - $w, $foot - $y - $h];
                if ($spareX < 0 || $spareY < 0) {
                    continue;
                }
                $cost = match ($rule) {
                    PlaceRule::Top => [$y + $h, $x],
                    PlaceRule::ShortSide => [min($spareX, $spareY), max($spareX, $spareY)],
                    PlaceRule::Area => [($right - $x) * ($foot - $y) - $w * $h, min($spareX, $spareY)],
                };
                if ($cost < $least) {
                    [$least, $best] = [$cost, [$x, $y, $turned]];
                }
            }
        }
        if (null === $best) {
            $this->full["$wide $tall"] = true;
            $this->full["$tall $wide"] = $turns;
        }

        return $best;
    }

    public function take(int $x, int $y, int $wide, int $tall): void
    {
        [$right, $foot] = [$x + $wide, $y + $tall];
        $kept = $new = [];
        foreach ($this->free as $one) {
            [$left, $top, $to, $end] = $one;
            if ($x >= $to || $right <= $left || $y >= $end || $foot <= $top) {
                $kept[] = $one;
                continue;
            }
            if ($x > $left) {
                $new[] = [$left, $top, $x, $end];
            }
            if ($right < $to) {
                $new[] = [$right, $top, $to, $end];
            }
            if ($y > $top) {
                $new[] = [$left, $top, $to, $y];
            }
            if ($foot < $end) {
                $new[] = [$left, $foot, $to, $end];
            }
        }
        // What lies within another free rectangle tells nothing.
        foreach ($new as $i => $one) {
            $others = $new;
            unset($others[$i]);
            if (!self::isWithin($one, $kept) && !self::isWithin($one, $others, $i)) {
                $kept[] = $one;
            }
        }
        $this->free = $kept;
    }

    /**
     * @param array{int, int, int, int}              $one
     * @param array<int, array{int, int, int, int}> $others
     * @param int|null                               $nth    its own place among them: of two that are the same, the first stays
     */
    private static function isWithin(array $one, array $others, ?int $nth = null): bool
    {
        foreach ($others as $i => $other) {
            if ($one[0] >= $other[0] && $one[1] >= $other[1] && $one[2] <= $other[2] && $one[3] <= $other[3]
                && (null === $nth || $one !== $other || $i < $nth)) {
                return true;
            }
        }

        return false;
    }
}
