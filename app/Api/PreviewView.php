<?php

/* What taking dates in would do, as a screen shows it before anything is taken. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\Agenda;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\Incoming;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\Preview;
use AmpleMargin\Dates\RuleWords;
use AmpleMargin\Plan\DatesWriter;
use App\Import\ReadDates;

final class PreviewView
{
    /** @return array<string, mixed> */
    public static function of(Book $book, ReadDates $read, string $category): array
    {
        // Made once: names cost more than all they are asked.
        [$names, $rules] = [new Names('en'), new RuleWords()];
        $preview = Preview::of($book->dates->all->known, $read->found, $book->plan->period, $category);

        return [
            'rows' => array_map(static fn (Incoming $row): array => [
                'as' => $row->as->value,
                'taken' => $row->as->isTaken(),
                'where' => $row->where,
                'says' => $row->says,
                'when' => null === $row->entry ? null : self::when($row->entry, $names, $rules),
                'entry' => null === $row->entry ? null : DatesWriter::entry($row->entry),
            ], $preview->rows),
            'counts' => $preview->counts(),
            'ask' => $read->ask,
            'columns' => (object) $read->columns,
            'lines' => (object) self::lines($book, $preview),
        ];
    }

    /** "Fri 12 March 2027, every month" */
    private static function when(Entry $entry, Names $names, RuleWords $rules): string
    {
        $day = static fn (Day $day): string => "{$names->weekdayShort($day->weekday())} $day->day {$names->monthAndYear($day->month)}";
        $first = $entry->when->first;
        $last = $entry->when->last;
        $said = null === $first || null === $last
            ? $names->monthAndYear($entry->when->month)
            : $day($first).($last->number > $first->number ? ' to '.$day($last) : '');

        return $said.(null === $entry->repeat ? '' : ', '.$rules->of($entry->repeat));
    }

    /** @return array<string, int> month → lines that what is taken needs in the future log */
    private static function lines(Book $book, Preview $preview): array
    {
        $period = $book->plan->period;
        $agenda = Agenda::of(new KnownDates($preview->taken()), $period->start, $period->end);
        $lines = [];
        foreach ($period->months() as $month) {
            $lines[$month->iso()] = self::linesOf($book, $agenda, $month);
        }

        return array_filter($lines, static fn (int $count): bool => $count > 0);
    }

    private static function linesOf(Book $book, Agenda $agenda, Month $month): int
    {
        $lines = 0;
        foreach ($agenda->in($month) as $once) {
            $lines += $book->dates->linesOf($once);
        }

        return $lines;
    }
}
