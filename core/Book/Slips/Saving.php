<?php

/* A way that saves a slip: what to do, with counts; what it costs; and the edit after which the book is as it stands on paper. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Paging\IndexCorrection;

final class Saving
{
    /**
     * @param string                $say         as a button says it
     * @param string                $how         with its counts
     * @param int                   $minutes     it takes, about
     * @param list<IndexCorrection> $corrections of an index that is inked
     * @param array<string, mixed>  $edit
     */
    public function __construct(
        public readonly string $say,
        public readonly string $how,
        public readonly int $minutes,
        public readonly array $edit,
        public readonly array $corrections = [],
    ) {
    }

    /**
     * Fewest corrections first, then least work; ways of the same cost stay in the order in which people try them.
     *
     * @param list<self> $ways
     *
     * @return list<self>
     */
    public static function cheapestFirst(array $ways): array
    {
        $cost = static fn (self $way): array => [\count($way->corrections), $way->minutes];
        usort($ways, static fn (self $one, self $two): int => $cost($one) <=> $cost($two));

        return $ways;
    }
}
