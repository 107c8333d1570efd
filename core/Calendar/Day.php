<?php

/* One day of the Gregorian calendar, with the sums people do on it. No clock: a day is always given. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

final class Day
{
    /** @param int $number days since 1 January 1970, which is 0 */
    private function __construct(public readonly int $number, public readonly Month $month, public readonly int $day)
    {
    }

    /**
     * @param int $day 1 to the month's last
     *
     * @throws NoSuchDay
     */
    public static function of(Month $month, int $day): self
    {
        if ($day < 1 || $day > $month->days()) {
            throw NoSuchDay::of($month, $day);
        }

        return new self($month->firstDayNumber() + $day - 1, $month, $day);
    }

    /** Reads "2027-05-31"; null for anything else, a day its month does not have or a year outside 1583 to 9999. */
    public static function read(string $iso): ?self
    {
        $month = 1 === preg_match('/^.{7}-(\d{2})$/', $iso, $found) ? Month::read(substr($iso, 0, 7)) : null;
        $day = (int) ($found[1] ?? 0);

        return null === $month || $day < 1 || $day > $month->days() ? null : self::of($month, $day);
    }

    public function plus(int $days): self
    {
        $month = $this->month;
        $day = $this->day + $days;
        while ($day > $month->days()) {
            $day -= $month->days();
            $month = $month->plus(1);
        }
        while ($day < 1) {
            $month = $month->plus(-1);
            $day += $month->days();
        }

        return self::of($month, $day);
    }

    public function weekday(): Weekday
    {
        // 1 January 1970 was a Thursday.
        return Weekday::Thursday->plus($this->number);
    }

    /** The ISO 8601 week, 1 to 53: the one that holds this week's Thursday. */
    public function isoWeek(): int
    {
        $thursday = $this->plus(4 - $this->weekday()->value);

        return intdiv($thursday->number - (new Month($thursday->month->year, 1))->firstDayNumber(), 7) + 1;
    }

    /** As in files: "2027-05-31". */
    public function iso(): string
    {
        return \sprintf('%s-%02d', $this->month->iso(), $this->day);
    }
}
