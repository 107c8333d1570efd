<?php

/* The rows or the columns of a table: what they stand for, one after another. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Table;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Spread\Page\CalendarFacts;

/** @internal to Spread */
final class Axis
{
    public const ITEMS = 'items';
    public const DAYS = 'days';
    public const MONTHS = 'months';
    public const WEEKS = 'weeks';
    public const WEEKDAYS = 'weekdays';
    public const NUMBERS = 'numbers';

    /** As a person chooses among them. */
    public const WORDS = [
        self::ITEMS => 'names of your own',
        self::MONTHS => 'months',
        self::DAYS => 'days of the month',
        self::WEEKS => 'weeks',
        self::WEEKDAYS => 'days of the week',
        self::NUMBERS => 'numbers',
    ];

    /** @param non-empty-list<TableEntry> $entries */
    private function __construct(public readonly string $of, public readonly array $entries)
    {
    }

    /**
     * @param list<string> $names of items; one that ends with a colon is the heading of those after it
     * @param int          $count of numbers, 1 or more
     */
    public static function of(string $of, CalendarFacts $calendar, array $names, int $count): self
    {
        $entries = match ($of) {
            self::DAYS => self::days($calendar),
            self::MONTHS => self::months($calendar),
            self::WEEKS => self::weeks($calendar),
            self::WEEKDAYS => self::weekdays($calendar),
            self::NUMBERS => array_map(self::figure(...), range(1, max(1, $count))),
            default => self::items($names),
        };

        return new self($of, [] === $entries ? [new TableEntry('', '', '')] : $entries);
    }

    /**
     * Of its weeks those that have most of their days in the months, as ISO 8601 counts the weeks of a year.
     *
     * @param bool $last each by its last day instead of its first
     */
    public function weeksOf(CalendarFacts $calendar, bool $most, bool $last): self
    {
        $months = $calendar->months();
        $start = Day::of($months[0], 1)->number;
        $end = $months[\count($months) - 1];
        $end = Day::of($end, $end->days())->number;
        $weeks = [];
        foreach ($this->entries as $entry) {
            $day = $entry->start;
            if (null === $day || ($most && ($day->number + 3 < $start || $day->number + 3 > $end))) {
                continue;
            }
            $shown = $last ? $day->plus(6) : $day;
            $weeks[] = new TableEntry(
                $calendar->names->dayShort($shown),
                (string) $shown->day,
                (string) $shown->day,
                $shown->month,
                start: $day,
            );
        }

        return [] === $weeks ? $this : new self($this->of, $weeks);
    }

    /** With one before the months, for what was before them: the totals of another book. */
    public function behind(string $name): self
    {
        return new self($this->of, [new TableEntry($name, mb_substr($name, 0, 3), mb_substr($name, 0, 1)), ...$this->entries]);
    }

    /** One column without a name. */
    public static function none(): self
    {
        return new self(self::ITEMS, [new TableEntry('', '', '')]);
    }

    /**
     * Boxes its longest name takes.
     *
     * @param \Closure(string): int $boxes that words take
     */
    public function longest(\Closure $boxes): int
    {
        $longest = 0;
        foreach ($this->entries as $entry) {
            $longest = max($longest, $boxes($entry->name));
        }

        return $longest;
    }

    /**
     * Names that take more than so many boxes.
     *
     * @param \Closure(string): int $boxes that words take
     *
     * @return list<string>
     */
    public function wider(\Closure $boxes, int $wide): array
    {
        return array_values(array_filter(
            array_map(static fn (TableEntry $entry): string => $entry->name, $this->entries),
            static fn (string $name): bool => $boxes($name) > $wide,
        ));
    }

    /** The longest name. */
    public function longestName(): string
    {
        [$longest, $width] = ['', -1];
        foreach ($this->entries as $entry) {
            $wide = mb_strwidth($entry->name);
            if ($wide > $width) {
                [$longest, $width] = [$entry->name, $wide];
            }
        }

        return $longest;
    }

    /**
     * Each month, by the first of these weeks that begins in it.
     *
     * @param list<TableEntry> $entries
     *
     * @return array<int, Month> by the place of that week
     */
    public static function firstsOfMonths(array $entries): array
    {
        $firsts = [];
        $before = null;
        foreach ($entries as $i => $entry) {
            if (null !== $entry->month && $entry->month->index() !== $before) {
                $firsts[$i] = $entry->month;
                $before = $entry->month->index();
            }
        }

        return $firsts;
    }

    /** Whether its entries are figures, which one box holds. */
    public function isFigures(): bool
    {
        return \in_array($this->of, [self::DAYS, self::NUMBERS], true);
    }

    /** "12 months", within a sentence. */
    public function counted(int $some): string
    {
        $word = [
            self::ITEMS => 'row',
            self::MONTHS => 'month',
            self::DAYS => 'day',
            self::WEEKS => 'week',
            self::WEEKDAYS => 'weekday',
            self::NUMBERS => 'number',
        ][$this->of] ?? 'row';

        return "$some $word".(1 === $some ? '' : 's');
    }

    /**
     * @param list<string> $names
     *
     * @return list<TableEntry>
     */
    private static function items(array $names): array
    {
        return array_map(static function (string $name): TableEntry {
            $heads = str_ends_with($name, ':') && mb_strlen($name) > 1;
            $said = $heads ? mb_substr($name, 0, -1) : $name;

            return new TableEntry($said, mb_substr($said, 0, 3), mb_substr($said, 0, 1), heads: $heads);
        }, $names);
    }

    private static function figure(int $n): TableEntry
    {
        return new TableEntry((string) $n, (string) $n, (string) $n);
    }

    /** @return list<TableEntry> */
    private static function days(CalendarFacts $calendar): array
    {
        return array_map(
            static fn (int $day): TableEntry => new TableEntry((string) $day, (string) $day, (string) $day, day: $day),
            range(1, $calendar->month?->days() ?? 31),
        );
    }

    /** @return list<TableEntry> */
    private static function months(CalendarFacts $calendar): array
    {
        $names = $calendar->names;

        return array_map(static fn (Month $month): TableEntry => new TableEntry(
            $names->month($month->month),
            $names->monthShort($month->month),
            $names->monthInitial($month->month),
            $month,
        ), $calendar->period->months());
    }

    /**
     * From the one the first month begins in to the one the last ends in; of a month, those that begin in it.
     *
     * @return list<TableEntry>
     */
    private static function weeks(CalendarFacts $calendar): array
    {
        [$start, $end] = null === $calendar->month
            ? [$calendar->period->start, $calendar->period->end]
            : [$calendar->month, $calendar->month];
        $day = Day::of($start, 1);
        $back = ($day->weekday()->value - $calendar->first->value + 7) % 7;
        $day = $day->plus(null !== $calendar->month && $back > 0 ? 7 - $back : -$back);
        $last = Day::of($end, $end->days())->number;
        $weeks = [];
        for (; $day->number <= $last; $day = $day->plus(7)) {
            $weeks[] = new TableEntry($calendar->names->dayShort($day), (string) $day->day, (string) $day->day, $day->month, start: $day);
        }

        return $weeks;
    }

    /** @return list<TableEntry> */
    private static function weekdays(CalendarFacts $calendar): array
    {
        $names = $calendar->names;

        return array_map(static function (int $i) use ($calendar, $names): TableEntry {
            $day = $calendar->first->plus($i);

            return new TableEntry($names->weekday($day), $names->weekdayShort($day), $names->weekdayInitial($day));
        }, range(0, 6));
    }
}
