<?php

/*
 * The days a rule gives from its first day on (RFC 5545, 3.3.10): years, months, weeks or days are gone through, each says
 * which of its days answer all that the rule lists, and BYSETPOS picks among those.
 */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Weekday;

final class Recurrence
{
    /** A rule that gives no day in so many periods gives none: a leap day on a given weekday comes every 40 years at the latest. */
    private const IDLE = 20_000;

    /** @var list<int> */
    private readonly array $months;

    /** @var list<int> of the month */
    private readonly array $monthDays;

    /** @var list<array{int, Weekday}> */
    private readonly array $weekdays;

    public function __construct(private readonly Rule $rule, private readonly Day $start)
    {
        // What a rule leaves unsaid is as on its first day.
        $said = $rule->lists + ([] === $rule->weekdays ? [] : ['BYDAY' => [1]]);
        $open = [] === array_intersect_key($said, ['BYWEEKNO' => 1, 'BYYEARDAY' => 1, 'BYMONTHDAY' => 1, 'BYDAY' => 1]);
        $yearly = Frequency::Yearly === $rule->every;
        $this->months = $rule->lists['BYMONTH'] ?? ($open && $yearly ? [$start->month->month] : []);
        $this->monthDays = $rule->lists['BYMONTHDAY']
            ?? ($open && ($yearly || Frequency::Monthly === $rule->every) ? [$start->day] : []);
        $this->weekdays = $open && Frequency::Weekly === $rule->every ? [[0, $start->weekday()]] : $rule->weekdays;
    }

    /** @return list<Day> those of a stretch of days, both ends among them, in order */
    public function between(Day $from, Day $to): array
    {
        $last = min($to->number, $this->rule->until->number ?? $to->number);
        $left = $this->rule->count;
        $days = [];
        $idle = 0;
        // Where it ends by counting, all must be gone through.
        for ($period = null === $left ? $this->periodOf($from) : 0; $idle < self::IDLE; ++$period) {
            [$first, $some] = $this->period($period);
            if ($first > $last) {
                break;
            }
            $idle = [] === $some ? $idle + 1 : 0;
            foreach ($some as $number) {
                if ($number < $this->start->number || $number > $last) {
                    continue;
                }
                if (null !== $left && --$left < 0) {
                    return $days;
                }
                if ($number >= $from->number) {
                    $days[] = Day::numbered($number);
                }
            }
        }

        return $days;
    }

    /** The number of a period that begins no later than a day, counted in steps of the rule. */
    private function periodOf(Day $from): int
    {
        if ($from->number <= $this->start->number) {
            return 0;
        }
        $steps = match ($this->rule->every) {
            Frequency::Yearly => $from->month->year - $this->start->month->year,
            Frequency::Monthly => $from->month->index() - $this->start->month->index(),
            Frequency::Weekly => intdiv($from->number - $this->start->number, 7),
            Frequency::Daily => $from->number - $this->start->number,
        };

        return max(0, intdiv($steps, $this->rule->interval) - 1);
    }

    /** @return array{int, list<int>} where a period begins, and its days that answer the rule, rising; as numbers of days */
    private function period(int $nth): array
    {
        $by = $nth * $this->rule->interval;
        [$first, $length] = match ($this->rule->every) {
            Frequency::Yearly => self::year($this->start->month->year + $by),
            Frequency::Monthly => self::month($this->start->month->plus($by)),
            Frequency::Weekly => [$this->start->number - $this->start->weekday()->columnFrom($this->rule->weekStart) + 7 * $by, 7],
            Frequency::Daily => [$this->start->number + $by, 1],
        };
        $days = $this->answering($first, $length);
        $at = $this->rule->lists['BYSETPOS'] ?? null;
        if (null === $at) {
            return [$first, $days];
        }
        $picked = array_map(static fn (int $one): ?int => $days[$one > 0 ? $one - 1 : \count($days) + $one] ?? null, $at);
        $picked = array_values(array_unique(array_filter($picked, static fn (?int $one): bool => null !== $one)));
        sort($picked);

        return [$first, $picked];
    }

    /** @return list<int> */
    private function answering(int $first, int $length): array
    {
        $days = [];
        foreach (self::monthsOf($first, $length) as $month) {
            if ([] !== $this->months && !\in_array($month->month, $this->months, true)) {
                continue;
            }
            $begins = $month->firstDayNumber();
            $from = max($first, $begins);
            $to = min($first + $length, $begins + $month->days()) - 1;
            foreach ($this->near($month, $from, $to) as $number) {
                if ($this->answers($number, $month, $number - $begins + 1)) {
                    $days[] = $number;
                }
            }
        }

        return $days;
    }

    /**
     * @return iterable<int> the days of a month between two that may answer: by their figures or weekdays where those are said, else all
     */
    private function near(Month $month, int $from, int $to): iterable
    {
        if ([] === $this->monthDays) {
            return match (true) {
                $from > $to => [],
                [] === $this->weekdays => range($from, $to),
                default => $this->onWeekdays($from, $to),
            };
        }
        $days = array_map(static fn (int $day): int => $day > 0 ? $day : $month->days() + 1 + $day, $this->monthDays);
        $days = array_unique(array_filter($days, static fn (int $day): bool => $day >= 1 && $day <= $month->days()));
        sort($days);
        $begins = $month->firstDayNumber() - 1;

        return array_filter(
            array_map(static fn (int $day): int => $begins + $day, $days),
            static fn (int $number): bool => $number >= $from && $number <= $to,
        );
    }

    /** @return list<int> the days between two that fall on one of the weekdays, rising */
    private function onWeekdays(int $from, int $to): array
    {
        $begins = Weekday::Thursday->plus($from);
        $days = [];
        foreach ($this->weekdays as [, $weekday]) {
            for ($day = $from + $weekday->columnFrom($begins); $day <= $to; $day += 7) {
                $days[] = $day;
            }
        }
        sort($days);

        return array_values(array_unique($days));
    }

    private function answers(int $number, Month $month, int $day): bool
    {
        if ([] !== $this->weekdays && !$this->isOnWeekday($number, $month, $day)) {
            return false;
        }
        $lists = $this->rule->lists;
        if (isset($lists['BYYEARDAY'])) {
            [$first, $length] = self::year($month->year);
            if (!self::isAmong($lists['BYYEARDAY'], $number - $first + 1, $length)) {
                return false;
            }
        }

        return !isset($lists['BYWEEKNO']) || $this->isInWeek($lists['BYWEEKNO'], $number, $month->year);
    }

    private function isOnWeekday(int $number, Month $month, int $day): bool
    {
        $weekday = Weekday::Thursday->plus($number);
        foreach ($this->weekdays as [$nth, $wanted]) {
            if ($wanted !== $weekday) {
                continue;
            }
            if (0 === $nth || !\in_array($this->rule->every, [Frequency::Yearly, Frequency::Monthly], true)) {
                return true;
            }
            // "The second Tuesday": of the month, unless only years are spoken of.
            $ofYear = Frequency::Yearly === $this->rule->every && [] === $this->months;
            [$first, $length] = $ofYear ? self::year($month->year) : [$number - $day + 1, $month->days()];
            $at = $number - $first;
            if ($nth > 0 ? intdiv($at, 7) + 1 === $nth : intdiv($length - 1 - $at, 7) + 1 === -$nth) {
                return true;
            }
        }

        return false;
    }

    /** @param list<int> $weeks numbered as ISO 8601 does, by the first day of the week; negative ones from the last */
    private function isInWeek(array $weeks, int $number, int $year): bool
    {
        // A year's first week has four of its days or more; its days may stand in the year before or after.
        foreach ([$year, $year + 1, $year - 1] as $of) {
            $first = $this->firstWeek($of);
            if ($number < $first) {
                continue;
            }
            $next = $this->firstWeek($of + 1);
            if ($number < $next) {
                return self::isAmong($weeks, intdiv($number - $first, 7) + 1, intdiv($next - $first, 7));
            }
        }

        return false;
    }

    private function firstWeek(int $year): int
    {
        [$first] = self::year($year);
        $column = Weekday::Thursday->plus($first)->columnFrom($this->rule->weekStart);

        return $column <= 3 ? $first - $column : $first + 7 - $column;
    }

    /** @param list<int> $wanted */
    private static function isAmong(array $wanted, int $nth, int $of): bool
    {
        return \in_array($nth, $wanted, true) || \in_array($nth - $of - 1, $wanted, true);
    }

    /** @return array{int, int} its first day, its length */
    private static function year(int $year): array
    {
        return [(new Month($year, 1))->firstDayNumber(), Month::isLeap($year) ? 366 : 365];
    }

    /** @return array{int, int} */
    private static function month(Month $month): array
    {
        return [$month->firstDayNumber(), $month->days()];
    }

    /** @return non-empty-list<Month> that such a stretch of days touches */
    private static function monthsOf(int $first, int $length): array
    {
        $from = Day::numbered($first)->month;
        $to = Day::numbered($first + $length - 1)->month;

        return $from->run($to->index() - $from->index() + 1);
    }
}
