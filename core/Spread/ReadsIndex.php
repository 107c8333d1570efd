<?php

/* A form that writes what stands where in the book, so its pages depend on how many entries the index has. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

interface ReadsIndex
{
    /**
     * @param list<IndexRow> $rows      all rows of the index
     * @param list<string>   $numbering what to number before starting, where the pages have no numbers
     */
    public function reading(array $rows, array $numbering): Form;
}
