<?php

/*
 * The dates of a book as an iCalendar file (RFC 5545): every entry, duties with an alarm at their lead, and where each month
 * stands in the book. What only this program knows is said in properties of its own, so that reading it gives the same again.
 */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Making\Sittings;
use AmpleMargin\Book\Making\SittingWords;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\Frequency;
use AmpleMargin\Dates\LeapDay;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Plan\DatesWriter;
use App\Import\Quietly;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

final class DatesCalendar
{
    /** Before the ids of entries that came from no file. */
    public const OWN = 'ample-margin:';

    /** Of entries: their sort, their day where it is none a calendar knows, and 29 February in other years. */
    public const IS = 'X-AMPLE-MARGIN-IS';
    public const DAY = 'X-AMPLE-MARGIN-DAY';
    public const LEAP = 'X-AMPLE-MARGIN-LEAP';

    public static function of(Book $book): string
    {
        return Quietly::do(static function () use ($book): string {
            $calendar = new VCalendar(['PRODID' => '-//Ample Margin//EN']);
            foreach ($book->dates->all->known->entries as $entry) {
                self::add($calendar, $entry, $book);
            }
            self::ranges($calendar, $book);
            self::sittings($calendar, $book);

            return $calendar->serialize();
        });
    }

    private static function add(VCalendar $calendar, Entry $entry, Book $book): void
    {
        $first = $entry->when->first ?? Day::of($entry->when->month, 1);
        $event = self::event($calendar, $entry->uid ?? self::OWN.$entry->id, $entry->words);
        null === $entry->time
            ? $event->add('DTSTART', self::date($first), ['VALUE' => 'DATE'])
            : $event->add('DTSTART', self::date($first).'T'.self::clock($entry->time));
        $last = $entry->when->last ?? $first;
        if (null !== $entry->ends || (null !== $entry->time && $last->number > $first->number)) {
            $event->add('DTEND', self::date($last).'T'.self::clock($entry->ends ?? '23:59'));
        } elseif ($last->number > $first->number) {
            $event->add('DTEND', self::date($last->plus(1)), ['VALUE' => 'DATE']);
        }
        $rule = $entry->repeat ?? (EntryKind::Birthday === $entry->is ? Rule::every(Frequency::Yearly) : null);
        if (null !== $rule) {
            $event->add('RRULE', $entry->isOfLeapDay() ? self::leapRule($rule, $entry->leap) : $rule->written());
        }
        foreach (['EXDATE' => $entry->except, 'RDATE' => $entry->also] as $name => $days) {
            foreach ($days as $day) {
                null === $entry->time
                    ? $event->add($name, self::date($day), ['VALUE' => 'DATE'])
                    : $event->add($name, self::date($day).'T'.self::clock($entry->time));
            }
        }
        $category = $book->dates->all->known->category($entry->category);
        if (null !== $category) {
            $event->add('CATEGORIES', $category->name);
        }
        if ($entry->lead > 0) {
            $alarm = $calendar->createComponent('VALARM', [
                'ACTION' => 'DISPLAY',
                'DESCRIPTION' => $entry->words,
                'TRIGGER' => "-P{$entry->lead}D",
            ]);
            $event->add($alarm);
        }
        if (EntryKind::Date !== $entry->is || $entry->lead > 0) {
            $event->add(self::IS, $entry->is->value);
        }
        $written = DatesWriter::entry($entry)['day'] ?? '';
        if (\is_string($written) && (null === $entry->when->first || str_starts_with($written, '--'))) {
            $event->add(self::DAY, $written);
        }
        if (LeapDay::Before !== $entry->leap) {
            $event->add(self::LEAP, $entry->leap->value);
        }
    }

    /** A rule that names 29 February comes every fourth year: the last day of February comes in each, and so does the sixtieth of the year. */
    private static function leapRule(Rule $rule, LeapDay $leap): string
    {
        return $rule->written().(LeapDay::Before === $leap ? ';BYMONTH=2;BYMONTHDAY=-1' : ';BYYEARDAY=60');
    }

    /** Where each month stands, on its first day. */
    private static function ranges(VCalendar $calendar, Book $book): void
    {
        $names = new Names('en');
        foreach ($book->months as $block) {
            if ($block->pages > 0) {
                $event = self::event(
                    $calendar,
                    self::OWN.'pages-'.$block->month->iso(),
                    "{$names->monthAndYear($block->month)}: pages {$block->range()}",
                );
                $event->add('DTSTART', self::date(Day::of($block->month, 1)), ['VALUE' => 'DATE']);
                $event->add(self::IS, 'pages');
            }
        }
    }

    /** Evenings for drawing, with what is drawn in each. */
    public static function sittings(VCalendar $calendar, Book $book, ?Sittings $sittings = null): void
    {
        if ([] === $book->plan->whole->making->evenings) {
            return;
        }
        $sittings ??= Sittings::of($book);
        foreach ($sittings->evenings as $evening) {
            $words = SittingWords::of($sittings, $evening);
            if ([] !== $words) {
                $event = self::event(
                    $calendar,
                    self::OWN.'sitting-'.strtr($evening->key(), [':' => '']),
                    'Drawing the notebook: '.$book->plan->title,
                );
                $event->add('DTSTART', self::date($evening->day).'T'.self::clock($evening->from));
                $event->add('DURATION', "PT{$evening->minutes}M");
                $event->add('DESCRIPTION', implode("\n", $words));
                $event->add(self::IS, 'sitting');
            }
        }
    }

    /** The evenings alone. */
    public static function ofSittings(Book $book, Sittings $sittings): string
    {
        return Quietly::do(static function () use ($book, $sittings): string {
            $calendar = new VCalendar(['PRODID' => '-//Ample Margin//EN']);
            self::sittings($calendar, $book, $sittings);

            return $calendar->serialize();
        });
    }

    private static function event(VCalendar $calendar, string $uid, string $words): Component
    {
        // Stamped with the first moment there is: the same book gives the same file.
        $event = $calendar->createComponent('VEVENT', ['UID' => $uid, 'DTSTAMP' => '19700101T000000Z', 'SUMMARY' => $words], false);
        $calendar->add($event);

        return $event;
    }

    private static function date(Day $day): string
    {
        return str_replace('-', '', $day->iso());
    }

    private static function clock(string $time): string
    {
        return str_replace(':', '', $time).'00';
    }
}
