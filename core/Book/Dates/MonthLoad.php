<?php

/* What a month's known dates need in the future log, against the room it has there. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Month;

final class MonthLoad
{
    /**
     * @param int      $dates how many are written there
     * @param int      $lines they need in the person's hand, long ones more than one
     * @param int|null $room  lines its room has; null where the future log has none for this month
     * @param int      $over  lines too many, in a column of its own or in all
     * @param int      $broken words longer than a line, which must be broken
     */
    public function __construct(
        public readonly Month $month,
        public readonly int $dates,
        public readonly int $lines,
        public readonly ?int $room,
        public readonly int $over,
        public readonly int $broken,
    ) {
    }
}
