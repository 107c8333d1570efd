<?php

/* The stock's rules for single pages, and where the placing begins. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Plan\Side;

final class PageRules
{
    /** Stamped pages keep off this many leaves at either end, where the opened page is not flat (from memory). */
    public const STAMP_LEAVES = 3;

    /**
     * @param int       $first    the first page that may be used
     * @param int       $last     the last page of the book
     * @param Side      $then     which side the page after the last spread must be on, for what follows
     * @param list<int> $undotted pages that take only what needs no counting
     * @param list<int> $closed   pages nothing may stand on: skipped or ruined
     */
    public function __construct(
        public readonly int $first,
        public readonly int $last,
        public readonly Side $then = Side::Any,
        public readonly array $undotted = [],
        public readonly array $closed = [],
    ) {
    }

    public function stampable(int $page): bool
    {
        return $page > 2 * self::STAMP_LEAVES && ($page <= $this->last - 2 * self::STAMP_LEAVES || $page > $this->last);
    }
}
