<?php

/* What the calendar says of a spread: its period, how weeks begin, how months and days are called, and the month it is for. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Copies;

final class CalendarFacts
{
    use Copies;

    /**
     * @param Period          $period the months that are shown: the book's, or those a spread or a part has of its own
     * @param Month|null      $month  the month a part of its pages is for; null for a spread of the whole book
     * @param list<MonthWeek> $weeks  the weeks on these pages; none where they are no week's pages
     * @param Period|null     $whole  the book's, where others are shown
     * @param bool            $isShare whether these months are what falls to one face of several, and no others are asked for
     */
    public function __construct(
        public readonly Period $period,
        public readonly Weekday $first = Weekday::Monday,
        public readonly Names $names = new Names(),
        public readonly ?Month $month = null,
        public readonly array $weeks = [],
        private readonly ?Period $whole = null,
        public readonly bool $isShare = false,
    ) {
    }

    /** The months of the book, whichever are shown. */
    public function book(): Period
    {
        return $this->whole ?? $this->period;
    }

    /** The same showing other months; within a month's pages it is another month's, or no one's where there are more. */
    public function over(Period $period): self
    {
        $month = null !== $this->month && 1 === $period->length() ? $period->start : null;

        return $this->but(['period' => $period, 'month' => $month, 'whole' => $this->book()]);
    }

    /** Of the months that are shown those that fall to one face. */
    public function share(Period $period): self
    {
        return $this->but([
            'period' => $period,
            'month' => 1 === $period->length() ? $period->start : null,
            'weeks' => [],
            'whole' => $this->book(),
            'isShare' => true,
        ]);
    }

    /** The same with weeks that begin on another day. */
    public function beginning(Weekday $first): self
    {
        return $first === $this->first ? $this : $this->but(['first' => $first]);
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

    /** @return non-empty-list<Month> all that are shown, or the one these pages are for */
    public function months(): array
    {
        return null === $this->month ? $this->period->months() : [$this->month];
    }
}
