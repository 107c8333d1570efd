<?php

/* The events of an iCalendar file: all at once where it can be read whole, one by one where something in it is broken. */

declare(strict_types=1);

namespace App\Import;

use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

final class CalendarEvents
{
    private const OPTIONS = Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES;

    /** @return iterable<Component|null> null for one that is cut off or broken */
    public static function of(string $text): iterable
    {
        $whole = self::read($text);
        $said = preg_match_all('/^BEGIN:V(EVENT|TODO)/mi', $text);
        $events = null === $whole ? [] : self::in($whole);
        if (\count($events) === $said) {
            yield from $events;

            return;
        }
        preg_match_all('/^BEGIN:VTIMEZONE.*?^END:VTIMEZONE/msi', $text, $zones);
        // An event that does not end is cut off where the next begins.
        preg_match_all('/^BEGIN:V(?:EVENT|TODO)(?:(?!^BEGIN:V(?:EVENT|TODO)).)*/msi', $text, $each);
        foreach ($each[0] as $event) {
            yield self::alone($event, implode("\n", $zones[0]));
        }
    }

    private static function alone(string $event, string $zones): ?Component
    {
        if (1 !== preg_match('/^BEGIN:(V(?:EVENT|TODO)).*^END:\1/msi', $event, $whole)) {
            return null;
        }
        $calendar = self::read("BEGIN:VCALENDAR\nVERSION:2.0\n$zones\n$whole[0]\nEND:VCALENDAR\n");

        return null === $calendar ? null : self::in($calendar)[0] ?? null;
    }

    private static function read(string $text): ?VCalendar
    {
        try {
            $read = Quietly::do(static fn (): mixed => Reader::read($text, self::OPTIONS));
        } catch (\Exception) {
            // The library throws many kinds for what it cannot read.
            return null;
        }

        return $read instanceof VCalendar ? $read : null;
    }

    /** @return list<Component> */
    private static function in(VCalendar $calendar): array
    {
        $all = [...$calendar->select('VEVENT'), ...$calendar->select('VTODO')];

        return array_values(array_filter($all, static fn (mixed $one): bool => $one instanceof Component));
    }
}
