<?php

/*
 * When something is: on a day, on several after one another, or in a month without a day. Written as "2027-03-12", with "/"
 * between two, or "2027-03".
 */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;

final class When
{
    /** Days something may last. From memory. */
    public const LONGEST = 366;

    private function __construct(public readonly Month $month, public readonly ?Day $first, public readonly ?Day $last)
    {
    }

    public static function in(Month $month): self
    {
        return new self($month, null, null);
    }

    public static function on(Day $day): self
    {
        return new self($day->month, $day, $day);
    }

    /** @throws DayRefused where it ends before it begins, or lasts longer than a year */
    public static function between(Day $first, Day $last): self
    {
        return match (true) {
            $last->isBefore($first) => throw DayRefused::backwards(),
            $last->number - $first->number >= self::LONGEST => throw DayRefused::long(self::LONGEST),
            default => new self($first->month, $first, $last),
        };
    }

    /** @throws DayRefused */
    public static function read(string $iso): self
    {
        $month = Month::read($iso);
        if (null !== $month) {
            return self::in($month);
        }
        $parts = explode('/', $iso, 2);
        $from = $parts[0];
        $to = $parts[1] ?? $from;

        return self::between(
            Day::read($from) ?? throw DayRefused::none($iso),
            Day::read($to) ?? throw DayRefused::none($iso),
        );
    }

    public function written(): string
    {
        if (null === $this->first || null === $this->last) {
            return $this->month->iso();
        }

        return $this->first->iso().($this->first->number === $this->last->number ? '' : '/'.$this->last->iso());
    }

    /** Days it lasts; 0 where no day is known. */
    public function days(): int
    {
        return null === $this->first || null === $this->last ? 0 : $this->last->number - $this->first->number + 1;
    }

    /** The same length from another day on. */
    public function from(Day $first): self
    {
        return new self($first->month, $first, $first->plus(max(0, $this->days() - 1)));
    }
}
