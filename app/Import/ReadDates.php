<?php

/* What files and pasted lines gave, before anything is taken: entries, what was skipped, and what has to be asked. */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Dates\Found;

final class ReadDates
{
    /**
     * @param list<Found>           $found
     * @param string|null           $ask     a day such as "03/04" that could be read two ways, where all of a file's could
     * @param array<string, string> $columns of a table: what they are taken for → how they are headed
     */
    public function __construct(public readonly array $found, public readonly ?string $ask = null, public readonly array $columns = [])
    {
    }

    public function and(self $other): self
    {
        return new self([...$this->found, ...$other->found], $this->ask ?? $other->ask, $this->columns + $other->columns);
    }
}
