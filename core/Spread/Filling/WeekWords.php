<?php

/* What is written of a week: its name, and its days, in the words of the book's language. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Spread\Page\CalendarFacts;

/** @internal to Spread */
final class WeekWords
{
    public function __construct(private readonly CalendarFacts $calendar, private readonly MonthWeek $week)
    {
    }

    /** "Week 5: 1 Feb to 7 Feb". */
    public function name(): string
    {
        $names = $this->calendar->names;

        return "Week {$this->week->isoWeek}: {$names->dayShort($this->week->from)} to {$names->dayShort($this->week->to)}";
    }

    /** @return non-empty-list<Day> */
    public function days(): array
    {
        $days = [$this->week->from];
        for ($day = $this->week->from->plus(1); $day->number <= $this->week->to->number; $day = $day->plus(1)) {
            $days[] = $day;
        }

        return $days;
    }

    /** "Monday 4"; with its month where that is not the one these pages are for: "Monday 28 Dec". */
    public function day(Day $day): string
    {
        return $this->calendar->names->weekday($day->weekday()).' '.$this->figure($day);
    }

    /** The same where there is little room: "Mon 4". */
    public function dayShort(Day $day): string
    {
        return $this->calendar->names->weekdayShort($day->weekday()).' '.$day->day;
    }

    private function figure(Day $day): string
    {
        $strange = null !== $this->calendar->month && !$this->calendar->month->equals($day->month);

        return $day->day.($strange ? ' '.$this->calendar->names->monthShort($day->month->month) : '');
    }
}
