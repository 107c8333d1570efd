<?php

/* What of the old book's known dates still lies ahead when the new one begins, taken into it once. */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\Agenda;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\KnownDates;

final class CarriedDates
{
    /** Months after the last that are looked at: what a next-year list takes. */
    private const BEYOND = 12;

    /** @return array{KnownDates, KnownDates} those of the new book, and what is left to carry: nothing but what has no room */
    public static function onto(KnownDates $new, KnownDates $old, Period $period): array
    {
        if ([] === $old->entries) {
            return [$new, new KnownDates()];
        }
        $open = [];
        foreach (Agenda::of($old, $period->start, $period->end->plus(self::BEYOND))->all() as $once) {
            if (KnownDates::DROPPED !== ($old->settled[$once->key()] ?? null)) {
                $open[$once->entry->id] = true;
            }
        }
        $ahead = array_filter($old->entries, static fn (Entry $entry): bool => isset($open[$entry->id])
            && null === $new->entry($entry->id)
            && [] === array_filter($new->entries, $entry->isLike(...)));
        $taken = \array_slice(array_values($ahead), 0, max(0, KnownDates::MOST - \count($new->entries)));
        $into = [] === $new->categories && [] === $new->entries ? $new->sorted($old->categories) : $new;

        return [$into->with(...array_map(static fn (Entry $entry): Entry => null === $into->category($entry->category)
            ? $entry->with(['category' => ''])
            : $entry, $taken)), new KnownDates()];
    }
}
