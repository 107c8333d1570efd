<?php

/*
 * Pieces on the fewest sheets: the largest first, in several orders and by several rules, and the best of all kept; then, while
 * more sheets are used than the proven bound, in orders shaken a little. The same pieces give the same sheets.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

final class Packing
{
    /** Pieces beyond which one order and rule do: more make no sheet less. From memory of trials. */
    private const MANY = 400;

    /** Shaken orders that are tried for so many pieces in all. */
    private const SHAKEN = 4_000;

    /**
     * @param list<array{int, int}> $sizes    µm wide and tall, in whatever unit the room has
     * @param array<int, bool>      $twoSided printed on both sides: they share sheets, so that few are printed twice
     */
    public static function of(array $sizes, int $wide, int $tall, array $twoSided = []): Packed
    {
        $fits = $left = [];
        foreach ($sizes as $i => [$w, $h]) {
            if (($w <= $wide && $h <= $tall) || ($h <= $wide && $w <= $tall)) {
                $fits[] = $i;
            } else {
                $left[] = $i;
            }
        }
        $bound = Bound::of(array_values(array_intersect_key($sizes, array_flip($fits))), $wide, $tall);
        $best = null;
        foreach (self::orders($fits, $sizes, $twoSided) as $n => $order) {
            foreach (0 === $n || \count($fits) <= self::MANY ? PlaceRule::cases() : [] as $rule) {
                if (null !== $best && \count($fits) > self::MANY) {
                    break;
                }
                $best = self::better($best, self::filled($order, $sizes, $wide, $tall, $rule), $twoSided);
            }
        }
        $best = self::shaken($best ?? [], $fits, $sizes, $wide, $tall, $twoSided, $bound);

        $best = array_map(static fn (array $sheet): array => self::upright($sheet, $sizes, $wide, $tall), $best);

        return new Packed(self::inOrder($best, $sizes, $twoSided), $left, $bound);
    }

    /**
     * @param list<int>             $fits
     * @param list<array{int, int}> $sizes
     * @param array<int, bool>      $twoSided
     *
     * @return list<list<int>>
     */
    private static function orders(array $fits, array $sizes, array $twoSided): array
    {
        $keys = [
            static fn (int $w, int $h): array => [$w * $h, max($w, $h)],
            static fn (int $w, int $h): array => [max($w, $h), min($w, $h)],
            static fn (int $w, int $h): array => [min($w, $h), max($w, $h)],
            static fn (int $w, int $h): array => [$w + $h, max($w, $h)],
        ];

        return array_map(static function (\Closure $key) use ($fits, $sizes, $twoSided): array {
            usort($fits, static fn (int $a, int $b): int => [$twoSided[$b] ?? false, ...$key(...$sizes[$b]), $a]
                <=> [$twoSided[$a] ?? false, ...$key(...$sizes[$a]), $b]);

            return $fits;
        }, $keys);
    }

    /**
     * @param array<int, int>       $order
     * @param list<array{int, int}> $sizes
     *
     * @return list<non-empty-list<Put>>
     */
    private static function filled(array $order, array $sizes, int $wide, int $tall, PlaceRule $rule): array
    {
        $rooms = $sheets = [];
        foreach ($order as $piece) {
            [$w, $h] = $sizes[$piece];
            $nth = 0;
            do {
                $rooms[$nth] ??= new FreeRoom($wide, $tall);
                $found = $rooms[$nth]->find($w, $h, $rule);
                ++$nth;
            } while (null === $found);
            [$x, $y, $turned] = $found;
            [$across, $down] = $turned ? [$h, $w] : [$w, $h];
            $rooms[$nth - 1]->take($x, $y, $across, $down);
            $sheets[$nth - 1][] = new Put($piece, $x, $y, $across, $down, $turned);
        }

        return array_values($sheets);
    }

    /**
     * The same pieces on their sheet with none turned, where they fit so: what is read need not be turned for it.
     *
     * @param non-empty-list<Put>   $sheet
     * @param list<array{int, int}> $sizes
     *
     * @return non-empty-list<Put>
     */
    private static function upright(array $sheet, array $sizes, int $wide, int $tall): array
    {
        if ([] === array_filter($sheet, static fn (Put $put): bool => $put->turned)) {
            return $sheet;
        }
        usort($sheet, static fn (Put $one, Put $other): int => $other->wide * $other->tall <=> $one->wide * $one->tall);
        foreach (PlaceRule::cases() as $rule) {
            $room = new FreeRoom($wide, $tall);
            $laid = [];
            foreach ($sheet as $put) {
                [$w, $h] = $sizes[$put->piece];
                $found = $room->find($w, $h, $rule, false);
                if (null === $found) {
                    continue 2;
                }
                $room->take($found[0], $found[1], $w, $h);
                $laid[] = new Put($put->piece, $found[0], $found[1], $w, $h, false);
            }

            return $laid;
        }

        return $sheet;
    }

    /**
     * Two pieces of the order change places, and what was better stays.
     *
     * @param list<non-empty-list<Put>>       $best
     * @param list<int>             $fits
     * @param list<array{int, int}> $sizes
     * @param array<int, bool>      $twoSided
     *
     * @return list<non-empty-list<Put>>
     */
    private static function shaken(array $best, array $fits, array $sizes, int $wide, int $tall, array $twoSided, int $bound): array
    {
        $n = \count($fits);
        $tries = $n < 2 ? 0 : min(300, intdiv(self::SHAKEN, $n));
        $random = 20_270_101;
        $next = static function (int $below) use (&$random): int {
            // A linear congruence (Numerical Recipes): the same shakes every time.
            $random = (1_664_525 * $random + 1_013_904_223) % 4_294_967_296;

            return intdiv($random * $below, 4_294_967_296);
        };
        $order = [] === $best ? [] : array_column(array_merge(...$best), 'piece');
        for ($i = 0; $i < $tries && \count($best) > $bound; ++$i) {
            $shaken = $order;
            for ($swaps = 1 + $next(3); $swaps > 0; --$swaps) {
                [$a, $b] = [$next($n), $next($n)];
                [$shaken[$a], $shaken[$b]] = [$shaken[$b], $shaken[$a]];
            }
            $tried = self::filled($shaken, $sizes, $wide, $tall, PlaceRule::cases()[$next(3)]);
            if (self::cost($tried, $twoSided) <= self::cost($best, $twoSided)) {
                [$best, $order] = [$tried, $shaken];
            }
        }

        return $best;
    }

    /**
     * @param list<non-empty-list<Put>>|null $one
     * @param list<non-empty-list<Put>>      $other
     * @param array<int, bool>     $twoSided
     *
     * @return list<non-empty-list<Put>>
     */
    private static function better(?array $one, array $other, array $twoSided): array
    {
        return null === $one || self::cost($other, $twoSided) < self::cost($one, $twoSided) ? $other : $one;
    }

    /**
     * The sheets by the first piece on each, and of pieces of one size the first asked for on the first place.
     *
     * @param list<non-empty-list<Put>>       $sheets
     * @param list<array{int, int}> $sizes
     * @param array<int, bool>      $twoSided
     *
     * @return list<non-empty-list<Put>>
     */
    private static function inOrder(array $sheets, array $sizes, array $twoSided): array
    {
        usort($sheets, static fn (array $one, array $other): int => self::first($one) <=> self::first($other));
        $alike = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet as $put) {
                $alike[implode(' ', $sizes[$put->piece]).' '.(int) ($twoSided[$put->piece] ?? false)][] = $put->piece;
            }
        }
        array_walk($alike, static function (array &$pieces): void {
            sort($pieces);
        });
        $ordered = [];
        foreach ($sheets as $sheet) {
            usort($sheet, static fn (Put $one, Put $other): int => [$one->y, $one->x] <=> [$other->y, $other->x]);
            $ordered[] = array_map(static function (Put $put) use (&$alike, $sizes, $twoSided): Put {
                $key = implode(' ', $sizes[$put->piece]).' '.(int) ($twoSided[$put->piece] ?? false);

                return new Put(array_shift($alike[$key]) ?? $put->piece, $put->x, $put->y, $put->wide, $put->tall, $put->turned);
            }, $sheet);
        }

        return $ordered;
    }

    /** @param list<Put> $sheet */
    private static function first(array $sheet): int
    {
        return min(0 === \count($sheet) ? [0] : array_map(static fn (Put $put): int => $put->piece, $sheet));
    }

    /**
     * Sheets, sides to print, and how full the fullest are: a nearly empty one is the next to go.
     *
     * @param list<non-empty-list<Put>> $sheets
     * @param array<int, bool> $twoSided
     *
     * @return array{int, int, float}
     */
    private static function cost(array $sheets, array $twoSided): array
    {
        $backs = 0;
        $squares = 0.0;
        foreach ($sheets as $sheet) {
            $backs += [] === array_filter($sheet, static fn (Put $one): bool => $twoSided[$one->piece] ?? false) ? 0 : 1;
            $squares += array_sum(array_map(static fn (Put $one): float => 1e-6 * $one->wide * $one->tall, $sheet)) ** 2;
        }

        return [\count($sheets), $backs, -$squares];
    }
}
