<?php

/* A spread and the page it starts on. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

final class PlacedSpread
{
    /** @param int $half 0 for the upper half or a whole page, 1 for the lower half */
    public function __construct(public readonly Placeable $spread, public readonly int $page, public readonly int $half = 0)
    {
    }

    /** "12", "14–15". */
    public function range(): string
    {
        return $this->page === $this->lastPage() ? (string) $this->page : "{$this->page}–{$this->lastPage()}";
    }

    public function lastPage(): int
    {
        return $this->page + $this->spread->pages() - 1;
    }
}
