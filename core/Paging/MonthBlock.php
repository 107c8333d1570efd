<?php

/* The pages reserved for one month, before it is drawn. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Plan\Pattern;

final class MonthBlock
{
    /**
     * @param list<MonthPart> $parts in page order
     * @param list<MonthWeek> $weeks
     */
    public function __construct(
        public readonly Month $month,
        public readonly Pattern $pattern,
        public readonly array $parts,
        public readonly array $weeks,
        public readonly int $page,
        public readonly int $pages,
        public readonly string $working,
    ) {
    }

    public function lastPage(): int
    {
        return $this->page + $this->pages - 1;
    }

    /** "38–51"; "38" for one page, "—" for none. */
    public function range(): string
    {
        return match ($this->pages) {
            0 => '—',
            1 => (string) $this->page,
            default => "{$this->page}–{$this->lastPage()}",
        };
    }
}
