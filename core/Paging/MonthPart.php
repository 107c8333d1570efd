<?php

/* One part of a month as it stands in the book: pages in a row of one kind. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\MonthWeek;

final class MonthPart
{
    public const FREE = 'free';

    /** A page a month's block passes over: a pinned spread stands there, or it was skipped or ruined. */
    public const TAKEN = 'taken';

    /** A page within it that another spread is pinned to: it is not the month's. */
    public const PINNED = 'pinned';

    /** Spare pages given to the month. */
    public const SPARE = 'spare';

    /** Pages the month really took beyond its plan. */
    public const MORE = 'more';

    /**
     * @param string          $kind  of the catalogue, or one of the constants above
     * @param list<MonthWeek> $weeks the weeks on these pages
     */
    public function __construct(
        public readonly string $kind,
        public readonly int $page,
        public readonly int $pages,
        public readonly array $weeks = [],
        /** @var array<array-key, mixed> of its kind */
        public readonly array $settings = [],
    ) {
    }

    /** The same on other pages. */
    public function at(int $page, int $pages): self
    {
        return new self($this->kind, $page, $pages, $this->weeks, $this->settings);
    }

    public function lastPage(): int
    {
        return $this->page + $this->pages - 1;
    }
}
