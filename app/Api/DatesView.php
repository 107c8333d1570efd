<?php

/* What is known about the year as the screens show it: the months with their load, one month's dates, duties, what is too late. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Dates\MonthLoad;
use AmpleMargin\Book\Dates\NextDue;
use AmpleMargin\Book\Dates\Transfer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\Category;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Dates\RuleWords;
use AmpleMargin\Plan\DatesWriter;
use AmpleMargin\Spread\Catalogue\TakesDates;

final class DatesView
{
    /** @return array<string, mixed> */
    public static function of(Book $book, Month $month): array
    {
        $dates = $book->dates;
        // Made once: names cost more than all they are asked.
        [$names, $rules] = [new Names('en'), new RuleWords()];
        $log = $dates->log;

        return [
            'count' => \count($dates->all->known->entries),
            'log' => null === $log ? null : [
                'spread' => $log->id,
                'title' => $book->catalogue()->title($log),
                'page' => $book->pageOf($log->id),
            ],
            'wide' => (string) $dates->wide($month),
            'months' => array_map(static fn (MonthLoad $load): array => [
                'month' => $load->month->iso(),
                'name' => $names->monthAndYear($load->month),
                'short' => $names->monthShort($load->month->month),
                'within' => $book->plan->period->contains($load->month),
                'dates' => $load->dates,
                'lines' => $load->lines,
                'room' => $load->room,
                'over' => $load->over,
            ], $dates->loads()),
            'month' => $month->iso(),
            'name' => $names->monthAndYear($month),
            'entries' => array_map(
                static fn (Occurrence $once): array => self::occurrence($book, $once, $names, $rules),
                $dates->all->agenda()->in($month),
            ),
            'duties' => self::duties($book, $rules),
            'elsewhere' => self::elsewhere($book, $rules),
            'categories' => array_map(static fn (Category $one): array => [
                'id' => $one->id,
                'name' => $one->name,
                'pen' => $dates->all->penOfCategory($one->id),
                'log' => $one->log,
            ], $dates->all->known->sorts()),
            'findings' => array_map(BookView::finding(...), $dates->findingsWithLayouts()),
        ];
    }

    /** @return array<string, mixed> */
    public static function transfer(Book $book, Transfer $transfer): array
    {
        [$names, $rules] = [new Names('en'), new RuleWords()];
        $one = static fn (Occurrence $once): array => self::occurrence($book, $once, $names, $rules);
        $page = null;
        foreach ($book->months as $block) {
            $page = $block->month->equals($transfer->month) ? $block->page : $page;
        }

        return [
            'month' => $transfer->month->iso(),
            'name' => $names->monthAndYear($transfer->month),
            'next' => $transfer->month->plus(1)->iso(),
            'page' => $page,
            'dates' => array_map($one, $transfer->dates),
            'prepare' => array_map($one, $transfer->prepare),
            'left' => array_map($one, $transfer->left),
        ];
    }

    /** @return array<string, mixed> one time that something is */
    private static function occurrence(Book $book, Occurrence $once, Names $names, RuleWords $rules): array
    {
        $dates = $book->dates;
        $entry = $once->entry;

        return [
            'key' => $once->key(),
            'date' => $entry->id,
            'month' => $once->month->iso(),
            'day' => $once->day?->iso(),
            'last' => $once->last?->iso(),
            'weekday' => null === $once->day ? null : $names->weekdayShort($once->day->weekday()),
            'due' => $once->due?->iso(),
            'written' => $dates->all->wording->inMonth($once),
            'lines' => $dates->linesOf($once),
            'goes' => array_map(self::place(...), $dates->all->places($once)),
            'settled' => $dates->all->known->settled[$once->key()] ?? null,
            'entry' => self::entry($entry, $rules),
        ];
    }

    /** @return array<string, mixed> as it is edited */
    private static function entry(Entry $entry, RuleWords $rules): array
    {
        return DatesWriter::entry($entry) + [
            'repeats' => null === $entry->repeat ? null : $rules->of($entry->repeat),
            'ends_on' => $entry->repeat?->until?->iso(),
            'leapday' => $entry->isOfLeapDay(),
        ];
    }

    /** @return list<array<string, mixed>> with their next day, by the day from which they must be thought of */
    private static function duties(Book $book, RuleWords $rules): array
    {
        return array_map(static fn (NextDue $duty): array => [
            'date' => $duty->entry->id,
            'words' => $duty->entry->words,
            'repeats' => null === $duty->entry->repeat ? 'once' : $rules->of($duty->entry->repeat),
            'lead' => $duty->entry->lead,
            'next' => $duty->due?->iso(),
            'seen' => $duty->seen()?->iso(),
            'entry' => self::entry($duty->entry, $rules),
        ], $book->dates->all->duties());
    }

    /** @return list<array<string, mixed>> entries that are in none of the months looked at */
    private static function elsewhere(Book $book, RuleWords $rules): array
    {
        $seen = [];
        foreach ($book->dates->all->agenda()->all() as $once) {
            $seen[$once->entry->id] = true;
        }
        $missing = array_filter($book->dates->all->known->entries, static fn (Entry $entry): bool => !isset($seen[$entry->id]));

        return array_map(static fn (Entry $entry): array => self::entry($entry, $rules), array_values($missing));
    }

    private static function place(TakesDates $takes): string
    {
        return match ($takes) {
            TakesDates::Months => 'future log',
            TakesDates::Birthdays => 'birthdays',
            TakesDates::Important => 'important dates',
            TakesDates::NextYear => 'dates of next year',
            TakesDates::Duties => 'duties',
            TakesDates::Classes => 'timetable',
            TakesDates::Marks => 'marked on the year',
            TakesDates::Days => 'on its day, in the pages of its month',
        };
    }
}
