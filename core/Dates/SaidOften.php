<?php

/*
 * How often a date comes, as people say it: "from 5 January every 14 days", "monthly from the 3rd", "every second Tuesday", "Tuesdays",
 * "last Friday of every month".
 * A weekday says the first day as well: the first of its name in the book, or on or after the day that is said.
 */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Weekday;

final class SaidOften
{
    private const COUNTS = ['second' => 2, 'other' => 2, 'third' => 3, 'fourth' => 4];

    /**
     * @param string $left the line without what says how often
     * @param int    $nth  which of its weekday in a month, -1 for the last; 0 for each
     */
    private function __construct(
        private readonly string $line,
        public readonly ?Rule $rule,
        private readonly ?Weekday $on,
        public readonly string $left,
        private readonly int $nth = 0,
    ) {
    }

    public static function of(string $line, SaidDay $days): self
    {
        // A fifth one not every month has.
        $which = implode('|', array_keys(array_diff(NamedDay::NTH, [5])));
        $monthly = "\\b(?:(?:every|each)\\s+)?($which)\\s+(\\p{L}+)\\s+(?:of|in)\\s+(?:every|each|the|a)\\s+month\\b";
        if (1 === preg_match("/$monthly/iu", $line, $found) && null !== $days->weekday($found[2])) {
            [$nth, $on] = [NamedDay::NTH[mb_strtolower($found[1])], $days->weekday($found[2])];
            $rule = Rule::read("FREQ=MONTHLY;BYDAY=$nth".substr(strtoupper($on->name), 0, 2));

            return new self($line, $rule, $on, self::without($line, $found[0]), $nth);
        }
        $count = '(?:(\d{1,3}|second|other|third|fourth)\s+)?';
        $each = "\\b(?:every|each)\\s+$count(day|week|month|year)s?\\b|\\b(daily|weekly|monthly|yearly|annually)\\b";
        if (1 === preg_match("/$each/iu", $line, $found)) {
            $found += array_fill(0, 4, '');
            $interval = self::count($found[1]);
            $every = match (mb_strtolower('' === $found[3] ? $found[2] : $found[3])) {
                'day', 'daily' => Frequency::Daily,
                'week', 'weekly' => Frequency::Weekly,
                'month', 'monthly' => Frequency::Monthly,
                default => Frequency::Yearly,
            };
            // Fortnights are weeks on paper, and so are said.
            if (Frequency::Daily === $every && 0 === $interval % 7) {
                [$every, $interval] = [Frequency::Weekly, intdiv($interval, 7)];
            }

            return new self($line, Rule::every($every, $interval), null, self::without($line, $found[0]));
        }
        foreach (["\\b(?:every|each)\\s+$count(\\p{L}+)\\b", '^(?:on\s+)?()(\p{L}+)s\b'] as $named) {
            $on = 1 === preg_match("/$named/iu", $line, $found) ? $days->weekday($found[2]) : null;
            if (null !== $on) {
                return new self($line, Rule::every(Frequency::Weekly, self::count($found[1])), $on, self::without($line, $found[0]));
            }
        }

        return new self($line, null, null, $line);
    }

    /** Whether the first day must be said beside it. */
    public function wantsDay(): bool
    {
        return null === $this->on;
    }

    /**
     * The first time it comes.
     *
     * @param When|null $said the day that is said; null where none is
     *
     * @throws DayRefused where it comes again, and nothing says from which day on
     */
    public function first(?When $said, SaidDay $days): When
    {
        $first = null === $said && null !== $this->on ? $days->begins() : $said?->first;
        if (null === $first && (null === $said || null !== $this->rule)) {
            throw DayRefused::repeatWithoutDay($this->line);
        }
        if (null === $first || null === $this->on) {
            return $said ?? throw DayRefused::none($this->line);
        }
        while ($first->weekday() !== $this->on || !$this->isNth($first)) {
            $first = $first->plus(1);
        }

        return When::on($first);
    }

    private function isNth(Day $day): bool
    {
        return match ($this->nth) {
            0 => true,
            -1 => $day->day + 7 > $day->month->days(),
            default => intdiv($day->day - 1, 7) + 1 === $this->nth,
        };
    }

    private static function count(string $said): int
    {
        return self::COUNTS[mb_strtolower($said)] ?? max(1, (int) $said);
    }

    private static function without(string $line, string $phrase): string
    {
        $left = trim((string) preg_replace('/\s+/u', ' ', str_replace($phrase, ' ', $line)), ' ,');

        return (string) preg_replace('/^(?:from|since|starting|beginning)\s+/iu', '', $left);
    }
}
