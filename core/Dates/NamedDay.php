<?php

/*
 * Days that have names and move from year to year: Easter and what is counted from it, the Sundays of Advent, "first Monday of May",
 * "last day of March", "two weeks before Easter"; and those every year has on one date, such as Christmas Eve.
 */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Weekday;

/** @internal */
final class NamedDay
{
    /** Days from Easter Sunday. Common practice, no source; checked against a table of public holidays in the tests. */
    private const FROM_EASTER = [
        'shrove tuesday' => -47, 'ash wednesday' => -46, 'palm sunday' => -7, 'maundy thursday' => -3, 'good friday' => -2,
        'holy saturday' => -1, 'easter' => 0, 'easter sunday' => 0, 'easter monday' => 1, 'ascension' => 39, 'ascension day' => 39,
        'pentecost' => 49, 'whit sunday' => 49, 'whitsun' => 49, 'whit monday' => 50, 'pentecost monday' => 50, 'corpus christi' => 60,
    ];

    /** Month and day. Common practice, no source. */
    private const FIXED = [
        'new year' => [1, 1], 'new years day' => [1, 1], 'epiphany' => [1, 6], 'valentines day' => [2, 14], 'all saints day' => [11, 1],
        'christmas eve' => [12, 24], 'christmas' => [12, 25], 'christmas day' => [12, 25], 'boxing day' => [12, 26],
        'new years eve' => [12, 31],
    ];

    /** Which of several, by its word; -1 for the last. */
    public const NTH = [
        'first' => 1, '1st' => 1, 'second' => 2, '2nd' => 2, 'third' => 3, '3rd' => 3, 'fourth' => 4, '4th' => 4, 'fifth' => 5,
        '5th' => 5, 'last' => -1,
    ];

    private const COUNTS = ['a' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6];

    private const DAYS_OF_A_WEEK = 7;

    /**
     * @param \Closure(int): ?Day $in    the day in a year; null where that has none
     * @param int|null            $year  that is said beside it
     * @param bool                $named a feast: in a line of words it may belong to them, as in "Christmas market"
     */
    private function __construct(private readonly \Closure $in, private readonly ?int $year, public readonly bool $named)
    {
    }

    /**
     * @param \Closure(string): ?Weekday $weekday by its name
     * @param \Closure(string): ?int     $month   the same
     *
     * @return self|null null where the words name no such day
     */
    public static function of(string $said, \Closure $weekday, \Closure $month): ?self
    {
        $plain = trim(mb_strtolower(str_replace(["'", '’', ','], ['', '', ' '], (string) preg_replace('/\s+/u', ' ', $said))));
        $plain = (string) preg_replace('/^(?:on|at|the)\s+|\s{2,}/u', ' ', $plain);
        $year = 1 === preg_match('/^(.+?)\s+(\d{4})$/', trim($plain), $found) ? (int) $found[2] : null;
        $plain = trim(null === $year ? $plain : $found[1]);
        if (1 === preg_match('/^(\d{1,3}|[a-z]+)\s+(day|week)s?\s+(before|after)\s+(.+)$/', $plain, $found)) {
            $count = self::COUNTS[$found[1]] ?? (ctype_digit($found[1]) ? (int) $found[1] : null);
            $from = null === $count ? null : self::of($found[4], $weekday, $month);
            if (null === $count || null === $from) {
                return null;
            }
            $days = ('before' === $found[3] ? -1 : 1) * $count * ('week' === $found[2] ? self::DAYS_OF_A_WEEK : 1);

            return new self(static fn (int $in): ?Day => ($from->in)($in)?->plus($days), $year ?? $from->year, $from->named);
        }
        $in = self::feast($plain);
        if (null !== $in) {
            return new self($in, $year, true);
        }
        $in = self::nth($plain, $weekday, $month);

        return null === $in ? null : new self($in, $year, false);
    }

    /**
     * The day: in the year that is said, else the first on or after a day.
     *
     * @throws DayRefused where no year has one
     */
    public function from(Day $first, string $said): Day
    {
        $years = null === $this->year ? range($first->month->year, $first->month->year + 1) : [$this->year];
        foreach ($years as $year) {
            $day = $year >= 1583 && $year <= 9999 ? ($this->in)($year) : null;
            if (null !== $day && (null !== $this->year || !$day->isBefore($first))) {
                return $day;
            }
        }

        throw DayRefused::noneInYear($said, $years[0]);
    }

    /** @return (\Closure(int): Day)|null */
    private static function feast(string $plain): ?\Closure
    {
        if (isset(self::FROM_EASTER[$plain])) {
            return static fn (int $year): Day => self::easter($year)->plus(self::FROM_EASTER[$plain]);
        }
        if (isset(self::FIXED[$plain])) {
            return static fn (int $year): Day => Day::of(new Month($year, self::FIXED[$plain][0]), self::FIXED[$plain][1]);
        }
        if (1 !== preg_match('/^(\w+) (?:sunday (?:of |in )?)?advent(?: sunday)?$/', $plain, $found)) {
            return null;
        }
        $nth = self::NTH[$found[1]] ?? 0;

        // The fourth is the last Sunday before Christmas Day.
        return $nth < 1 || $nth > 4 ? null : static function (int $year) use ($nth): Day {
            $eve = Day::of(new Month($year, 12), 24);

            return $eve->plus(-($eve->weekday()->value % self::DAYS_OF_A_WEEK) - self::DAYS_OF_A_WEEK * (4 - $nth));
        };
    }

    /**
     * "first monday of may", "may first monday", "last day of march".
     *
     * @param \Closure(string): ?Weekday $weekday
     * @param \Closure(string): ?int     $month
     *
     * @return (\Closure(int): ?Day)|null
     */
    private static function nth(string $plain, \Closure $weekday, \Closure $month): ?\Closure
    {
        $words = array_values(array_diff(explode(' ', $plain), ['of', 'in', 'the']));
        if (3 !== \count($words)) {
            return null;
        }
        [$which, $what, $of] = isset(self::NTH[$words[0]]) ? $words : [$words[1], $words[2], $words[0]];
        $nth = self::NTH[$which] ?? null;
        $in = $month($of);
        $day = $weekday($what);
        if (null === $nth || null === $in || (null === $day && ('day' !== $what || -1 !== $nth))) {
            return null;
        }

        return static function (int $year) use ($nth, $in, $day): ?Day {
            $of = new Month($year, $in);
            $last = Day::lastOf($of);
            if (null === $day) {
                return $last;
            }
            if ($nth < 0) {
                return $last->plus(-(($last->weekday()->value - $day->value + self::DAYS_OF_A_WEEK) % self::DAYS_OF_A_WEEK));
            }
            $first = Day::of($of, 1);
            $ahead = ($day->value - $first->weekday()->value + self::DAYS_OF_A_WEEK) % self::DAYS_OF_A_WEEK;
            $found = $ahead + self::DAYS_OF_A_WEEK * ($nth - 1);

            return $found < $of->days() ? $first->plus($found) : null;
        };
    }

    /** Easter Sunday by the Gregorian calendar: the algorithm published in Nature, 20 April 1876, valid for every year of it. */
    private static function easter(int $year): Day
    {
        [$a, $b, $c] = [$year % 19, intdiv($year, 100), $year % 100];
        $g = intdiv(8 * $b + 13, 25);
        $h = (19 * $a + $b - intdiv($b, 4) - $g + 15) % 30;
        $l = (32 + 2 * ($b % 4) + 2 * intdiv($c, 4) - $h - $c % 4) % 7;
        $m = intdiv($a + 11 * $h + 22 * $l, 451);
        $n = $h + $l - 7 * $m + 114;

        return Day::of(new Month($year, intdiv($n, 31)), $n % 31 + 1);
    }
}
