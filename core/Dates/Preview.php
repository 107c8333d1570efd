<?php

/* What taking something in would do, before it is done: what is new, changed, there already, or outside the book; and why. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;

final class Preview
{
    /** Words on the same day that are alike to this share, in hundredths, are the same thing. From memory. */
    private const ALIKE = 80;

    /** Months after the book that are kept for the next one. */
    private const AFTER = 12;

    /** @param list<Incoming> $rows in the order they came */
    private function __construct(public readonly array $rows)
    {
    }

    /**
     * @param list<Found> $found
     * @param string      $category of those that have none
     */
    public static function of(KnownDates $known, array $found, Period $period, string $category = ''): self
    {
        $first = Day::of($period->start, 1);
        $last = Day::lastOf($period->end->plus(self::AFTER));
        $byUid = [];
        $byDay = [];
        foreach ($known->entries as $entry) {
            if (null !== $entry->uid) {
                $byUid[$entry->uid] = $entry;
            }
            $byDay[self::dayOf($entry)][] = $entry;
        }
        $ids = new NewIds($known);
        $rows = [];
        foreach ($found as $one) {
            $entry = $one->entry;
            if (null === $entry) {
                $rows[] = new Incoming(null, Arrival::Skipped, $one->where, $one->says);
                continue;
            }
            $entry = '' === $entry->category ? $entry->with(['category' => $category]) : $entry;
            // One of this book's own comes with its id.
            $old = null === $entry->uid ? $known->entry($entry->id) : $byUid[$entry->uid] ?? null;
            [$as, $says] = self::judge($entry, $old, $byDay[self::dayOf($entry)] ?? [], $first, $last, $period);
            $entry = $entry->with(['id' => null === $old ? $ids->of('' === $entry->id ? $entry->words : $entry->id) : $old->id]);
            $rows[] = new Incoming($entry, $as, $one->where, trim("$one->says $says"));
            if ($as->isTaken()) {
                $byDay[self::dayOf($entry)][] = $entry;
                $byUid += null === $entry->uid ? [] : [$entry->uid => $entry];
            }
        }

        return new self($rows);
    }

    /** @return list<Entry> that are taken unless somebody says otherwise */
    public function taken(): array
    {
        $taken = [];
        foreach ($this->rows as $row) {
            if (null !== $row->entry && $row->as->isTaken()) {
                // The last word counts where one file says a thing twice.
                $taken[$row->entry->id] = $row->entry;
            }
        }

        return array_values($taken);
    }

    /** @return array<string, int> how many become what; all of them */
    public function counts(): array
    {
        $counts = array_fill_keys(array_column(Arrival::cases(), 'value'), 0);
        foreach ($this->rows as $row) {
            ++$counts[$row->as->value];
        }

        return $counts;
    }

    /**
     * @param list<Entry> $sameDay
     *
     * @return array{Arrival, string}
     */
    private static function judge(Entry $entry, ?Entry $old, array $sameDay, Day $first, Day $last, Period $period): array
    {
        if (null !== $old) {
            // Its category may have been put right by hand since.
            return self::said($entry, $old)->isLike(self::said($old, $old))
                ? [Arrival::Same, 'It is there already.']
                : [Arrival::Changed, "Before: “{$old->words}”, {$old->when->written()}."];
        }
        foreach ($sameDay as $other) {
            if (self::isAlike($entry, $other)) {
                return [Arrival::Double, "“{$other->words}” is there on that day already."];
            }
        }

        return self::place($entry, $first, $last, $period);
    }

    /** What a file says of an entry: all but its id and what only the person says. */
    private static function said(Entry $entry, Entry $old): Entry
    {
        return $entry->with(['id' => '', 'category' => $old->category, 'leap' => $old->leap]);
    }

    /** @return array{Arrival, string} */
    private static function place(Entry $entry, Day $first, Day $last, Period $period): array
    {
        $month = $entry->when->month;
        $begins = null === $entry->when->first ? [] : $entry->begins($first->plus(1 - max(1, $entry->when->days())), $last);
        $within = null === $entry->when->first
            ? $month->index() >= $period->start->index() && $month->index() <= $last->month->index()
            : [] !== $begins;
        if (!$within) {
            return [Arrival::Outside, $month->index() < $period->start->index()
                ? 'It was before this book begins.'
                : 'It is more than a year after this book.'];
        }
        $at = $begins[0]->month ?? $month;

        return [Arrival::New, $at->index() > $period->end->index() ? 'After this book: kept for the next one ('.self::name($at).').' : ''];
    }

    private static function name(Month $month): string
    {
        return (new Names('en'))->monthAndYear($month);
    }

    private static function isAlike(Entry $one, Entry $other): bool
    {
        [$a, $b] = [self::plain($one->words), self::plain($other->words)];
        if ($a === $b) {
            return true;
        }
        // "Choir 1" is not "Choir 2".
        if (preg_replace('/\D+/', ' ', $a) !== preg_replace('/\D+/', ' ', $b)) {
            return false;
        }
        similar_text($a, $b, $share);

        return $share >= self::ALIKE;
    }

    private static function plain(string $words): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($words)));
    }

    /** On which day of the year, whatever comes again then. */
    private static function dayOf(Entry $entry): string
    {
        return EntryKind::Birthday === $entry->is ? substr($entry->when->written(), 4) : $entry->when->written();
    }
}
