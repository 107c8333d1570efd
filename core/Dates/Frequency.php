<?php

/* How often a date comes again: what RFC 5545 calls FREQ, from days on; what comes again within a day is no matter of a paper book. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

enum Frequency: string
{
    case Daily = 'DAILY';
    case Weekly = 'WEEKLY';
    case Monthly = 'MONTHLY';
    case Yearly = 'YEARLY';
}
