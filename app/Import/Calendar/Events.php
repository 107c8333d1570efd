<?php

/*
 * The events of an iCalendar file, one after another: only one is in memory at a time, and what is cut off or broken ends where the next
 * begins.
 */

declare(strict_types=1);

namespace App\Import\Calendar;

final class Events
{
    /** What is said of an event; all else, descriptions and people among it, is left in the file. */
    private const WANTED = [
        'SUMMARY' => true, 'DTSTART' => true, 'DTEND' => true, 'DUE' => true, 'DURATION' => true, 'UID' => true, 'RRULE' => true,
        'EXDATE' => true, 'RDATE' => true, 'RECURRENCE-ID' => true, 'STATUS' => true, 'CATEGORIES' => true,
    ];

    /** Days before it on which an alarm rings, as an event says them of itself. */
    public const ALARM = 'ALARM TRIGGER';

    /** @return iterable<Event|int> an event, or the line on which one begins that is cut off or broken */
    public static function of(string $text): iterable
    {
        $event = null;
        $inside = '';
        foreach (ContentLines::of($text) as $number => $line) {
            $kind = strtoupper(substr($line, 0, 6));
            if ('BEGIN:' === $kind) {
                $name = strtoupper(trim(substr($line, 6)));
                if ('VEVENT' === $name || 'VTODO' === $name) {
                    if (null !== $event) {
                        yield $event->line;
                    }
                    [$event, $inside] = [new Event($number), ''];
                } elseif (null !== $event && '' === $inside) {
                    $inside = $name;
                }
                continue;
            }
            if (null === $event) {
                continue;
            }
            if (str_starts_with($kind, 'END:')) {
                $name = strtoupper(trim(substr($line, 4)));
                if ('VEVENT' === $name || 'VTODO' === $name) {
                    yield '' === $inside ? $event : $event->line;
                    $event = null;
                } elseif ('VCALENDAR' === $name) {
                    yield $event->line;
                    $event = null;
                } elseif ($name === $inside) {
                    $inside = '';
                }
                continue;
            }
            $said = Property::read($line);
            if (null === $said) {
                continue;
            }
            [$name, $value] = $said;
            if ('' === $inside ? isset(self::WANTED[$name]) || str_starts_with($name, 'X-AMPLE') : 'VALARM' === $inside && 'TRIGGER' === $name) {
                $event->saying('' === $inside ? $name : self::ALARM, $value);
            }
        }
        if (null !== $event) {
            yield $event->line;
        }
    }
}
