<?php

/*
 * A day as people write it: "12", "12 March", "March 12", "the 3rd of June", "12.3.", "3/4/27", "3–9 March", "28 Mar – 3 Apr", "March",
 * "first Monday of May", "Easter". Which year is left unsaid: the one in which that day is in the book, else the next after it begins.
 */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;

final class SaidDay
{
    /** @var array<string, Weekday> by their names in lower case, in the language of the book and in English */
    private readonly array $weekdays;

    /** @var array<string, int> lower case name, or its beginning → month */
    private readonly array $months;

    /**
     * @param Month|null $near       in which a number alone is a day
     * @param bool       $monthFirst whether 3/4 is 4 March
     */
    public function __construct(
        private readonly Period $period,
        private readonly Names $names,
        private readonly ?Month $near = null,
        private readonly bool $monthFirst = false,
    ) {
        $known = [];
        foreach ([$names, new Names('en')] as $each) {
            for ($month = 1; $month <= 12; ++$month) {
                foreach ([$each->month($month), $each->monthShort($month)] as $name) {
                    $known[mb_strtolower(rtrim($name, '.'))] = $month;
                }
            }
        }
        $weekdays = [];
        foreach ([$names, new Names('en')] as $each) {
            foreach (Weekday::cases() as $day) {
                $weekdays[mb_strtolower($each->weekday($day))] ??= $day;
            }
        }
        $this->weekdays = $weekdays;
        // A language that numbers its months gives figures, which are read as such.
        $this->months = array_filter($known, is_string(...), \ARRAY_FILTER_USE_KEY);
    }

    /** The first day of the book. */
    public function begins(): Day
    {
        return Day::of($this->period->start, 1);
    }

    public function weekday(string $name): ?Weekday
    {
        return $this->weekdays[mb_strtolower($name)] ?? null;
    }

    /** The same where 3/4 is read the other way, or not. */
    public function monthFirst(bool $monthFirst): self
    {
        return new self($this->period, $this->names, $this->near, $monthFirst);
    }

    /** @throws DayRefused saying what is wrong with it */
    public function read(string $said): When
    {
        $said = trim($said);
        // What files write.
        if (1 === preg_match('~^\d{4}-\d{2}(-\d{2}(/\d{4}-\d{2}-\d{2})?)?$~', $said)) {
            return $this->iso($said);
        }
        $named = NamedDay::of($said, $this->weekday(...), $this->named(...));
        if (null !== $named) {
            return When::on($named->from($this->begins(), $said));
        }
        $plain = (string) preg_replace('/\s+/u', ' ', str_replace(['—', '−', '‐', ' bis ', ' to '], '–', $said));
        // A hyphen between figures stands for the longer stroke.
        $plain = (string) preg_replace('/\s+-\s+|(?<=\d)-(?=\d)|(?<=\.)-(?=\d)/u', '–', $plain);
        $parts = array_map(trim(...), explode('–', $plain));

        return match (\count($parts)) {
            1 => $this->one($parts[0], $said),
            2 => $this->span($parts[0], $parts[1], $said),
            default => throw DayRefused::none($said),
        };
    }

    /** Whether words that are part of a line may be its words as well as its day, as in "Christmas market". */
    public function mayBeWords(string $said): bool
    {
        return NamedDay::of($said, $this->weekday(...), $this->named(...))->named ?? false;
    }

    private function iso(string $said): When
    {
        foreach (explode('/', $said) as $one) {
            [$year, $month, $day] = array_map(intval(...), explode('-', $one)) + [2 => 0];
            if ($day > 0 && $month >= 1 && $month <= 12 && $year >= 1583) {
                $this->day(new Month($year, $month), $day);
            }
        }

        return When::read($said);
    }

    private function one(string $part, string $said): When
    {
        [$day, $month, $year] = $this->parts($part) ?? throw DayRefused::none($said);
        if (null === $day) {
            return When::in($this->month($month ?? throw DayRefused::none($said), $year, null));
        }
        if (null === $month) {
            return When::on($this->day($this->near ?? throw DayRefused::none($said), $day));
        }

        return When::on($this->day($this->month($month, $year, $day), $day));
    }

    /** "3–9 March", "28 March – 3 April": what the first leaves unsaid it has from the last. */
    private function span(string $from, string $to, string $said): When
    {
        [$day, $month, $year] = $this->parts($from) ?? throw DayRefused::none($said);
        [$lastDay, $lastMonth, $lastYear] = $this->parts($to) ?? throw DayRefused::none($said);
        if (null === $day || null === $lastDay) {
            throw DayRefused::none($said);
        }
        $lastMonth ??= $month;
        $month ??= $lastMonth;
        if (null === $month || null === $lastMonth) {
            $near = $this->near ?? throw DayRefused::none($said);

            return When::between($this->day($near, $day), $this->day($near, $lastDay));
        }
        $first = $this->day($this->month($month, $year ?? $lastYear, $day), $day);
        $end = new Month($lastYear ?? $first->month->year, $lastMonth);
        if (null === $lastYear && $end->index() < $first->month->index()) {
            $end = $end->plus(12);
        }

        return When::between($first, $this->day($end, $lastDay));
    }

    /** @return array{int|null, int|null, int|null}|null day, month, year; null where it is neither */
    private function parts(string $part): ?array
    {
        if (1 === preg_match('~^(\d{1,2})[./-](\d{1,2})[./-]?(\d{4}|\d{2})?$~', str_replace(' ', '', $part), $found)) {
            $year = ($found[3] ?? '') === '' ? null : $this->year($found[3]);
            [$day, $month] = $this->monthFirst && !str_contains($part, '.')
                ? [(int) $found[2], (int) $found[1]]
                : [(int) $found[1], (int) $found[2]];

            return $month >= 1 && $month <= 12 ? [$day, $month, $year] : null;
        }
        [$day, $month, $year] = [null, null, null];
        foreach (explode(' ', trim((string) preg_replace('~(?:[\s,/]+|\b(?:the|of)\b)+~u', ' ', $part))) as $i => $word) {
            $number = 1 === preg_match('/^(\d{1,4})(\.|st|nd|rd|th|º|e)?$/ui', $word, $found) ? (int) $found[1] : null;
            $named = null === $number ? $this->named($word) : null;
            if (null !== $number && \strlen($found[1] ?? '') <= 2 && null === $day) {
                $day = $number;
            } elseif (null !== $number && \strlen($found[1] ?? '') > 2 && null === $year) {
                $year = $number;
            } elseif (null !== $named && null === $month) {
                $month = $named;
            } elseif (0 !== $i || null !== $number || !$this->isWeekday($word)) {
                return null;
            }
        }

        return null === $day && null === $month ? null : [$day, $month, $year];
    }

    private function named(string $word): ?int
    {
        $word = mb_strtolower(rtrim($word, '.'));
        if (isset($this->months[$word])) {
            return $this->months[$word];
        }
        if (mb_strlen($word) < 3) {
            return null;
        }
        $found = array_unique(array_filter(
            $this->months,
            static fn (string $name): bool => str_starts_with($name, $word),
            \ARRAY_FILTER_USE_KEY,
        ));

        return 1 === \count($found) ? reset($found) : null;
    }

    /** Said before a day, a weekday says nothing more. */
    private function isWeekday(string $word): bool
    {
        $word = mb_strtolower(rtrim($word, '.,'));

        $begun = array_filter(array_keys($this->weekdays), static fn (string $day): bool => str_starts_with($day, $word));

        return mb_strlen($word) >= 2 && [] !== $begun;
    }

    /** Of two figures: the one nearest to the book. */
    private function year(string $figures): int
    {
        if (\strlen($figures) > 2) {
            return (int) $figures;
        }
        $near = $this->period->start->year;
        $year = intdiv($near, 100) * 100 + (int) $figures;

        return match (true) {
            $year - $near > 50 => $year - 100,
            $near - $year > 50 => $year + 100,
            default => $year,
        };
    }

    /** @throws DayRefused */
    private function month(int $month, ?int $year, ?int $day): Month
    {
        if (null !== $year) {
            return $year >= 1583 && $year <= 9999 ? new Month($year, $month) : throw DayRefused::none((string) $year);
        }
        $start = $this->period->start;
        $of = new Month($start->year, $month);
        if ($of->index() < $start->index()) {
            $of = $of->plus(12);
        }
        // A leap day is in the next year that has one, if the book reaches it.
        if (29 === $day && 2 === $month && !Month::isLeap($of->year) && $this->period->contains($of->plus(12))) {
            return $of->plus(12);
        }

        return $of;
    }

    /** @throws DayRefused */
    private function day(Month $month, int $day): Day
    {
        if ($day < 1 || $day > $month->days()) {
            throw DayRefused::beyond((new Names('en'))->monthAndYear($month), $month->days(), $day);
        }

        return Day::of($month, $day);
    }
}
