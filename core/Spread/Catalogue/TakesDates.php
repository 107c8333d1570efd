<?php

/* What of the dates that are known a kind takes up, and where. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Spread\Setting\ChoiceField;
use AmpleMargin\Spread\Setting\Field;

enum TakesDates: string
{
    /** The setting of a page of a person's own that says which. */
    public const SETTING = 'dates';

    /** None first; the others by their value, for pages that hold months. */
    public const OF_MONTHS = [
        'none' => 'none',
        'months' => 'all of a month, as a future log has them',
        'birthdays' => 'birthdays',
        'important' => 'important dates',
    ];

    /** For pages that hold months or days. */
    public const OF_ANY = self::OF_MONTHS + [
        'days' => 'each on its day',
        'marks' => 'a mark on each day',
        'next-year' => 'those after the months of the book',
        'duties' => 'duties, a row each',
        'classes' => 'what comes every week, in its hour',
    ];

    /** @param non-empty-array<string, string> $takes what a person chooses among */
    public static function field(array $takes): ChoiceField
    {
        return Field::choice(self::SETTING, 'Known dates written in', $takes);
    }

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
