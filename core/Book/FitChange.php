<?php

/* One change that saves pages: what it is, what is lost by it, and how much it would be regretted. */

declare(strict_types=1);

namespace AmpleMargin\Book;

final class FitChange
{
    /**
     * @param int                        $regret from memory, in the handbook's order: fold, one page a week, dividers, other parts, spreads by worth
     * @param int                        $pages  pages it takes from the front or the back; 0 where it changes the months
     * @param list<array<string, mixed>> $edits
     */
    public function __construct(
        public readonly string $say,
        public readonly string $lost,
        public readonly int $regret,
        public readonly int $pages,
        public readonly array $edits,
    ) {
    }
}
