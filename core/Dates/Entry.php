<?php

/* Something already known about the year: what, when, and whether it comes again. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Copies;

final class Entry
{
    use Copies {
        but as public with;
    }

    /** Letters of its words. */
    public const LONGEST = 200;

    /** Days a duty may be thought of ahead. */
    public const MOST_LEAD = 366;

    /** Days on which a repeat is left out, or comes beside its rule. */
    public const MOST_DAYS = 400;

    /**
     * @param string      $id       small letters, figures and hyphens
     * @param string      $words    1 to 200 letters, on one line
     * @param string      $category its id; "" for none
     * @param string|null $time     "18:30"
     * @param string|null $ends     "19:45"
     * @param list<Day>   $except   days its repeat leaves out
     * @param list<Day>   $also     days it is on besides
     * @param int         $lead     days before, on which a duty must be thought of; 0 for none
     * @param int|null    $born     year of birth
     * @param string|null $uid      of the file it came from
     */
    public function __construct(
        public readonly string $id,
        public readonly string $words,
        public readonly When $when,
        public readonly EntryKind $is = EntryKind::Date,
        public readonly string $category = '',
        public readonly ?string $time = null,
        public readonly ?string $ends = null,
        public readonly ?Rule $repeat = null,
        public readonly array $except = [],
        public readonly array $also = [],
        public readonly int $lead = 0,
        public readonly ?int $born = null,
        public readonly LeapDay $leap = LeapDay::Before,
        public readonly ?string $uid = null,
    ) {
    }

    /** Whether it says the same in everything. */
    public function isLike(self $other): bool
    {
        return $this->said() === $other->said();
    }

    /** @return list<mixed> everything but what it is called by */
    private function said(): array
    {
        $number = static fn (Day $day): int => $day->number;

        return [
            $this->words,
            $this->when->written(),
            $this->is,
            $this->category,
            $this->time,
            $this->ends,
            $this->repeat?->written(),
            array_map($number, $this->except),
            array_map($number, $this->also),
            $this->lead,
            $this->born,
            $this->leap,
        ];
    }

    /** How it comes again: a birthday every year, whatever it says. */
    public function rule(): ?Rule
    {
        return $this->repeat ?? (EntryKind::Birthday === $this->is ? Rule::every(Frequency::Yearly) : null);
    }

    /** Whether it comes every fortnight or more often: in the weeks and a timetable, and in no list of the year. */
    public function isOfEveryWeek(): bool
    {
        return null !== $this->repeat && (Frequency::Daily === $this->repeat->every
            ? $this->repeat->interval <= 14
            : Frequency::Weekly === $this->repeat->every && $this->repeat->interval <= 2);
    }

    /** Whether it is of 29 February and comes every year: other years have no such day. */
    public function isOfLeapDay(): bool
    {
        $rule = $this->rule();
        $first = $this->when->first;

        return null !== $rule && null !== $first && Frequency::Yearly === $rule->every && $rule->isPlain()
            && 2 === $first->month->month && 29 === $first->day;
    }

    /**
     * The days it begins on, of a stretch of days with both ends, rising, each once. One that lasts several days is among them
     * where its first day is. None where it has no day.
     *
     * @return list<Day>
     */
    public function begins(Day $from, Day $to): array
    {
        $first = $this->when->first;
        if (null === $first) {
            return [];
        }
        $rule = $this->rule();
        $days = match (true) {
            null === $rule => [$first],
            $this->isOfLeapDay() => $this->leapDays($first, $rule, $from, $to),
            // A birthday is kept in years before it was: nobody knows the year of many.
            EntryKind::Birthday === $this->is && null === $this->born => (new Recurrence($rule, self::early($first)))->between($from, $to),
            default => (new Recurrence($rule, $first))->between($from, $to),
        };
        $byNumber = [];
        foreach ([...$days, ...$this->also] as $day) {
            if ($day->number >= $from->number && $day->number <= $to->number) {
                $byNumber[$day->number] = $day;
            }
        }
        foreach ($this->except as $day) {
            unset($byNumber[$day->number]);
        }
        ksort($byNumber);

        return array_values($byNumber);
    }

    /** @return list<Day> 29 February where there is one, else the day before or after */
    private function leapDays(Day $first, Rule $rule, Day $from, Day $to): array
    {
        $days = [];
        $since = EntryKind::Birthday === $this->is && null === $this->born ? $from->month->year : $first->month->year;
        for ($year = max($since, $from->month->year); $year <= $to->month->year; ++$year) {
            if (0 !== ($year - $first->month->year) % $rule->interval) {
                continue;
            }
            $leaps = Month::isLeap($year);
            $day = $leaps || LeapDay::Before === $this->leap
                ? Day::lastOf(new Month($year, 2))
                : Day::of(new Month($year, 3), 1);
            if (null === $rule->until || !$rule->until->isBefore($day)) {
                $days[] = $day;
            }
        }

        return null === $rule->count ? $days : array_values(array_filter(
            $days,
            static fn (Day $day): bool => intdiv($day->month->year - $first->month->year, $rule->interval) < $rule->count,
        ));
    }

    /** The same day of a year before any notebook. */
    private static function early(Day $day): Day
    {
        return Day::of(new Month(1600, $day->month->month), $day->day);
    }
}
