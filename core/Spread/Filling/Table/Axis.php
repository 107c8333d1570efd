<?php

/* The rows or the columns of a table: what they stand for, one after another. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Table;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\DaysShown;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\WeeksShown;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class Axis
{
    public const ITEMS = 'items';
    public const DAYS = 'days';
    public const MONTHS = 'months';
    public const WEEKS = 'weeks';
    public const WEEKDAYS = 'weekdays';
    public const NUMBERS = 'numbers';

    /** What those that are shaped like time are asked of it. */
    public const TIME = [
        self::DAYS => OwnPeriod::OF_DAYS,
        self::MONTHS => OwnPeriod::OF_MONTHS,
        self::WEEKS => OwnPeriod::OF_WEEKS,
        self::WEEKDAYS => OwnPeriod::OF_WEEKDAYS,
    ];

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
     * @param int          $count of numbers, 1 or more; the first of them have these names, if any are said
     * @param Settings     $said  of its time
     */
    public static function of(string $of, CalendarFacts $calendar, array $names, int $count, Settings $said): self
    {
        $entries = match ($of) {
            self::DAYS => self::days($calendar, DaysShown::sayWeekdays($said)),
            self::MONTHS => self::months($calendar),
            self::WEEKS => array_map(
                static fn (Day $day): TableEntry => self::week($day, $day, $calendar->names, WeeksShown::isNumbered($said)),
                WeeksShown::of($calendar, $said),
            ),
            self::WEEKDAYS => self::weekdays($calendar, $said),
            self::NUMBERS => array_map(
                static fn (int $n): TableEntry => self::figure($n, $names[$n - 1] ?? ''),
                range(1, max(1, $count)),
            ),
            default => self::items($names),
        };

        return new self($of, [] === $entries ? [new TableEntry('', '', '')] : $entries);
    }

    /** The same weeks, each called by its last day instead of its first. */
    public function byLastDays(Names $names): self
    {
        return new self($this->of, array_map(static fn (TableEntry $entry): TableEntry => null === $entry->start
            ? $entry
            : self::week($entry->start, $entry->start->plus(6), $names, false), $this->entries));
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
    public function wider(\Closure $boxes, Fraction $wide): array
    {
        return array_values(array_filter(
            array_map(static fn (TableEntry $entry): string => $entry->name, $this->entries),
            static fn (string $name): bool => $wide->compare($boxes($name)) < 0,
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
        return \in_array($this->of, [self::DAYS, self::NUMBERS], true) && ctype_digit($this->longestName());
    }

    /** Whether days say their weekday. */
    public function sayWeekdays(): bool
    {
        return '' !== $this->entries[0]->above;
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

    /** A number, and what it stands for where that is said. */
    private static function figure(int $n, string $name): TableEntry
    {
        return new TableEntry(rtrim("$n $name"), (string) $n, (string) $n);
    }

    /** @return list<TableEntry> */
    private static function days(CalendarFacts $calendar, bool $weekdays): array
    {
        $month = DaysShown::month($calendar);

        return array_map(static function (int $day) use ($calendar, $month, $weekdays): TableEntry {
            $said = (string) $day;
            $of = $weekdays && null !== $month ? $calendar->names->weekdayInitial(Day::of($month, $day)->weekday()) : '';

            return new TableEntry('' === $of ? $said : "$said $of", $said, $said, day: $day, above: $of);
        }, range(1, $month?->days() ?? 31));
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

    /** A week under the name of one of its days, or its number: that of its fourth day, as ISO 8601 counts. */
    private static function week(Day $start, Day $shown, Names $names, bool $isNumbered): TableEntry
    {
        $figure = (string) ($isNumbered ? $start->plus(3)->isoWeek() : $shown->day);

        return new TableEntry($isNumbered ? $figure : $names->dayShort($shown), $figure, $figure, $shown->month, start: $start);
    }

    /** @return list<TableEntry> */
    private static function weekdays(CalendarFacts $calendar, Settings $said): array
    {
        $names = $calendar->names;

        return array_map(
            static fn (Weekday $day): TableEntry => new TableEntry(
                $names->weekday($day),
                $names->weekdayShort($day),
                $names->weekdayInitial($day),
                weekday: $day,
            ),
            DaysShown::ofAWeek($calendar, $said),
        );
    }
}
