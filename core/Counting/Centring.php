<?php

/* A block put in the middle of a side, and what its parity does to that. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Centring
{
    private function __construct(public readonly int $side, public readonly int $block, public readonly int $before, public readonly int $after)
    {
    }

    /** The block on whole boxes; where the parities differ it stands half a box to the left of the true middle. Null where it does not fit. */
    public static function of(int $side, int $block): ?self
    {
        if ($block < 1 || $block > $side) {
            return null;
        }
        $before = intdiv($side - $block, 2);

        return new self($side, $block, $before, $side - $block - $before);
    }

    public function isTrue(): bool
    {
        return $this->before === $this->after;
    }

    public function working(): string
    {
        $sum = "($this->side − $this->block) ÷ 2 = ".Fraction::of($this->side - $this->block, 2);

        return $this->isTrue()
            ? "$sum boxes before and after, counted on the grid"
            : "$sum: half a box off, so $this->before before and $this->after after, counted on the grid";
    }
}
