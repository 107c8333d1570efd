<?php

/* A day of the week, numbered as ISO 8601 does: Monday 1 to Sunday 7. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

enum Weekday: int
{
    case Monday = 1;
    case Tuesday = 2;
    case Wednesday = 3;
    case Thursday = 4;
    case Friday = 5;
    case Saturday = 6;
    case Sunday = 7;

    /** @param int $days may be negative */
    public function plus(int $days): self
    {
        return self::from((($this->value - 1 + $days) % 7 + 7) % 7 + 1);
    }

    /** Days from the first day of a week to this day, 0 to 6: the column it stands in. */
    public function columnFrom(self $first): int
    {
        return ($this->value - $first->value + 7) % 7;
    }
}
