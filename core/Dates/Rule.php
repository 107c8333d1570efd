<?php

/*
 * When a date comes again: a recurrence rule of RFC 5545, 3.3.10, as far as it speaks of days. Read and written as files have
 * it ("FREQ=MONTHLY;BYDAY=2TU").
 */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Weekday;

final class Rule
{
    /** Times a rule may count to, and the longest step. From memory. */
    public const MOST = 1_000;

    private const DAYS = ['MO' => 1, 'TU' => 2, 'WE' => 3, 'TH' => 4, 'FR' => 5, 'SA' => 6, 'SU' => 7];

    /** Within a day: a rule may say one of each, the time the entry has. */
    private const TIMES = ['BYHOUR' => true, 'BYMINUTE' => true, 'BYSECOND' => true];

    /** Lists of whole numbers, and how far they go either way; negative ones count from the end. */
    private const LISTS = [
        'BYMONTH' => [1, 12],
        'BYWEEKNO' => [-53, 53],
        'BYYEARDAY' => [-366, 366],
        'BYMONTHDAY' => [-31, 31],
        'BYSETPOS' => [-366, 366],
    ];

    /**
     * @param int                             $interval  1 to 1,000
     * @param int|null                        $count     times in all, 1 to 1,000; null where it does not end by counting
     * @param Day|null                        $until     the last day it may fall on
     * @param list<array{int, Weekday}>       $weekdays  which of the month or year, 0 for each
     * @param array<string, non-empty-list<int>> $lists     by their names in RFC 5545
     */
    private function __construct(
        public readonly Frequency $every,
        public readonly int $interval,
        public readonly ?int $count,
        public readonly ?Day $until,
        public readonly array $weekdays,
        public readonly array $lists,
        public readonly Weekday $weekStart,
    ) {
    }

    /** Once a year, a month, a week or a day; every so many of them. */
    public static function every(Frequency $every, int $interval = 1): self
    {
        return new self($every, max(1, min(self::MOST, $interval)), null, null, [], [], Weekday::Monday);
    }

    /** @throws RuleRefused */
    public static function read(string $written): self
    {
        $parts = self::parts($written);
        $frequency = Frequency::tryFrom($parts['FREQ'] ?? throw RuleRefused::without('how often it comes: FREQ=YEARLY'))
            ?? throw \in_array($parts['FREQ'], ['SECONDLY', 'MINUTELY', 'HOURLY'], true)
                ? RuleRefused::often($parts['FREQ'])
                : RuleRefused::unknown('FREQ='.$parts['FREQ']);
        if (isset($parts['COUNT'], $parts['UNTIL'])) {
            throw RuleRefused::twice();
        }
        $lists = [];
        foreach (self::LISTS as $name => [$least, $most]) {
            if (isset($parts[$name])) {
                $lists[$name] = self::numbers($name, $parts[$name], $least, $most);
            }
        }
        foreach (array_intersect_key($parts, self::TIMES) as $name => $value) {
            if (str_contains($value, ',')) {
                throw RuleRefused::outside($name, $value, 'it comes more than once a day, and a paper book has room for one');
            }
        }

        return new self(
            $frequency,
            isset($parts['INTERVAL']) ? self::number('INTERVAL', $parts['INTERVAL'], 1, self::MOST) : 1,
            isset($parts['COUNT']) ? self::number('COUNT', $parts['COUNT'], 1, self::MOST) : null,
            isset($parts['UNTIL']) ? self::day($parts['UNTIL']) : null,
            isset($parts['BYDAY']) ? self::weekdays($parts['BYDAY']) : [],
            $lists,
            Weekday::from(self::DAYS[$parts['WKST'] ?? 'MO'] ?? throw RuleRefused::unknown('WKST='.($parts['WKST'] ?? ''))),
        );
    }

    /** As files have it. */
    public function written(): string
    {
        $parts = ['FREQ='.$this->every->value];
        $parts[] = 1 === $this->interval ? '' : "INTERVAL=$this->interval";
        foreach ($this->lists as $name => $numbers) {
            $parts[] = "$name=".implode(',', $numbers);
        }
        $names = array_flip(self::DAYS);
        $parts[] = [] === $this->weekdays ? '' : 'BYDAY='.implode(',', array_map(
            static fn (array $one): string => (0 === $one[0] ? '' : $one[0]).$names[$one[1]->value],
            $this->weekdays,
        ));
        $parts[] = null === $this->count ? '' : "COUNT=$this->count";
        $parts[] = null === $this->until ? '' : 'UNTIL='.str_replace('-', '', $this->until->iso());
        $parts[] = Weekday::Monday === $this->weekStart ? '' : 'WKST='.$names[$this->weekStart->value];

        return implode(';', array_filter($parts, static fn (string $part): bool => '' !== $part));
    }

    /** Whether it says no more than how often. */
    public function isPlain(): bool
    {
        return [] === $this->weekdays && [] === $this->lists;
    }

    /** The same rule that ends on another day, or never. */
    public function upTo(?Day $until): self
    {
        return new self($this->every, $this->interval, null, $until, $this->weekdays, $this->lists, $this->weekStart);
    }

    /** @return array<string, string> */
    private static function parts(string $written): array
    {
        $parts = [];
        foreach (explode(';', strtoupper(trim($written))) as $part) {
            if ('' === trim($part)) {
                continue;
            }
            [$name, $value] = explode('=', trim($part), 2) + [1 => ''];
            if (!isset(self::LISTS[$name], self::TIMES[$name]) && !\in_array(
                $name,
                ['FREQ', 'INTERVAL', 'COUNT', 'UNTIL', 'BYDAY', 'WKST', ...array_keys(self::LISTS), ...array_keys(self::TIMES)],
                true,
            )) {
                throw RuleRefused::unknown($part);
            }
            $parts[$name] = $value;
        }

        return $parts;
    }

    private static function number(string $name, string $value, int $least, int $most): int
    {
        if (1 !== preg_match('/^[+-]?\d{1,6}$/', $value) || (int) $value < $least || (int) $value > $most) {
            throw RuleRefused::outside($name, $value, "it goes from $least to ".number_format($most));
        }

        return (int) $value;
    }

    /** @return non-empty-list<int> */
    private static function numbers(string $name, string $value, int $least, int $most): array
    {
        $numbers = array_map(
            static fn (string $one): int => self::number($name, trim($one), $least, $most),
            explode(',', $value),
        );
        if (\in_array(0, $numbers, true)) {
            throw RuleRefused::outside($name, $value, 'nothing is numbered 0');
        }

        return $numbers;
    }

    private static function day(string $value): Day
    {
        $iso = 1 === preg_match('/^(\d{4})(\d{2})(\d{2})(T\d{6}Z?)?$/', $value, $found) ? "$found[1]-$found[2]-$found[3]" : '';

        return Day::read($iso) ?? throw RuleRefused::outside('UNTIL', $value, 'it ends on a day such as 20271231');
    }

    /** @return list<array{int, Weekday}> */
    private static function weekdays(string $value): array
    {
        return array_map(static function (string $one) use ($value): array {
            if (1 !== preg_match('/^([+-]?\d{1,2})?(MO|TU|WE|TH|FR|SA|SU)$/', trim($one), $found) || abs((int) $found[1]) > 53) {
                throw RuleRefused::outside('BYDAY', $value, 'write a weekday as MO, the second Tuesday as 2TU, the last Friday as -1FR');
            }

            return [(int) $found[1], Weekday::from(self::DAYS[$found[2]])];
        }, explode(',', $value));
    }
}
