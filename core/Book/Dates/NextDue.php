<?php

/* A duty with the day it is due next, and the day from which it must be thought of. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Dates\Entry;

final class NextDue
{
    /** @param Day|null $due null where it is over, or comes later than anybody looks */
    public function __construct(public readonly Entry $entry, public readonly ?Day $due)
    {
    }

    public function seen(): ?Day
    {
        return $this->due?->plus(-$this->entry->lead);
    }

    /** By the day from which they must be thought of. */
    public static function order(self $one, self $other): int
    {
        $rank = static fn (self $duty): array => [$duty->seen()->number ?? \PHP_INT_MAX, $duty->entry->words];

        return $rank($one) <=> $rank($other);
    }
}
