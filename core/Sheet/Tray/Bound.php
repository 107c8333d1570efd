<?php

/*
 * How many sheets pieces need at least, however they are laid and turned. Sides are rounded by functions that keep what fits
 * fitting, and the areas they make are added up; a piece counts with the smaller of its two ways to lie.
 * Source: S. Fekete, J. Schepers, "New classes of fast lower bounds for bin packing problems" (2001), dual feasible functions.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

final class Bound
{
    /** Of each family that many are tried. */
    private const TRIED = 24;

    /**
     * @param list<array{int, int}> $sizes each fits the sheet in one of its ways
     *
     * @return int 0 where there are none
     */
    public static function of(array $sizes, int $wide, int $tall): int
    {
        $counts = [];
        foreach ($sizes as [$w, $h]) {
            $key = min($w, $h).' '.max($w, $h);
            $counts[$key] = [$w, $h, ($counts[$key][2] ?? 0) + 1];
        }
        $sides = array_values(array_unique([...array_column($counts, 0), ...array_column($counts, 1)]));
        [$across, $down] = [self::functions($wide, $sides), self::functions($tall, $sides)];
        $most = [] === $sizes ? 0.0 : 1.0;
        foreach ($across as $f) {
            foreach ($down as $g) {
                $sum = 0.0;
                foreach ($counts as [$w, $h, $count]) {
                    $sum += $count * min(
                        $w <= $wide && $h <= $tall ? $f[$w] * $g[$h] : \INF,
                        $h <= $wide && $w <= $tall ? $f[$h] * $g[$w] : \INF,
                    );
                }
                $most = max($most, is_finite($sum) ? $sum : 0.0);
            }
        }

        return (int) ceil($most - 1e-9);
    }

    /**
     * Shares of a side of the sheet, rounded in each of the ways.
     *
     * @param list<int> $sides
     *
     * @return list<array<int, float>> side of a piece → share
     */
    private static function functions(int $whole, array $sides): array
    {
        $fitting = array_values(array_filter($sides, static fn (int $side): bool => $side <= $whole));
        $plain = [];
        foreach ($fitting as $side) {
            $plain[$side] = $side / $whole;
        }
        $functions = [$plain];
        for ($k = 1; $k <= 6; ++$k) {
            $functions[] = array_combine($fitting, array_map(static fn (int $side): float => 0 === ($k + 1) * $side % $whole
                ? $side / $whole
                : intdiv(($k + 1) * $side, $whole) / $k, $fitting));
        }
        $small = array_values(array_filter($fitting, static fn (int $side): bool => 2 * $side <= $whole));
        foreach (\array_slice($small, 0, self::TRIED) as $least) {
            $functions[] = array_combine($fitting, array_map(static fn (int $side): float => match (true) {
                $side > $whole - $least => 1.0,
                $side < $least => 0.0,
                default => $side / $whole,
            }, $fitting));
        }

        return $functions;
    }
}
