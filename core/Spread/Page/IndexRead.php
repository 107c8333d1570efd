<?php

/* The index of a book, as its own page reads it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

final class IndexRead
{
    /**
     * @param list<IndexRow> $rows      all of them
     * @param list<string>   $numbering what to number before starting, where the pages have no numbers
     */
    public function __construct(public readonly array $rows = [], public readonly array $numbering = [])
    {
    }
}
