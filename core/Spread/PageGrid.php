<?php

/* The dots of a page a form may draw on, and how they are counted. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Counting\Tally;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Dress;

final class PageGrid
{
    /** Boxes a title takes with the air below it; null for as many as is usual on a page so tall. */
    public readonly ?int $title;

    /**
     * @param int $across boxes, 1 or more
     * @param int $down   boxes, 1 or more; fewer than the page has where it is shared
     * @param int $pitch  µm a box
     * @param bool $turned whether the page lies on its side while it is drawn
     * @param Dress|null $dress how the page is dressed; null where nothing is said
     */
    public function __construct(
        public readonly int $across,
        public readonly int $down,
        public readonly Tally $tally = Tally::Boxes,
        public readonly int $pitch = 5_000,
        public readonly bool $turned = false,
        public readonly ?Dress $dress = null,
    ) {
        $this->title = $dress?->title;
    }

    /** The same page turned so that its left edge is the upper one, or upright. */
    public function lying(bool $turned): self
    {
        return $turned === $this->turned ? $this : new self(
            $this->down,
            $this->across,
            $this->tally,
            $this->pitch,
            $turned,
            $this->dress,
        );
    }

    /** The same page dressed so. */
    public function dressed(Dress $dress): self
    {
        return $dress->isPlain() ? $this : new self($this->across, $this->down, $this->tally, $this->pitch, $this->turned, $dress);
    }

    /** A whole page of this paper. */
    public static function of(Stock $stock, Tally $tally): self
    {
        return new self($stock->across, $stock->down, $tally, $stock->pitch);
    }
}
