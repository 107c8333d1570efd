<?php

/* The dots of a page a form may draw on, and how they are counted. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Counting\Tally;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Dress;

final class PageGrid
{
    /** Boxes either way that a border must leave. From memory. */
    public const LEAST = 10;

    /** Boxes a title takes with the air below it; null for as many as is usual on a page so tall. */
    public readonly ?int $title;

    /**
     * @param int $across boxes, 1 or more
     * @param int $down   boxes, 1 or more; fewer than the page has where it is shared
     * @param int $pitch  µm a box
     * @param bool $turned whether the page lies on its side while it is drawn
     * @param Dress|null $dress how the page is dressed; null where nothing is said
     * @param int $border boxes kept on each side of it
     * @param int $foot   boxes kept below it, as the book stands upright
     */
    public function __construct(
        public readonly int $across,
        public readonly int $down,
        public readonly Tally $tally = Tally::Boxes,
        public readonly int $pitch = 5_000,
        public readonly bool $turned = false,
        public readonly ?Dress $dress = null,
        public readonly int $border = 0,
        public readonly int $foot = 0,
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
            $this->border,
            $this->foot,
        );
    }

    /** A whole upright page dressed so: a border and a free foot are taken from it where anything is left between them. */
    public function dressed(Dress $dress): self
    {
        if ($dress->isPlain()) {
            return $this;
        }
        [$border, $foot] = [$dress->border ?? 0, $dress->foot ?? 0];
        [$across, $down] = [$this->across - 2 * $border, $this->down - 2 * $border - $foot];
        if ($across < self::LEAST || $down < self::LEAST) {
            [$border, $foot, $across, $down] = [0, 0, $this->across, $this->down];
        }

        return new self($across, $down, $this->tally, $this->pitch, $this->turned, $dress, $border, $foot);
    }

    /** The whole page, dressed as it is but for border, line and free foot: for what must have the edges of the paper. */
    public function whole(): self
    {
        if (null === $this->dress) {
            return $this;
        }
        $upright = $this->lying(false);
        [$across, $down] = $upright->outer();
        $bare = $this->dress->under(new Dress(line: false, border: 0, foot: 0));

        return (new self($across, $down, $this->tally, $this->pitch, false, $bare))->lying($this->turned);
    }

    /** @return array{int, int} boxes across and down of the upright page around it */
    public function outer(): array
    {
        $upright = $this->lying(false);

        return [$upright->across + 2 * $this->border, $upright->down + 2 * $this->border + $this->foot];
    }

    /** @return array{int, int} boxes from the edges of the page around it, as it lies */
    public function corner(): array
    {
        // With its left edge at the top, its foot is on the left.
        return [$this->border + ($this->turned ? $this->foot : 0), $this->border];
    }

    /** A whole page of this paper. */
    public static function of(Stock $stock, Tally $tally): self
    {
        return new self($stock->across, $stock->down, $tally, $stock->pitch);
    }
}
