<?php

/* Which month's pages a week that straddles two months belongs to. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

enum WeekSchool: string
{
    /** Both months draw it, each with its own days. */
    case Split = 'split';

    /** The month its first day is in. */
    case FirstDay = 'first-day';

    /** The month that has most of its days: the rule by which ISO 8601 gives a week to a year. */
    case MostDays = 'most-days';

    /** As split, but an end of three days or fewer is folded into half the pages of a week. */
    case Folded = 'folded';

    /** The most days a week may have in a month and still be folded. From memory. */
    public const SHORT_END = 3;
}
