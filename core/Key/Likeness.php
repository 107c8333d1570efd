<?php

/*
 * How different two marks look. Measured as the Hausdorff distance between their strokes: the furthest that any point
 * of one strays from the nearest stroke of the other, the two laid over one another as they stand in their box, or
 * middle on middle where that brings them nearer, for a hand does not keep to the box.
 *
 * Source: F. Hausdorff, Grundzüge der Mengenlehre (1914); used for shapes since Huttenlocher, Klanderman and Rucklidge,
 * "Comparing Images Using the Hausdorff Distance", IEEE TPAMI 15 (1993). From memory.
 */

declare(strict_types=1);

namespace AmpleMargin\Key;

/** @internal to Key */
final class Likeness
{
    /** Points looked at along a stroke, in sixteenths: its ends first, for they stray furthest and settle most pairs. */
    private const POINTS = [0, 16, 8, 4, 12, 2, 6, 10, 14, 1, 3, 5, 7, 9, 11, 13, 15];

    /**
     * In quarters of the symbol's grid; 0 for the same mark. What is `$limit` or more may be said too small, but
     * never under `$limit`: who looks for the nearest need not know how far the others are.
     *
     * @param list<Stroke> $one
     * @param list<Stroke> $two
     */
    public static function distance(array $one, array $two, float $limit = \INF): float
    {
        if ([] === $one || [] === $two) {
            return [] === $one && [] === $two ? 0.0 : (float) Stroke::GRID;
        }
        [$a, $b] = [self::frame($one), self::frame($two)];
        // However they are laid over one another, the wider or taller one reaches half the difference beyond the other.
        $reach = max(abs($a[2] - $b[2]), abs($a[3] - $b[3])) / 2;
        if ($reach >= $limit) {
            return $reach;
        }
        $inPlace = self::strays($one, $two, 0.0, 0.0, $limit);
        [$dx, $dy] = [$b[0] - $a[0], $b[1] - $a[1]];

        return 0.0 === $dx && 0.0 === $dy ? $inPlace : min($inPlace, self::strays($one, $two, $dx, $dy, min($limit, $inPlace)));
    }

    /**
     * @param list<Stroke> $one
     * @param list<Stroke> $two
     */
    private static function strays(array $one, array $two, float $dx, float $dy, float $limit): float
    {
        $there = self::furthest($one, $two, $dx, $dy, $limit);

        return $there >= $limit ? $there : max($there, self::furthest($two, $one, -$dx, -$dy, $limit));
    }

    /**
     * @param list<Stroke> $one
     * @param list<Stroke> $two
     */
    private static function furthest(array $one, array $two, float $dx, float $dy, float $limit): float
    {
        $furthest = 0.0;
        foreach ($one as $stroke) {
            foreach (self::POINTS as $sixteenths) {
                $x = $stroke->x + ($stroke->toX - $stroke->x) * $sixteenths / 16 + $dx;
                $y = $stroke->y + ($stroke->toY - $stroke->y) * $sixteenths / 16 + $dy;
                $nearest = \INF;
                foreach ($two as $other) {
                    $nearest = min($nearest, $other->distance($x, $y));
                    if ($nearest <= $furthest) {
                        break;
                    }
                }
                $furthest = max($furthest, $nearest);
                if ($furthest >= $limit) {
                    return $furthest;
                }
            }
        }

        return $furthest;
    }

    /**
     * The rectangle the strokes fill.
     *
     * @param non-empty-list<Stroke> $strokes
     *
     * @return array{float, float, int, int} its middle across and down, how wide, how tall
     */
    private static function frame(array $strokes): array
    {
        $x = array_merge(...array_map(static fn (Stroke $stroke): array => [$stroke->x, $stroke->toX], $strokes));
        $y = array_merge(...array_map(static fn (Stroke $stroke): array => [$stroke->y, $stroke->toY], $strokes));

        return [(min($x) + max($x)) / 2, (min($y) + max($y)) / 2, max($x) - min($x), max($y) - min($y)];
    }
}
