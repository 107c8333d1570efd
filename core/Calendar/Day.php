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

    /** The day so many days after 1 January 1970. After H. Hinnant, "chrono-compatible low-level date algorithms", civil_from_days. */
    public static function numbered(int $number): self
    {
        $since = $number + 719468;
        $era = intdiv($since >= 0 ? $since : $since - 146096, 146097);
        $ofEra = $since - $era * 146097;
        $yearOfEra = intdiv($ofEra - intdiv($ofEra, 1460) + intdiv($ofEra, 36524) - intdiv($ofEra, 146096), 365);
        $ofYear = $ofEra - (365 * $yearOfEra + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100));
        $fromMarch = intdiv(5 * $ofYear + 2, 153);
        $month = $fromMarch < 10 ? $fromMarch + 3 : $fromMarch - 9;

        return new self(
            $number,
            new Month($yearOfEra + $era * 400 + ($month <= 2 ? 1 : 0), $month),
            $ofYear - intdiv(153 * $fromMarch + 2, 5) + 1,
        );
    }

    public function isBefore(self $other): bool
    {
        return $this->number < $other->number;
    }

    /** The last day of a month. */
    public static function lastOf(Month $month): self
    {
        return self::of($month, $month->days());
    }

    public function plus(int $days): self
    {
        if (abs($days) > 60) {
            return self::numbered($this->number + $days);
        }
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

        return new self($this->number + $days, $month, $day);
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
