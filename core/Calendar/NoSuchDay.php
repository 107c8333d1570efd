<?php

/* A day the calendar does not have. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

use AmpleMargin\Refused;

final class NoSuchDay extends \DomainException implements Refused
{
    public static function of(Month $month, int $day): self
    {
        return new self("{$month->iso()} has {$month->days()} days; there is no day $day.");
    }
}
