<?php

/* A part of a month as its pattern asks for it, not yet on any page. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\MonthWeek;

/** @internal to Paging */
final class WantedPart
{
    /**
     * @param int                     $pages      1 or more
     * @param bool                    $startsLeft it is an opening
     * @param list<MonthWeek>         $weeks      on these pages
     * @param array<array-key, mixed> $settings   of its kind
     * @param bool                    $givesWay   its pages hang together loosely
     */
    public function __construct(
        public readonly string $kind,
        public readonly int $pages,
        public readonly bool $startsLeft = false,
        public readonly array $weeks = [],
        public readonly array $settings = [],
        public readonly bool $givesWay = false,
    ) {
    }

    /** The same on fewer or more pages. */
    public function on(int $pages): self
    {
        return new self($this->kind, $pages, $this->startsLeft, $this->weeks, $this->settings, $this->givesWay);
    }
}
