<?php

/* A splitting taken from the counting bench as pencil ticks into a page. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Counting\Split;
use AmpleMargin\Counting\Splitting;

final class TakenSplit
{
    public const MOST = 200;

    /**
     * @param string $on     names the drawing: a spread's id, a month and its part, or "page-17" for a page with nothing on it
     * @param int    $nth    which page of that drawing, from 0
     * @param bool   $height whether the height of the region is split, not its width
     * @param int    $x      boxes from the upper left corner of the grid; `$y`, `$wide` and `$tall` likewise in boxes
     */
    public function __construct(
        public readonly string $id,
        public readonly string $on,
        public readonly int $nth,
        public readonly bool $height,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        public readonly Splitting $splitting,
    ) {
    }

    /** The same ticks under another id. */
    public function as(string $id): self
    {
        return new self($id, $this->on, $this->nth, $this->height, $this->x, $this->y, $this->wide, $this->tall, $this->splitting);
    }

    /** The side split so, or null where its school has no answer. */
    public function split(): ?Split
    {
        return $this->splitting->of($this->side());
    }

    /** Boxes of the side that is split. */
    public function side(): int
    {
        return $this->height ? $this->tall : $this->wide;
    }
}
