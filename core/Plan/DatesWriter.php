<?php

/* What is known about the year → plain arrays in the order of docs/format.md; what is at its default is left out. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Dates\Category;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\LeapDay;

final class DatesWriter
{
    /** @return array<string, mixed> */
    public static function dates(KnownDates $dates): array
    {
        return array_filter([
            'entries' => array_map(self::entry(...), $dates->entries),
            'categories' => array_map(self::category(...), $dates->categories),
            'settled' => [] === $dates->settled ? [] : (object) $dates->settled,
        ], static fn (mixed $said): bool => [] !== $said);
    }

    /** @return array<string, mixed> */
    public static function entry(Entry $entry): array
    {
        return [
            'id' => $entry->id,
            'day' => self::day($entry),
            'words' => $entry->words,
        ] + array_filter([
            'is' => EntryKind::Date === $entry->is ? null : $entry->is->value,
            'category' => '' === $entry->category ? null : $entry->category,
            'time' => $entry->time,
            'ends' => $entry->ends,
            'repeat' => $entry->repeat?->written(),
            'except' => self::days($entry->except),
            'also' => self::days($entry->also),
            'lead' => 0 === $entry->lead ? null : $entry->lead,
            'leap' => LeapDay::Before === $entry->leap ? null : $entry->leap->value,
            'uid' => $entry->uid,
        ], static fn (mixed $said): bool => null !== $said);
    }

    /** @return array<string, mixed> */
    public static function category(Category $category): array
    {
        return ['id' => $category->id, 'name' => $category->name]
            + (null === $category->pen ? [] : ['pen' => $category->pen])
            + ($category->log ? [] : ['log' => false]);
    }

    /** "--05-29" where nobody knows the year of a birthday. */
    private static function day(Entry $entry): string
    {
        return EntryKind::Birthday === $entry->is && null === $entry->born
            ? '-'.substr($entry->when->written(), 4)
            : $entry->when->written();
    }

    /**
     * @param list<Day> $days
     *
     * @return list<string>|null
     */
    private static function days(array $days): ?array
    {
        return [] === $days ? null : array_map(static fn (Day $day): string => $day->iso(), $days);
    }
}
