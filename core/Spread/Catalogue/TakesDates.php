<?php

/* What of the dates that are known a kind takes up, and where. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

enum TakesDates: string
{
    /** The setting of a page of a person's own that says which. */
    public const SETTING = 'dates';

    /** All of a month that has no page of its own, in the month's room. */
    case Months = 'months';
    /** Birthdays, in the room of their month or sign. */
    case Birthdays = 'birthdays';
    /** What comes every year and must not be missed, in the month's room. */
    case Important = 'important';
    /** What comes after the months of the book, one line each. */
    case NextYear = 'next-year';
    /** What comes again and must be done: a row each. */
    case Duties = 'duties';
    /** What comes every week at its time, on its weekday and in its hour. */
    case Classes = 'classes';
    /** Each on its day, which is marked. */
    case Marks = 'marks';
    /** Each in the place of its day. */
    case Days = 'days';
}
