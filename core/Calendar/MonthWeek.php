<?php

/* One week as a month's pages hold it. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

final class MonthWeek
{
    public function __construct(
        /** The first and last day drawn on this month's pages. */
        public readonly Day $from,
        public readonly Day $to,
        /** Number by ISO 8601, taken from the Thursday. */
        public readonly int $isoWeek,
        /** True where it takes half the pages of a whole week. */
        public readonly bool $folded,
    ) {
    }

    /** 1 to 7. */
    public function days(): int
    {
        return $this->to->number - $this->from->number + 1;
    }
}
