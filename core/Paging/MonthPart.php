<?php

/* One part of a month as it stands in the book: pages in a row of one kind. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\MonthWeek;

final class MonthPart
{
    public const FREE = 'free';

    /**
     * @param string          $kind  of the catalogue, or "free" for a page left over before an opening
     * @param list<MonthWeek> $weeks the weeks on these pages
     */
    public function __construct(
        public readonly string $kind,
        public readonly int $page,
        public readonly int $pages,
        public readonly array $weeks = [],
    ) {
    }

    public function lastPage(): int
    {
        return $this->page + $this->pages - 1;
    }
}
