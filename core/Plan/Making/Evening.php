<?php

/* A free evening before the first day of use: from when, and for how long. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

final class Evening
{
    public const MOST = 60;

    /** Minutes. */
    public const SHORTEST = 5;
    public const LONGEST = 600;

    /** @param string $from "19:00" */
    public function __construct(public readonly Day $day, public readonly string $from, public readonly int $minutes)
    {
    }

    /** Tells it from the others: "2026-12-20T19:00". */
    public function key(): string
    {
        return "{$this->day->iso()}T$this->from";
    }

    /** Minutes from the first midnight of 1970 to its beginning. */
    public function begins(): int
    {
        return $this->day->number * 1440 + (int) substr($this->from, 0, 2) * 60 + (int) substr($this->from, 3, 2);
    }

    public function ends(): int
    {
        return $this->begins() + $this->minutes;
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values): self
    {
        $day = Day::read($values->text('day', null, 10))
            ?? throw PlanProblem::at($values->path('day'), 'Write the evening’s day as 2026-12-20.');
        $from = $values->text('from', '19:00', 5);
        if (1 !== preg_match('/^([01]\d|2[0-3]):[0-5]\d$/D', $from)) {
            throw PlanProblem::at($values->path('from'), 'Write the time as 19:00.');
        }
        $minutes = $values->count('minutes', \PHP_INT_MIN, \PHP_INT_MAX);
        if ($minutes < self::SHORTEST || $minutes > self::LONGEST) {
            throw PlanProblem::at(
                $values->path('minutes'),
                'An evening has '.self::SHORTEST.' to '.self::LONGEST." minutes; this says $minutes.",
            );
        }

        return new self($day, $from, $minutes);
    }

    /**
     * In the order of time; two that overlap are refused.
     *
     * @return list<self>
     *
     * @throws PlanProblem naming the field
     */
    public static function all(Values $values, string $name): array
    {
        $all = array_map(self::read(...), $values->each($name, self::MOST));
        usort($all, static fn (self $one, self $two): int => $one->begins() <=> $two->begins());
        foreach ($all as $i => $one) {
            if ($i > 0 && $all[$i - 1]->ends() > $one->begins()) {
                throw PlanProblem::at(
                    $values->path($name),
                    "Two evenings overlap on {$one->day->iso()}: one ends after {$one->from}, when the other begins.",
                );
            }
        }

        return $all;
    }

    /** @return array{day: string, from: string, minutes: int} */
    public function written(): array
    {
        return ['day' => $this->day->iso(), 'from' => $this->from, 'minutes' => $this->minutes];
    }
}
