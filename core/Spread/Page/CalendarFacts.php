<?php

/* What the calendar says of a spread: its period, how weeks begin, how months and days are called, and the month it is for. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;

final class CalendarFacts
{
    /**
     * @param Period          $period of the book
     * @param Month|null      $month  the month a part of its pages is for; null for a spread of the whole book
     * @param list<MonthWeek> $weeks  the weeks on these pages; none where they are no week's pages
     */
    public function __construct(
        public readonly Period $period,
        public readonly Weekday $first = Weekday::Monday,
        public readonly Names $names = new Names(),
        public readonly ?Month $month = null,
        public readonly array $weeks = [],
    ) {
    }

    /**
     * A month's name as it stands on a page: with the year only where the months there are of more than one.
     *
     * @param list<Month> $among rising
     */
    public function monthName(Month $month, array $among): string
    {
        $years = array_unique(array_map(static fn (Month $one): int => $one->year, [$month, ...$among]));

        return 1 === \count($years) ? $this->names->month($month->month) : $this->names->monthAndYear($month);
    }

    /** @return list<Month> all of the book, or the one these pages are for */
    public function months(): array
    {
        return null === $this->month ? $this->period->months() : [$this->month];
    }
}
