<?php

/* A month of a year. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

final class Month
{
    /** @param int $month 1 to 12 */
    public function __construct(public readonly int $year, public readonly int $month)
    {
        if ($month < 1 || $month > 12) {
            throw new \OutOfRangeException("There is no month $month.");
        }
    }

    /** Reads "2027-05"; null for anything else or a year outside 1583 to 9999. */
    public static function read(string $iso): ?self
    {
        if (1 !== preg_match('/^(\d{4})-(0[1-9]|1[0-2])$/', $iso, $found) || (int) $found[1] < 1583) {
            return null;
        }

        return new self((int) $found[1], (int) $found[2]);
    }

    public function plus(int $months): self
    {
        $index = $this->index() + $months;

        return new self(intdiv($index, 12), $index % 12 + 1);
    }

    /**
     * So many months, this one first.
     *
     * @param int $count 1 or more
     *
     * @return non-empty-list<self>
     */
    public function run(int $count): array
    {
        $months = [$this];
        while (\count($months) < $count) {
            $months[] = $this->plus(\count($months));
        }

        return $months;
    }

    /** Months counted from January of year 0, for order and differences. */
    public function index(): int
    {
        return $this->year * 12 + $this->month - 1;
    }

    /** 28 to 31. */
    public function days(): int
    {
        return match ($this->month) {
            4, 6, 9, 11 => 30,
            2 => self::isLeap($this->year) ? 29 : 28,
            default => 31,
        };
    }

    public static function isLeap(int $year): bool
    {
        return 0 === $year % 4 && (0 !== $year % 100 || 0 === $year % 400);
    }

    /** Days from 1 January 1970 to the 1st of this month; the year is counted from March so that the leap day comes last. */
    public function firstDayNumber(): int
    {
        $year = $this->month > 2 ? $this->year : $this->year - 1;
        $fromMarch = ($this->month + 9) % 12;

        return 365 * $year + intdiv($year, 4) - intdiv($year, 100) + intdiv($year, 400) + intdiv(153 * $fromMarch + 2, 5) - 719468;
    }

    public function firstWeekday(): Weekday
    {
        return Weekday::Thursday->plus($this->firstDayNumber());
    }

    public function equals(self $other): bool
    {
        return $this->index() === $other->index();
    }

    /** As in files: "2027-05". */
    public function iso(): string
    {
        return \sprintf('%04d-%02d', $this->year, $this->month);
    }
}
