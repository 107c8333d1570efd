<?php

/* Once that an entry is: on its day, in its month, or ahead of its day, where a duty must be thought of. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;

final class Occurrence
{
    /**
     * @param Month    $month in which it is written
     * @param Day|null $day   on which it is written; null where its entry has a month only
     * @param Day|null $last  of several days; its day where it is one
     * @param Day|null $due   of a duty that is written ahead of it; null on the day itself
     */
    public function __construct(
        public readonly Entry $entry,
        public readonly Month $month,
        public readonly ?Day $day,
        public readonly ?Day $last = null,
        public readonly ?Day $due = null,
    ) {
    }

    /** Names it among all of a book: "dentist@2027-03-12", with a "!" where it is written ahead. */
    public function key(): string
    {
        return $this->entry->id.'@'.($this->day?->iso() ?? $this->month->iso()).(null === $this->due ? '' : '!');
    }

    public function isAhead(): bool
    {
        return null !== $this->due;
    }

    /** Whether it began before a day and still lasts on it. */
    public function goesOnThrough(Day $day): bool
    {
        return null !== $this->day && null !== $this->last && !$this->isAhead()
            && $this->day->isBefore($day) && !$this->last->isBefore($day);
    }

    /** How old somebody turns; null where nobody knows, or nobody does. */
    public function turns(): ?int
    {
        $born = $this->entry->born;

        return null === $born || null === $this->day || EntryKind::Birthday !== $this->entry->is || $this->day->month->year < $born
            ? null
            : $this->day->month->year - $born;
    }

    /** By day, the undated last; on one day by time, those without first. */
    public static function order(self $one, self $other): int
    {
        return [$one->day->number ?? \PHP_INT_MAX, $one->entry->time ?? '', $one->entry->words, $one->key()]
            <=> [$other->day->number ?? \PHP_INT_MAX, $other->entry->time ?? '', $other->entry->words, $other->key()];
    }
}
