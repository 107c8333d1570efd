<?php

/*
 * What is sent to a printer so that it lands where it should: a printer that draws everything S times as large and moves it by t
 * draws at S·x + t what is sent as x, so a mark meant for x is sent as (x − t) ÷ S. Along each side of the sheet on its own.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Printer;

final class Correction
{
    /**
     * @param float $across how many times as large the printer draws, along the upper edge
     * @param float $down   and along the side
     * @param float $right  µm it moves everything to the right, and `$lower` down
     */
    public function __construct(
        public readonly float $across,
        public readonly float $down,
        public readonly float $right,
        public readonly float $lower,
    ) {
    }

    /** @return array{float, float} µm as they are sent for a point that is meant to land at x, y */
    public function sent(float $x, float $y): array
    {
        return [($x - $this->right) / $this->across, ($y - $this->lower) / $this->down];
    }

    /** @return array{float, float} µm where a point lands that is sent as x, y */
    public function lands(float $x, float $y): array
    {
        return [$this->across * $x + $this->right, $this->down * $y + $this->lower];
    }
}
