<?php

/* How a date is written into the book, as short as a person writes it: the day's number first, the words, what else is known. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Names;

final class Wording
{
    public function __construct(private readonly Names $names)
    {
    }

    /** Among others of its month: "12 Dentist 10:30", "3–9 Sailing week", "17 Harbour fee for 1 April", "29 Ione (40)", "Order wood". */
    public function inMonth(Occurrence $once): string
    {
        $day = $once->day;
        if (null === $day) {
            return $this->words($once);
        }
        $last = $once->last ?? $day;
        $days = (string) $day->day;
        if ($last->number > $day->number) {
            $days .= '–'.($last->month->equals($day->month) ? $last->day : $this->day($last));
        }

        return "$days {$this->words($once)}";
    }

    /** Where the day is known already: in its cell, or a line of its own. */
    public function words(Occurrence $once): string
    {
        $entry = $once->entry;
        $turns = $once->turns();
        $time = null === $entry->time || $once->isAhead() ? '' : " $entry->time".(null === $entry->ends ? '' : "–$entry->ends");

        return $entry->words
            .$time
            .(null === $turns ? '' : " ($turns)")
            .(null === $once->due ? '' : ' for '.$this->day($once->due));
    }

    /** In the place of a day: what began before it and still lasts, "… Sailing week". */
    public function onDay(Occurrence $once, Day $day): string
    {
        return $once->goesOnThrough($day) ? "… {$once->entry->words}" : $this->words($once);
    }

    /** In the hour of a timetable: "Choir", "Rowing, odd weeks". */
    public function weekly(Occurrence $once): string
    {
        $every = $once->entry->repeat->interval ?? 1;
        $odd = null !== $once->day && 1 === $once->day->isoWeek() % 2;

        return $once->entry->words.(1 === $every ? '' : ($odd ? ', odd weeks' : ', even weeks'));
    }

    /** "1 Apr" */
    public function day(Day $day): string
    {
        return "$day->day {$this->names->monthShort($day->month->month)}";
    }
}
