<?php

/* A spread of the old book as it was, and what the person says of it. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

use AmpleMargin\Copies;
use AmpleMargin\Plan\PlannedSpread;

final class OldSpread
{
    use Copies {
        but as public with;
    }

    /** Letters of a reason, or of how it is to be done otherwise. */
    public const LONGEST = 300;

    /** Things of its list. */
    public const MOST_ITEMS = 300;

    /** Entries its list was filled up to. */
    public const MOST_FILLED = 999;

    /**
     * @param PlannedSpread $spread as it was planned; a kind nobody knows where the book was typed in
     * @param int|null      $page   the first it stood on; null where nobody knows
     * @param int           $pages  it was planned with, 0 to 200
     * @param int|null      $took   pages it really took; null for those it was planned with
     * @param string        $how    it is to be done otherwise, or why it is dropped
     * @param bool          $half   half-filled
     * @param int|null      $filled entries its numbered list was filled up to; null where it begins again
     * @param list<OldItem> $items  of its list
     * @param string|null   $became the id it has in the new plan; null where it has none
     */
    public function __construct(
        public readonly PlannedSpread $spread,
        public readonly ?int $page = null,
        public readonly int $pages = 1,
        public readonly ?Looked $looked = null,
        public readonly ?Verdict $verdict = null,
        public readonly string $how = '',
        public readonly ?int $took = null,
        public readonly bool $half = false,
        public readonly ?int $filled = null,
        public readonly array $items = [],
        public readonly ?string $became = null,
    ) {
    }

    /** Pages it took in the old book. */
    public function pagesTaken(): int
    {
        return $this->took ?? $this->pages;
    }

    /** Whether it is drawn again in the new book. */
    public function goesOn(): bool
    {
        return $this->verdict?->goesOn() ?? false;
    }
}
