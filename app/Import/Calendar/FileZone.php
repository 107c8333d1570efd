<?php

/* A zone that a calendar file describes itself: its standard and summer times with the days on which each begins (RFC 5545, 3.6.5). */

declare(strict_types=1);

namespace App\Import\Calendar;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Dates\Recurrence;
use AmpleMargin\Dates\Rule;

final class FileZone implements Zone
{
    private const DAY = 86_400;

    /** @var array<int, list<array{int, int, int}>> year → moments on the clock before each change, seconds east before it and after, rising */
    private array $changes = [];

    /**
     * @param non-empty-list<array{first: Day, second: int, from: int, to: int, rule: Rule|null, also: list<Day>}> $times
     */
    public function __construct(private readonly array $times)
    {
    }

    public function east(int $wall): int
    {
        $year = Day::numbered((int) floor($wall / self::DAY))->month->year;
        $last = null;
        foreach ([...$this->in($year - 1), ...$this->in($year)] as $change) {
            $last = $change[0] <= $wall ? $change : $last;
        }
        foreach (null === $last ? range(2, 4) : [] as $before) {
            // A zone that changes no more has its last change years ago.
            $all = $this->in($year - $before);
            $last ??= [] === $all ? null : $all[\count($all) - 1];
        }

        return $last[2] ?? $this->otherwise($wall);
    }

    public function eastAt(int $instant): int
    {
        $east = $this->east($instant);

        return $this->east($instant + $east);
    }

    /** Far from every change that comes again: the last time that began before, or what was before the first. */
    private function otherwise(int $wall): int
    {
        $last = null;
        $first = $this->times[0];
        foreach ($this->times as $time) {
            $at = $time['first']->number * self::DAY + $time['second'];
            if ($at <= $wall && (null === $last || $at > $last[0])) {
                $last = [$at, $time['to']];
            }
            $first = $time['first']->number < $first['first']->number ? $time : $first;
        }

        return $last[1] ?? $first['from'];
    }

    /** @return list<array{int, int, int}> */
    private function in(int $year): array
    {
        if (isset($this->changes[$year]) || $year < 1584 || $year > 9_998) {
            return $this->changes[$year] ?? [];
        }
        [$from, $to] = [Day::of(new Month($year, 1), 1), Day::of(new Month($year, 12), 31)];
        $changes = [];
        foreach ($this->times as $time) {
            $days = null === $time['rule'] ? [$time['first']] : (new Recurrence($time['rule'], $time['first']))->between($from, $to);
            foreach ([...$days, ...$time['also']] as $day) {
                if ($day->month->year === $year) {
                    $changes[] = [$day->number * self::DAY + $time['second'], $time['from'], $time['to']];
                }
            }
        }
        sort($changes);

        return $this->changes[$year] = $changes;
    }
}
