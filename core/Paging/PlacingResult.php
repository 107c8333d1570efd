<?php

/* An order found, and what it costs. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

/** @internal to Paging */
final class PlacingResult
{
    /**
     * @param list<PlacedSpread> $placed in page order, pins not among them
     * @param int          $empty  half pages
     * @param int          $moved  places moved, all spreads together
     * @param int          $kept   pairs facing each other
     * @param bool         $proven no order is better
     */
    public function __construct(
        public readonly array $placed,
        public readonly int $empty,
        public readonly int $moved,
        public readonly int $kept,
        public readonly bool $proven,
    ) {
    }

    public function proven(): self
    {
        return new self($this->placed, $this->empty, $this->moved, $this->kept, true);
    }

    public function isBetterThan(self $other): bool
    {
        return [$this->empty, $this->moved, -$this->kept] < [$other->empty, $other->moved, -$other->kept];
    }
}
