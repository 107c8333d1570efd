<?php

/* How often somebody is paid, and so puts something aside. */

declare(strict_types=1);

namespace AmpleMargin\Saving;

enum PaydayRule: string
{
    /** On the last day of every month, or another day of it. */
    case Months = 'months';
    /** Twice a month: on the 15th and on the last day. */
    case HalfMonths = 'half-months';
    /** Every second week from a given day. */
    case Fortnights = 'fortnights';
    case Weeks = 'weeks';
    /** So many times, on no day in particular. */
    case Times = 'times';

    /** @return non-empty-array<string, string> as a person chooses among them */
    public static function words(): array
    {
        return [
            self::HalfMonths->value => 'twice a month, on the 15th and the last day',
            self::Months->value => 'once a month',
            self::Fortnights->value => 'every second week',
            self::Weeks->value => 'every week',
            self::Times->value => 'so many times, without a date',
        ];
    }
}
