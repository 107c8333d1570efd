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

    /** "38–51"; "38" for one page, "—" for none; "38–40, 42–51" where another spread is pinned to a page among them. */
    public function range(): string
    {
        if (0 === $this->pages) {
            return '—';
        }
        $runs = [];
        $from = $this->page;
        foreach ([...$this->pinned(), $this->lastPage() + 1] as $pinned) {
            if ($pinned > $from) {
                $runs[] = $pinned - 1 === $from ? (string) $from : "{$from}–".($pinned - 1);
            }
            $from = $pinned + 1;
        }

        return implode(', ', $runs);
    }

    /** @return list<int> pages within it that are another spread's, rising */
    private function pinned(): array
    {
        $pinned = array_filter($this->parts, static fn (MonthPart $part): bool => MonthPart::PINNED === $part->kind);

        return array_values(array_map(static fn (MonthPart $part): int => $part->page, $pinned));
    }
}
