<?php

/* A day of a calendar file, or a time on it by the clock of its zone (RFC 5545, 3.3.4 and 3.3.5). */

declare(strict_types=1);

namespace App\Import\Calendar;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\DayRefused;

final class Moment
{
    private const DAY = 86_400;

    /**
     * @param int|null  $second of its day; null for a whole day
     * @param Zone|null $zone   whose clock it is; null for the person's own
     */
    private function __construct(public readonly Day $day, public readonly ?int $second, public readonly ?Zone $zone)
    {
    }

    /**
     * @throws DayRefused where it is none
     */
    public static function read(Property $said, Zones $zones, string $value): self
    {
        $written = self::written($value) ?? throw DayRefused::none(mb_substr($value, 0, 40));
        $name = $said->parameter('TZID');
        $zone = match (true) {
            str_ends_with($value, 'Z') => $zones->named('UTC'),
            '' === $name => null,
            default => $zones->named($name),
        };

        return new self($written[0], $written[1], $zone);
    }

    /**
     * A day, and the second of it where there is one; null for anything else.
     *
     * @return array{Day, int|null}|null
     *
     * @throws DayRefused for a day its month does not have: it would be taken for one of the next
     */
    public static function written(string $value): ?array
    {
        if (1 !== preg_match('/^(\d{4})-?(\d{2})-?(\d{2})(?:T(\d{2}):?(\d{2}):?(\d{2})?Z?)?$/', trim($value), $found)) {
            return null;
        }
        [$year, $month, $day] = [(int) $found[1], (int) $found[2], (int) $found[3]];
        if ($month < 1 || $month > 12 || $year < 1583) {
            return null;
        }
        $of = new Month($year, $month);
        if ($day < 1 || $day > $of->days()) {
            throw DayRefused::beyond((new Names('en'))->monthAndYear($of), $of->days(), $day);
        }
        [$hour, $minute] = [(int) ($found[4] ?? 0), (int) ($found[5] ?? 0)];
        if ($hour > 24 || $minute > 59) {
            return null;
        }

        // A leap second and the hour that ends a day are the last of it.
        $second = min(self::DAY - 1, 3_600 * $hour + 60 * $minute + min(59, (int) ($found[6] ?? 0)));

        return [Day::of($of, $day), isset($found[4]) ? $second : null];
    }

    public function hasTime(): bool
    {
        return null !== $this->second;
    }

    /** The same time on another day, by its own clock. */
    public function on(Day $day): self
    {
        return new self($day, $this->second, $this->zone);
    }

    /**
     * By the clock of the person who reads it: a time without a zone is theirs.
     *
     * @return array{Day, int|null} the day, the second of it
     */
    public function here(NamedZone $here): array
    {
        if (null === $this->second || null === $this->zone) {
            return [$this->day, $this->second];
        }
        $wall = $this->day->number * self::DAY + $this->second;
        $instant = $wall - $this->zone->east($wall);

        return self::at($instant + $here->eastAt($instant));
    }

    /**
     * A moment of the world's time by the clock this one is said in.
     *
     * @return array{Day, int}
     */
    public function sameClock(int $instant, NamedZone $here): array
    {
        return self::at($instant + ($this->zone ?? $here)->eastAt($instant));
    }

    /** @return array{Day, int} */
    private static function at(int $wall): array
    {
        $day = (int) floor($wall / self::DAY);

        return [Day::numbered($day), $wall - $day * self::DAY];
    }
}
