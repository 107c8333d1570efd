<?php

/* The dots of a page a form may draw on, and how they are counted. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Counting\Tally;
use AmpleMargin\Paper\Stock;

final class PageGrid
{
    /**
     * @param int $across boxes, 1 or more
     * @param int $down   boxes, 1 or more; fewer than the page has where it is shared
     * @param int $pitch  µm a box
     * @param bool $turned whether the page lies on its side while it is drawn
     */
    public function __construct(
        public readonly int $across,
        public readonly int $down,
        public readonly Tally $tally = Tally::Boxes,
        public readonly int $pitch = 5_000,
        public readonly bool $turned = false,
    ) {
    }

    /** The same page turned so that its left edge is the upper one, or upright. */
    public function lying(bool $turned): self
    {
        return $turned === $this->turned ? $this : new self($this->down, $this->across, $this->tally, $this->pitch, $turned);
    }

    /** A whole page of this paper. */
    public static function of(Stock $stock, Tally $tally): self
    {
        return new self($stock->across, $stock->down, $tally, $stock->pitch);
    }
}
