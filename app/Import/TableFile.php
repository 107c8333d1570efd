<?php

/* A table of dates: which column is what is guessed from its heading and from what stands in it, and shown. */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\RuleRefused;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Dates\When;

final class TableFile
{
    private const SEPARATORS = [';', ',', "\t", '|'];

    /** How columns are headed, in small letters. */
    private const HEADINGS = [
        'day' => ['date', 'day', 'start date', 'start', 'from', 'datum', 'when', 'begin', 'due', 'beginn', 'birthday', 'bday'],
        'until' => ['end date', 'end', 'until', 'to', 'ende', 'bis'],
        'words' => ['what', 'words', 'subject', 'title', 'summary', 'event', 'name', 'description', 'betreff', 'was'],
        'time' => ['time', 'start time', 'zeit', 'uhrzeit'],
        'ends' => ['end time', 'ends', 'until time'],
        'category' => ['category', 'categories', 'type', 'kind', 'kategorie'],
        'is' => ['is'],
        'repeat' => ['repeat', 'repeats', 'rrule'],
        'lead' => ['lead'],
        'uid' => ['uid'],
    ];

    /** Rows looked at to guess by. */
    private const LOOKED_AT = 60;

    public function __construct(
        private readonly SaidDay $days,
        private readonly KnownDates $known,
        private readonly int $year,
        private readonly ?bool $monthFirst,
    ) {
    }

    /** Null where the text is no table. */
    public function read(string $text, string $name): ?ReadDates
    {
        [$rows, $columns] = $this->guess($text);
        if (!isset($columns['day'], $columns['words'])) {
            return null;
        }
        $heads = $rows[0];
        $headed = $this->isHeading($heads);
        $said = array_map(static fn (array $row): string => $row[$columns['day']] ?? '', $rows);
        $order = DayOrder::of(array_values($said));
        $days = ($this->monthFirst ?? $order->monthFirst()) ? $this->days->monthFirst(true) : $this->days;
        $found = [];
        foreach ($rows as $i => $row) {
            if (($headed && 0 === $i) || '' === trim(implode('', $row))) {
                continue;
            }
            $cells = array_map(static fn (int $column): string => trim($row[$column] ?? ''), $columns);
            $found[] = $this->row($cells, $days, 'line '.($i + 1));
            if (\count($found) > DateFiles::MOST) {
                break;
            }
        }

        return new ReadDates($found, null === $this->monthFirst ? $order->asks() : null, array_map(
            static fn (int $column): string => $headed ? trim($heads[$column] ?? '') : 'column '.($column + 1),
            $columns,
        ));
    }

    /** @param array<string, string> $cells */
    private function row(array $cells, SaidDay $days, string $where): Found
    {
        try {
            $when = $days->read($cells['day']);
            $until = $cells['until'] ?? '';
            if ('' !== $until && null !== $when->first) {
                $last = $days->read($until)->first;
                $when = null === $last ? $when : When::between($when->first, $last);
            }
            if ('' === $cells['words']) {
                throw DayRefused::empty($cells['day']);
            }
            $rule = '' === ($cells['repeat'] ?? '') ? null : Rule::read($cells['repeat']);
        } catch (DayRefused|RuleRefused $refused) {
            return Found::skipped($where, $refused->getMessage());
        }
        $is = EntryKind::tryFrom($cells['is'] ?? '') ?? EntryKind::Date;
        $time = Times::clock($cells['time'] ?? '');
        $uid = $cells['uid'] ?? '';

        return Found::entry(new Entry(
            '',
            mb_substr((string) preg_replace('/\s+/u', ' ', $cells['words']), 0, Entry::LONGEST),
            $when,
            $is,
            Categories::named($this->known, $cells['category'] ?? ''),
            $time,
            null === $time ? null : Times::clock($cells['ends'] ?? ''),
            $rule,
            lead: min(Entry::MOST_LEAD, max(0, (int) ($cells['lead'] ?? 0))),
            born: EntryKind::Birthday === $is && $when->month->year < $this->year ? $when->month->year : null,
            uid: '' === $uid ? null : mb_substr($uid, 0, 300),
        ), $where);
    }

    /**
     * The rows and what their columns are, by the separator that gives both a day and words.
     *
     * @return array{non-empty-list<list<string>>, array<string, int>}
     */
    private function guess(string $text): array
    {
        $best = [[['']], []];
        foreach (self::SEPARATORS as $separator) {
            if (!str_contains($text, $separator)) {
                continue;
            }
            $rows = TextRows::of($text, $separator);
            $columns = $this->columns($rows);
            if (isset($columns['day'], $columns['words']) && \count($columns) > \count($best[1])) {
                $best = [$rows, $columns];
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<list<string>> $rows
     *
     * @return array<string, int>
     */
    private function columns(array $rows): array
    {
        $columns = [];
        if ($this->isHeading($rows[0])) {
            foreach (self::HEADINGS as $what => $names) {
                foreach ($names as $name) {
                    $at = array_search($name, array_map(static fn (string $head): string => mb_strtolower(trim($head)), $rows[0]), true);
                    if (false !== $at && !\in_array($at, $columns, true)) {
                        $columns[$what] ??= $at;
                    }
                }
            }
        }
        $columns['day'] ??= $this->where($rows, $columns, $this->isDay(...)) ?? -1;
        if ($columns['day'] < 0) {
            return [];
        }
        $isWords = fn (string $cell): bool => 1 === preg_match('/\p{L}{2}/u', $cell) && !$this->isDay($cell);
        $columns['words'] ??= $this->where($rows, $columns, $isWords) ?? -1;

        return array_filter($columns, static fn (int $column): bool => $column >= 0);
    }

    /**
     * The first column not taken whose cells are mostly so.
     *
     * @param non-empty-list<list<string>> $rows
     * @param array<string, int>           $taken
     * @param \Closure(string): bool       $is
     */
    private function where(array $rows, array $taken, \Closure $is): ?int
    {
        $some = \array_slice($rows, 0, self::LOOKED_AT);
        foreach (array_keys($rows[(int) (\count($some) > 1)]) as $column) {
            $cells = array_filter(
                array_map(static fn (array $row): string => trim($row[$column] ?? ''), $some),
                static fn (string $cell): bool => '' !== $cell,
            );
            $yes = \count(array_filter($cells, $is));
            if (!\in_array($column, $taken, true) && $yes > 0 && 2 * $yes >= \count($cells)) {
                return $column;
            }
        }

        return null;
    }

    private function isDay(string $cell): bool
    {
        try {
            $this->days->read($cell);

            return 1 === preg_match('/\d/', $cell);
        } catch (DayRefused) {
            return 1 === preg_match('~^\d{1,2}[/-]\d{1,2}([/-]\d{2,4})?$~', $cell);
        }
    }

    /** @param list<string> $row */
    private function isHeading(array $row): bool
    {
        $known = array_merge(...array_values(self::HEADINGS));

        return [] !== array_filter($row, static fn (string $cell): bool => \in_array(mb_strtolower(trim($cell)), $known, true));
    }
}
