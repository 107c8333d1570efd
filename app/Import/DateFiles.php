<?php

/* Files of dates, by what is in them and not by their names: calendars, cards, tables, or lines. */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\SaidDay;

final class DateFiles
{
    /** Entries read from one file. A calendar of ten years has some thousands; from memory. */
    public const MOST = 10_000;

    /** Bytes of a file. */
    public const LARGEST = 3_500_000;

    /**
     * @param SaidDay           $days  as the book understands them
     * @param KnownDates        $known whose categories the files may name
     * @param \DateTimeZone     $zone  where the person lives: a time elsewhere is put into it
     * @param int               $year  the first of the book
     * @param bool|null         $monthFirst whether 3/4 is 4 March; null where nobody was asked
     */
    public function __construct(
        private readonly SaidDay $days,
        private readonly KnownDates $known,
        private readonly \DateTimeZone $zone,
        private readonly int $year,
        private readonly ?bool $monthFirst = null,
    ) {
    }

    public function read(string $name, string $bytes): ReadDates
    {
        if (\strlen($bytes) > self::LARGEST) {
            return self::skipped($name, 'This file has '.ceil(\strlen($bytes) / 100_000) / 10 .' MB; a file of dates has 3.5 MB at most.');
        }
        $text = Encoding::text($bytes);
        if (null === $text) {
            return self::skipped($name, 'This is no file of dates: a calendar (.ics), cards (.vcf), a table (.csv) or lines of text.');
        }
        if ('' === trim($text)) {
            return self::skipped($name, 'This file is empty.');
        }
        $read = match (true) {
            1 === preg_match('/^\s*BEGIN:VCALENDAR/mi', $text) => new ReadDates(
                (new CalendarFile($this->zone, $this->known, $this->year))->read($text, $name),
            ),
            1 === preg_match('/^\s*BEGIN:VCARD/mi', $text) => new ReadDates((new CardFile())->read($text, $name)),
            default => OwnTable::read($text)
                ?? (new TableFile($this->days, $this->known, $this->year, $this->monthFirst))->read($text, $name)
                ?? (new LinesOfDates($this->days, $this->year, $this->monthFirst))->read($text),
        };

        // One more where a file says itself from which line on it was not read.
        return \count($read->found) <= self::MOST + 1 ? $read : new ReadDates([
            ...\array_slice($read->found, 0, self::MOST),
            Found::skipped($name, self::tooMany()),
        ], $read->ask, $read->columns);
    }

    public static function tooMany(): string
    {
        return 'There are more than '.number_format(self::MOST).' entries; the others, from here on, were not read.';
    }

    private static function skipped(string $name, string $why): ReadDates
    {
        return new ReadDates([Found::skipped($name, $why)]);
    }
}
