<?php

/* A block put in the middle of a side, and what its parity does to that. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Centring
{
    private function __construct(
        public readonly int $side,
        public readonly int $block,
        public readonly int $before,
        public readonly int $after,
    ) {
    }

    /**
     * The block on whole boxes; where the parities differ it stands half a box to the left of the true middle. Null where it does not fit.
     */
    public static function of(int $side, int $block): ?self
    {
        if ($block < 1 || $block > $side) {
            return null;
        }
        $before = intdiv($side - $block, 2);

        return new self($side, $block, $before, $side - $block - $before);
    }

    /**
     * The box to begin at so that a block stands in the middle of the paper rather than of its grid: the
     * nearest whole box. All but `$block` in µm.
     *
     * @param int $width    of the paper
     * @param int $firstDot from the paper's edge to the first dot
     * @param int $block    boxes
     *
     * @return array{before: int, off: int} boxes before it on the grid, and by how many µm the block then stands
     *                                      right (positive) or left of the paper's middle; `before` may be negative
     *                                      where the block does not fit on the grid
     */
    public static function onPaper(int $width, int $firstDot, int $pitch, int $block): array
    {
        // 2 × the place the block should begin at, so that halves stay whole.
        $twice = $width - $block * $pitch - 2 * $firstDot;
        $before = (int) floor(($twice + $pitch) / (2 * $pitch));

        return ['before' => $before, 'off' => intdiv(2 * $before * $pitch - $twice, 2)];
    }

    public function isTrue(): bool
    {
        return $this->before === $this->after;
    }

    public function working(): string
    {
        $half = Fraction::of($this->side - $this->block, 2);
        $sum = "($this->side − $this->block) ÷ 2 = ";

        return $this->isTrue()
            ? $sum.Plural::boxes($half).' before and after, counted on the grid'
            : "$sum$half: half a box off, so $this->before before and $this->after after, counted on the grid";
    }
}
