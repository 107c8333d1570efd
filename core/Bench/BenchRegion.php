<?php

/* A rectangle of a page whose width or height is to be split. All in boxes from the upper left corner of the grid. */

declare(strict_types=1);

namespace AmpleMargin\Bench;

use AmpleMargin\Drawing\Edge;

final class BenchRegion
{
    /**
     * @param Edge $edge along the top splits the width, down the side the height
     * @param int  $x    0 or more
     * @param int  $wide 1 or more
     */
    public function __construct(
        public readonly Edge $edge,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
    ) {
    }

    /** Boxes of the side that is split. */
    public function side(): int
    {
        return Edge::Top === $this->edge ? $this->wide : $this->tall;
    }

    /** Boxes from the page's edge to where that side begins. */
    public function from(): int
    {
        return Edge::Top === $this->edge ? $this->x : $this->y;
    }

    public function isOn(int $across, int $down): bool
    {
        return $this->x >= 0
            && $this->y >= 0
            && $this->wide >= 1
            && $this->tall >= 1
            && $this->x + $this->wide <= $across
            && $this->y + $this->tall <= $down;
    }
}
