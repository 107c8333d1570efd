<?php

/* One side of a page cut into parts, with gaps between them and a place for what is left over. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Division
{
    /** What a spacing sheet shows: halves, thirds, quarters, fifths and, for a week on one page, sevenths (common practice, no source). */
    public const USUAL = [2, 3, 4, 5, 7];

    /**
     * @param list<Fraction> $parts boxes
     * @param list<int>      $gaps  boxes, one fewer than parts
     */
    private function __construct(
        public readonly int $side,
        public readonly int $gap,
        public readonly Remainder $policy,
        public readonly array $parts,
        public readonly array $gaps,
        public readonly int $before,
        public readonly int $after,
        public readonly int $remainder,
    ) {
    }

    /**
     * The division of a side, or null where the policy has no whole-box answer or a part would be
     * smaller than one box.
     *
     * @param int $side  boxes, 1 or more
     * @param int $parts 1 or more
     * @param int $gap   boxes between parts, 0 or more
     *
     * Source: docs/trade.md, "Dividing a side" (common practice, no source)
     */
    public static function of(int $side, int $parts, int $gap = 0, Remainder $policy = Remainder::Outside): ?self
    {
        if ($parts < 1 || $gap < 0 || $side - ($parts - 1) * $gap < $parts) {
            return null;
        }
        $free = $side - ($parts - 1) * $gap;
        $size = intdiv($free, $parts);
        $left = $free - $size * $parts;

        return match ($policy) {
            Remainder::Outside => self::equal($side, $parts, $size, $gap, $policy, intdiv($left, 2), $left),
            Remainder::After => self::equal($side, $parts, $size, $gap, $policy, 0, $left),
            Remainder::Exact => new self(
                $side,
                $gap,
                $policy,
                array_fill(0, $parts, Fraction::of($free, $parts)),
                array_fill(0, $parts - 1, $gap),
                0,
                0,
                0,
            ),
            Remainder::IntoGaps => self::intoGaps($side, $parts, $size, $gap, $left),
            Remainder::IntoParts => self::intoParts($side, $parts, $size, $gap, $left),
            Remainder::ByRatio => self::byRatio($side, array_fill(0, $parts, 1), $gap),
        };
    }

    /**
     * The best gap for equal containers: of the gaps 1 to 3, none wider than a part, the one that leaves
     * least over, then the smallest. Null where not even parts of one box with gaps of one fit.
     *
     * Source: docs/trade.md, "The best gap" (common practice, no source).
     */
    public static function containers(int $side, int $parts, Remainder $policy = Remainder::Outside): ?self
    {
        if (1 === $parts) {
            return self::of($side, 1, 0, $policy);
        }
        $best = null;
        foreach ([1, 2, 3] as $gap) {
            $division = self::of($side, $parts, $gap, $policy);
            if (null === $division || $division->parts[0]->compare($gap) < 0) {
                continue;
            }
            if (null === $best || $division->remainder < $best->remainder) {
                $best = $division;
            }
        }

        return $best;
    }

    /**
     * Unequal parts in a ratio such as 2 : 1 : 1, in whole boxes: each gets its share rounded down, and the
     * boxes left go one each to the parts that lost most, the earlier first (largest remainder). Null where
     * a part would get no box.
     *
     * @param non-empty-list<int> $ratio each 1 or more
     * @param int                 $gap   boxes between parts, 0 or more
     */
    public static function byRatio(int $side, array $ratio, int $gap = 0): ?self
    {
        $parts = \count($ratio);
        $free = $side - ($parts - 1) * $gap;
        if (min($ratio) < 1 || $gap < 0 || $free < $parts) {
            return null;
        }
        $sizes = LargestRemainder::share($free, $ratio);

        return [] === $sizes || min($sizes) < 1 ? null : new self(
            $side,
            $gap,
            Remainder::ByRatio,
            array_values(array_map(Fraction::of(...), $sizes)),
            array_fill(0, $parts - 1, $gap),
            0,
            0,
            0,
        );
    }

    /**
     * The smallest gap, `$least` or more, with which the parts are whole boxes and read the same from both
     * ends (27 in 2 → gap 1: 13, skip 1, 13). Null where there is none.
     *
     * Source: docs/trade.md, "Dividing a side" (common practice, no source)
     */
    public static function smallestSymmetricGap(int $side, int $parts, int $least = 0): ?int
    {
        for ($gap = max(0, $least); $parts > 0 && $side - ($parts - 1) * $gap >= $parts; ++$gap) {
            if (null !== self::of($side, $parts, $gap, Remainder::IntoParts)) {
                return $gap;
            }
        }

        return null;
    }

    /**
     * Parts whose size is given (a mini month is 7 boxes wide, whatever the page): the widest even gap up
     * to `$widest`, the rest outside. Null where they do not fit with `$narrowest` between them.
     */
    public static function ofSize(int $side, int $parts, int $size, int $narrowest = 1, int $widest = 3): ?self
    {
        return $parts < 1 ? null : self::ofSizes($side, array_fill(0, $parts, $size), $narrowest, $widest);
    }

    /**
     * Parts of several given sizes, in their order, with one even gap between them; the rest outside, or all after.
     * Null where they do not fit with `$narrowest` between them.
     *
     * @param non-empty-list<int> $sizes each 1 or more
     */
    public static function ofSizes(
        int $side,
        array $sizes,
        int $narrowest = 1,
        int $widest = 3,
        Remainder $policy = Remainder::Outside,
    ): ?self {
        $parts = \count($sizes);
        $free = $side - array_sum($sizes);
        if (min($sizes) < 1 || $free < ($parts - 1) * $narrowest) {
            return null;
        }
        $gap = 1 === $parts ? 0 : min($widest, intdiv($free, $parts - 1));
        $left = $free - ($parts - 1) * $gap;
        $before = Remainder::After === $policy ? 0 : intdiv($left, 2);

        return new self(
            $side,
            $gap,
            $policy,
            array_map(Fraction::of(...), $sizes),
            array_fill(0, $parts - 1, $gap),
            $before,
            $left - $before,
            $left,
        );
    }

    /**
     * Where each part begins and ends, in boxes from the edge.
     *
     * @return list<array{from: Fraction, to: Fraction}>
     */
    public function spans(): array
    {
        $spans = [];
        $at = Fraction::of($this->before);
        foreach ($this->parts as $i => $part) {
            $spans[] = ['from' => $at, 'to' => $at = $at->plus($part)];
            $at = $at->plus($this->gaps[$i] ?? 0);
        }

        return $spans;
    }

    /**
     * Where to tick, in boxes from the edge, the edges themselves left out: 26 in 3 with gap 1 → 8, 9, 17, 18.
     *
     * @return list<Fraction>
     */
    public function ticks(): array
    {
        $ticks = [];
        foreach ($this->spans() as $span) {
            foreach ($span as $at) {
                if ($at->compare(0) > 0 && $at->compare($this->side) < 0 && ([] === $ticks || !end($ticks)->equals($at))) {
                    $ticks[] = $at;
                }
            }
        }

        return $ticks;
    }

    /** As people say it: "8, skip 1, 8, skip 1, 8". */
    public function run(): string
    {
        $said = $this->before > 0 ? ["skip $this->before"] : [];
        foreach ($this->parts as $i => $part) {
            $said[] = (string) $part;
            if (($this->gaps[$i] ?? 0) > 0) {
                $said[] = 'skip '.$this->gaps[$i];
            }
        }

        return implode(', ', $said);
    }

    /** The arithmetic: "26 boxes = 3 × 8 + 2 × 1 + 0 left over". */
    public function working(): string
    {
        $count = \count($this->parts);
        $sum = $this->isEqual()
            ? "$count × {$this->parts[0]}"
            : implode(' + ', array_map(strval(...), $this->parts));
        $gaps = array_unique($this->gaps);
        if ([] !== $gaps && [0] !== array_values($gaps)) {
            $sum .= 1 === \count($gaps) ? ' + '.($count - 1)." × {$this->gaps[0]}" : ' + gaps '.implode(', ', $this->gaps);
        }

        return Plural::boxes($this->side)
            ." = $sum"
            .($this->remainder > 0 && $this->before + $this->after > 0 ? " + $this->remainder left over" : '');
    }

    public function isEqual(): bool
    {
        foreach ($this->parts as $part) {
            // Equal shares are one and the same.
            if ($part !== $this->parts[0] && !$part->equals($this->parts[0])) {
                return false;
            }
        }

        return true;
    }

    /** The size all parts share. @throws \LogicException where they differ or fall between dots */
    public function size(): int
    {
        if (!$this->isEqual() || !$this->parts[0]->isWhole()) {
            throw new \LogicException('These parts have no one whole size.');
        }

        return $this->parts[0]->numerator;
    }

    private static function equal(int $side, int $parts, int $size, int $gap, Remainder $policy, int $before, int $left): self
    {
        return new self(
            $side,
            $gap,
            $policy,
            array_fill(0, $parts, Fraction::of($size)),
            array_fill(0, $parts - 1, $gap),
            $before,
            $left - $before,
            $left,
        );
    }

    private static function intoGaps(int $side, int $parts, int $size, int $gap, int $left): ?self
    {
        $gaps = $parts < 2 ? null : self::spread($left, $parts - 1, $gap);

        return null === $gaps ? null : new self(
            $side,
            $gap,
            Remainder::IntoGaps,
            array_fill(0, $parts, Fraction::of($size)),
            $gaps,
            0,
            0,
            $left,
        );
    }

    private static function intoParts(int $side, int $parts, int $size, int $gap, int $left): ?self
    {
        $sizes = self::spread($left, $parts, $size);

        return null === $sizes ? null : new self(
            $side,
            $gap,
            Remainder::IntoParts,
            array_map(Fraction::of(...), $sizes),
            array_fill(0, $parts - 1, $gap),
            0,
            0,
            $left,
        );
    }

    /**
     * `$extra` single boxes laid on `$places` places so that they read the same from both ends; with an odd
     * count of places an odd box goes in the middle. Null where no such whole-box answer exists.
     *
     * @return list<int>|null
     */
    private static function spread(int $extra, int $places, int $base): ?array
    {
        if (0 === $places % 2 && 0 !== $extra % 2) {
            return null;
        }
        $sizes = array_fill(0, $places, $base + intdiv($extra, $places));
        $extra %= $places;
        if (0 !== $extra % 2) {
            ++$sizes[intdiv($places, 2)];
            --$extra;
        }
        // Pairs from the middle outwards for an even count (26 in 4 → 6·7·7·6), from the ends for an odd one (38 in 3 → 13·12·13).
        for ($pair = 0; $extra > 0; ++$pair, $extra -= 2) {
            $at = 0 === $places % 2 ? intdiv($places, 2) - 1 - $pair : $pair;
            ++$sizes[$at];
            ++$sizes[$places - 1 - $at];
        }

        return array_values($sizes);
    }
}
