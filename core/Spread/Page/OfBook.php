<?php

/* What a page reads of the book it stands in: its index, and what is said of its key. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

final class OfBook
{
    /**
     * @param list<IndexRow>          $rows      of the index, all of them
     * @param list<string>            $numbering what to number before starting, where the pages have no numbers
     * @param array<array-key, mixed> $key       what is said of the book's key, as its own filling reads it
     */
    public function __construct(
        public readonly array $rows = [],
        public readonly array $numbering = [],
        public readonly array $key = [],
    ) {
    }
}
