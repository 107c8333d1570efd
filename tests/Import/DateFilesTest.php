<?php

/* Files of dates: what is in them and not what they are called; broken ones spoil nothing; read twice they give the same. */

declare(strict_types=1);

namespace Tests\Import;

use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\Agenda;
use AmpleMargin\Dates\Category;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\LeapDay;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Dates\Preview;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Dates\When;
use App\Export\DatesCalendar;
use App\Export\DatesTable;
use App\Import\DateFiles;
use App\Import\ReadDates;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Books;

final class DateFilesTest extends TestCase
{
    /** The event around these lines; where they live is Berlin. */
    private const ZONE = "BEGIN:VTIMEZONE\nTZID:America/New_York\nBEGIN:STANDARD\nDTSTART:20261101T020000\nTZOFFSETFROM:-0400\nTZOFFSETTO:-0500\n"
        ."RRULE:FREQ=YEARLY;BYMONTH=11;BYDAY=1SU\nEND:STANDARD\nBEGIN:DAYLIGHT\nDTSTART:20260308T020000\nTZOFFSETFROM:-0500\nTZOFFSETTO:-0400\n"
        ."RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=2SU\nEND:DAYLIGHT\nEND:VTIMEZONE\n";

    /** @return iterable<string, array{string, string}> event lines, and what is read: day, words, time, ends */
    public static function events(): iterable
    {
        yield 'a whole day' => ['DTSTART;VALUE=DATE:20270312', '2027-03-12'];
        yield 'a whole day that says its end, which is the day after' => ["DTSTART;VALUE=DATE:20270312\nDTEND;VALUE=DATE:20270313", '2027-03-12'];
        yield 'three days' => ["DTSTART;VALUE=DATE:20270312\nDTEND;VALUE=DATE:20270315", '2027-03-12/2027-03-14'];
        yield 'forty days' => ["DTSTART;VALUE=DATE:20270312\nDURATION:P40D", '2027-03-12/2027-04-20'];
        yield 'two weeks' => ["DTSTART;VALUE=DATE:20270312\nDURATION:P2W", '2027-03-12/2027-03-25'];
        yield 'a time that belongs to no zone' => ["DTSTART:20270312T103000\nDTEND:20270312T113000", '2027-03-12 10:30–11:30'];
        yield 'a time of the world' => ["DTSTART:20270312T103000Z\nDTEND:20270312T113000Z", '2027-03-12 11:30–12:30'];
        yield 'the same in summer' => ["DTSTART:20270712T103000Z\nDTEND:20270712T113000Z", '2027-07-12 12:30–13:30'];
        yield 'the last minute before the clocks go on' => ['DTSTART:20270328T005959Z', '2027-03-28 01:59'];
        yield 'the first minute after' => ['DTSTART:20270328T010000Z', '2027-03-28 03:00'];
        yield 'the hour that comes twice in autumn' => ["DTSTART:20271031T003000Z\nDTEND:20271031T013000Z", '2027-10-31 02:30–02:30'];
        yield 'a time elsewhere' => ['DTSTART;TZID=America/New_York:20270312T103000', '2027-03-12 16:30'];
        yield 'between the two changes of the clocks five hours lie' => ['DTSTART;TZID=America/New_York:20270320T103000', '2027-03-20 15:30'];
        yield 'an evening elsewhere is the next day here' => ['DTSTART;TZID=America/New_York:20270312T220000', '2027-03-13 04:00'];
        yield 'a zone named as an office program does' => ['DTSTART;TZID=W. Europe Standard Time:20270312T103000', '2027-03-12 10:30'];
        yield 'a night over midnight' => ["DTSTART:20270312T220000\nDTEND:20270313T020000", '2027-03-12/2027-03-13 22:00'];
        yield 'up to midnight' => ["DTSTART:20270312T220000\nDTEND:20270313T000000", '2027-03-12 22:00–00:00'];
        yield 'a length in hours' => ["DTSTART:20270312T220000\nDURATION:PT3H", '2027-03-12/2027-03-13 22:00'];
    }

    #[DataProvider('events')]
    public function testAnEventIsOnItsDayHere(string $lines, string $expected): void
    {
        [$found] = self::calendar("$lines\nSUMMARY:Boat")->found;
        self::assertSame('', $found->says);
        $entry = $found->entry ?? throw new \LogicException();
        self::assertSame($expected, $entry->when->written().(null === $entry->time ? '' : " $entry->time").(null === $entry->ends ? '' : "–$entry->ends"));
    }

    /**
     * Weekly at ten in the evening in New York: four in the morning here, on the day after, and five while only one of the two has summer
     * time.
     */
    public function testARepeatElsewhereIsOnItsDaysHere(): void
    {
        $read = self::calendar("UID:1\nDTSTART;TZID=America/New_York:20270405T220000\nRRULE:FREQ=WEEKLY;BYDAY=MO;COUNT=4\nSUMMARY:Late");
        self::assertSame(['2027-04-06', '2027-04-13', '2027-04-20', '2027-04-27'], self::days($read));
        $here = self::calendar("UID:1\nDTSTART;TZID=America/New_York:20270405T120000\nRRULE:FREQ=WEEKLY;BYDAY=MO;COUNT=4\nSUMMARY:Noon");
        self::assertSame(['2027-04-05', '2027-04-12', '2027-04-19', '2027-04-26'], self::days($here));
    }

    /** A zone that only the file knows, and one nobody knows. */
    public function testAZoneOfTheFilesOwnIsReadByItsRules(): void
    {
        $own = str_replace('America/New_York', 'Office time', self::ZONE);
        $event = "BEGIN:VEVENT\nUID:1\nDTSTART;TZID=%s:2027%s\nSUMMARY:Boat\nEND:VEVENT\n";
        $said = static function (string $name, string $at) use ($own, $event): string {
            [$found] = self::read("BEGIN:VCALENDAR\nVERSION:2.0\n".\sprintf($event, $name, $at)."{$own}END:VCALENDAR\n")->found;

            return "{$found->entry?->when->written()} {$found->entry?->time} $found->says";
        };
        // As the zone of the same rules says it, on both sides of each change of the clocks.
        foreach (['0312T103000', '0314T013000', '0314T033000', '0320T103000', '1030T220000', '1107T003000', '1107T030000'] as $at) {
            self::assertSame($said('America/New_York', $at), $said('Office time', $at), $at);
        }
        self::assertSame('2027-03-12 10:30 “Attic time” is no zone that is known: its time is taken as one of yours.', $said('Attic time', '0312T103000'));
        self::assertStringContainsString('is no zone that is known', $said("Europe/Berlin\x01", '0312T103000'));
    }

    /**
     * Half past six in the evening in New York is half past midnight here, and half past eleven of the day before while only one of the
     * two has summer time: each of a year's days, and those that are left out, as PHP's own time zones say.
     *
     * @return iterable<string, array{string, string}> zone, time
     */
    public static function elsewhere(): iterable
    {
        yield 'New York, an evening' => ['America/New_York', '183000'];
        yield 'New York, at night' => ['America/New_York', '220000'];
        yield 'Kolkata, before dawn' => ['Asia/Kolkata', '040000'];
        yield 'Sydney, a morning' => ['Australia/Sydney', '090000'];
        yield 'Auckland, a morning' => ['Pacific/Auckland', '113000'];
        yield 'here' => ['Europe/Berlin', '233000'];
    }

    #[DataProvider('elsewhere')]
    public function testARepeatElsewhereIsRightOnBothSidesOfEachChangeOfTheClocks(string $zone, string $time): void
    {
        $first = new \DateTimeImmutable("2027-01-05 $time", new \DateTimeZone($zone));
        $expected = [];
        $left = [10 => true, 13 => true, 40 => true];
        for ($week = 0; $week < 52; ++$week) {
            $here = $first->modify("+$week weeks")->setTimezone(new \DateTimeZone('Europe/Berlin'))->format('Y-m-d');
            if (!isset($left[$week]) && str_starts_with($here, '2027')) {
                $expected[] = $here;
            }
        }
        $except = implode(',', array_map(static fn (int $week): string => $first->modify("+$week weeks")->format('Ymd\THis'), array_keys($left)));
        $read = self::calendar("UID:1\nDTSTART;TZID=$zone:20270105T$time\nRRULE:FREQ=WEEKLY\nEXDATE;TZID=$zone:$except\nSUMMARY:Call");
        self::assertSame($expected, self::days($read));
    }

    /** Read event by event: what a file is made of never decides whether it is answered. How long it takes is printed by bin/bench. */
    public function testAFileOfManyEventsOrManyDaysIsReadOrRefusedWithItsLine(): void
    {
        $event = "BEGIN:VEVENT\nUID:1\nDTSTART;VALUE=DATE:20270312\nSUMMARY:x\nEND:VEVENT\n";
        $many = self::read("BEGIN:VCALENDAR\n".str_repeat($event, 20_000)."BEGIN:VEVENT\nUID:9")->found;
        self::assertCount(DateFiles::MOST + 1, $many);
        self::assertSame(['a file, line 50002', 'There are more than 10,000 entries; the others, from here on, were not read.'], [$many[DateFiles::MOST]->where, $many[DateFiles::MOST]->says]);
        $cut = self::read("BEGIN:VCALENDAR\n".str_repeat($event, 9_000)."BEGIN:VEVENT\nUID:9")->found;
        self::assertSame([9_001, 'a file, line 45002'], [\count($cut), $cut[9_000]->where]);
        $endless = self::read("BEGIN:VCALENDAR\n".str_repeat("BEGIN:VEVENT\n", 240_000))->found;
        self::assertSame('239980 events more are cut off or broken.', $endless[\count($endless) - 1]->says);
        [$except] = self::read("BEGIN:VCALENDAR\nBEGIN:VEVENT\nUID:1\nDTSTART;VALUE=DATE:20270101\nRRULE:FREQ=DAILY\n".str_repeat("EXDATE;VALUE=DATE:20270312\n", 100_000)."SUMMARY:x\nEND:VEVENT\nEND:VCALENDAR\n")->found;
        self::assertStringContainsString('It names more days than are kept', $except->says);
        self::assertNotNull($except->entry);
    }

    public function testExceptionsAreLeftOutAndWhatWasMovedStandsWhereItIs(): void
    {
        $read = self::read("BEGIN:VCALENDAR\nVERSION:2.0\nBEGIN:VEVENT\nUID:3\nDTSTART:20270301T190000\nRRULE:FREQ=WEEKLY;UNTIL=20270405T160000Z\n"
            ."EXDATE:20270308T190000\nRDATE:20270310T190000\nSUMMARY:Choir\nEND:VEVENT\n"
            ."BEGIN:VEVENT\nUID:3\nRECURRENCE-ID:20270315T190000\nDTSTART:20270316T200000\nSUMMARY:Choir elsewhere\nEND:VEVENT\n"
            ."BEGIN:VEVENT\nUID:3\nRECURRENCE-ID:20270322T190000\nDTSTART:20270322T190000\nSTATUS:CANCELLED\nSUMMARY:Choir\nEND:VEVENT\nEND:VCALENDAR\n");
        // Up to 18:00 here on 5 April: the one at 19:00 is too late.
        self::assertSame(['2027-03-01', '2027-03-10', '2027-03-16', '2027-03-29'], self::days($read));
    }

    public function testAnAlarmDaysBeforeIsALead(): void
    {
        $lead = static fn (string $trigger): ?int => self::calendar("DTSTART;VALUE=DATE:20270401\nSUMMARY:Fee\nBEGIN:VALARM\nACTION:DISPLAY\nTRIGGER:$trigger\nEND:VALARM")->found[0]->entry?->lead;
        self::assertSame([14, 14, 2, 0, 0, 366], array_map($lead, ['-P14D', '-P2W', '-P2DT3H', '-PT15M', 'P1D', '-P999D']));
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'a day its month does not have' => ["DTSTART;VALUE=DATE:20270231\nSUMMARY:Boat", 'February 2027 has 28 days, not 31.'];
        yield 'no day' => ['SUMMARY:Boat', 'It has no day.'];
        yield 'no words' => ['DTSTART;VALUE=DATE:20270312', 'It has no words.'];
        yield 'every second' => ["DTSTART:20270312T100000\nRRULE:FREQ=SECONDLY\nSUMMARY:Boat", 'every second'];
        yield 'an end before its start' => ["DTSTART;VALUE=DATE:20270312\nDTEND;VALUE=DATE:20270310\nSUMMARY:Boat", 'It ends before it begins.'];
        yield 'longer than a year' => ["DTSTART;VALUE=DATE:20270312\nDTEND;VALUE=DATE:20290312\nSUMMARY:Boat", 'more than 366 days'];
        yield 'cancelled' => ["DTSTART;VALUE=DATE:20270312\nSTATUS:CANCELLED\nSUMMARY:Boat", 'It was cancelled.'];
        yield 'no day at all' => ["DTSTART:tomorrow\nSUMMARY:Boat", ''];
        yield 'a zone nobody knows' => ["DTSTART;TZID=Atlantis/Harbour:20270312T100000\nRRULE:FREQ=OFTEN\nSUMMARY:Boat", 'FREQ=OFTEN'];
    }

    /** One broken event spoils no other, before it or after. */
    #[DataProvider('broken')]
    public function testABrokenEventIsSkippedAndSaidSoAndTheOthersAreRead(string $lines, string $says): void
    {
        $good = "BEGIN:VEVENT\nUID:%d\nDTSTART;VALUE=DATE:202706%02d\nSUMMARY:Good\nEND:VEVENT\n";
        $read = self::read("BEGIN:VCALENDAR\nVERSION:2.0\n".\sprintf($good, 1, 1)."BEGIN:VEVENT\nUID:9\n$lines\nEND:VEVENT\n".\sprintf($good, 2, 2)."END:VCALENDAR\n");
        self::assertSame(['2027-06-01', '2027-06-02'], self::days($read));
        $skipped = array_values(array_filter($read->found, static fn (Found $one): bool => null === $one->entry));
        self::assertCount(1, $skipped);
        self::assertStringContainsString($says, $skipped[0]->says);
        self::assertMatchesRegularExpression('/\S.*\.$/', $skipped[0]->says);
    }

    /** @return iterable<string, array{string, string|null}> the value of BDAY, and the birthday read */
    public static function birthdays(): iterable
    {
        // The examples of RFC 6350, 6.2.5 and 4.3.1 that name a day.
        yield 'RFC 6350: the whole date' => ['BDAY:19960415', '1996-04-15'];
        yield 'RFC 6350: no year' => ['BDAY:--0415', '--04-15'];
        yield 'RFC 6350: a date and a time' => ['BDAY:19531015T231000Z', '1953-10-15'];
        yield 'RFC 6350: text' => ['BDAY;VALUE=text:circa 1800', null];
        yield 'RFC 6350: a year and a month' => ['BDAY:1985-04', null];
        yield 'RFC 6350: a day alone' => ['BDAY:---12', null];
        yield 'version 3' => ['BDAY:1996-04-15', '1996-04-15'];
        yield 'version 3, no year' => ['BDAY:--04-15', '--04-15'];
        yield 'a leap day' => ['BDAY:--0229', '--02-29'];
        yield 'a leap day in a year without' => ['BDAY:19970229', null];
        yield 'a year that says it is none' => ['BDAY;X-SOME-OMIT-YEAR=1604:1604-04-15', '--04-15'];
    }

    #[DataProvider('birthdays')]
    public function testTheBirthdayOfACard(string $line, ?string $day): void
    {
        foreach (['3.0', '4.0'] as $version) {
            [$found] = self::read("BEGIN:VCARD\nVERSION:$version\nFN:Jory Penrose\n$line\nEND:VCARD\n")->found;
            $entry = $found->entry;
            self::assertSame($day, null === $entry ? null : (null === $entry->born ? '-'.substr($entry->when->written(), 4) : $entry->when->written()), $version);
        }
    }

    public function testATableIsGuessedFromAllItsRowsTogether(): void
    {
        $read = self::read("Date;What;Time;Category\n03/04/2027;Dentist;10:30;Appointments\n15/04/2027;Boat yard;;Events\n31/04/2027;Nothing;;\n");
        self::assertSame(['2027-04-03', '2027-04-15'], self::days($read));
        self::assertNull($read->ask);
        self::assertSame(['day' => 'Date', 'words' => 'What', 'time' => 'Time', 'category' => 'Category'], $read->columns);
        self::assertSame(['10:30', 'appointments'], [$read->found[0]->entry?->time, $read->found[0]->entry?->category]);
        self::assertSame('April 2027 has 30 days, not 31.', $read->found[2]->says);

        $american = self::read("subject,start date\nDentist,03/04/2027\nBoat yard,03/15/2027\n");
        self::assertSame(['2027-03-04', '2027-03-15'], self::days($american));

        $open = self::read("subject,start date\nDentist,03/04/2027\nBoat yard,05/06/2027\n");
        self::assertSame('03/04/2027', $open->ask);
        self::assertSame(['2027-04-03', '2027-06-05'], self::days($open));
        self::assertSame(['2027-03-04', '2027-05-06'], self::days(self::read("subject,start date\nDentist,03/04/2027\nBoat yard,05/06/2027\n", true)));

        $bare = self::read("Dentist\t12.3.2027\nBoat yard\t15.4.2027\n");
        self::assertSame(['2027-03-12', '2027-04-15'], self::days($bare));
        $quoted = self::read("\"Date\",\"Title\"\n2027-03-12,\"Dentist, and \"\"more\"\"\"\n");
        self::assertSame('Dentist, and "more"', $quoted->found[0]->entry?->words);
    }

    /** @return iterable<string, array{string, string}> a line, and what it says */
    public static function repeats(): iterable
    {
        yield 'every so many days' => ['from 5 January every 14 days waste', '2027-01-05 waste FREQ=WEEKLY;INTERVAL=2'];
        yield 'every week' => ['5 January choir 19:00 every week', '2027-01-05 choir FREQ=WEEKLY'];
        yield 'every second month' => ['every second month from 3 February filter', '2027-02-03 filter FREQ=MONTHLY;INTERVAL=2'];
        yield 'in one word' => ['3 May inspection yearly', '2027-05-03 inspection FREQ=YEARLY'];
        yield 'a weekday' => ['every Tuesday choir 19:30', '2027-01-05 choir FREQ=WEEKLY'];
        yield 'weekdays' => ['Sundays roast', '2027-01-03 roast FREQ=WEEKLY'];
        yield 'a weekday from a day on' => ['every second Thursday from 2 March waste', '2027-03-04 waste FREQ=WEEKLY;INTERVAL=2'];
        yield 'ten days' => ['1 March water, every 10 days', '2027-03-01 water FREQ=DAILY;INTERVAL=10'];
    }

    #[DataProvider('repeats')]
    public function testALineThatSaysHowOftenComesAgain(string $line, string $expected): void
    {
        $found = self::read($line)->found[0];
        $entry = $found->entry ?? self::fail($found->says);
        self::assertSame($expected, "{$entry->when->written()} $entry->words {$entry->repeat?->written()}");
        self::assertStringContainsString('from which day on', self::read('May every week choir')->found[0]->says);
    }

    /** What is of 29 February comes in years without it in other programs too, and is the same when it is read again. */
    public function testALeapDayIsExportedToADayOfEveryYear(): void
    {
        foreach ([[LeapDay::Before, ['2026-02-28', '2027-02-28', '2028-02-29']], [LeapDay::After, ['2026-03-01', '2027-03-01', '2028-02-29']]] as [$leap, $days]) {
            $known = new KnownDates([
                new Entry('ada', 'Ada', When::read('1996-02-29'), EntryKind::Birthday, born: 1996, leap: $leap),
                new Entry('day', 'Leap feast', When::read('2024-02-29'), EntryKind::Date, repeat: Rule::read('FREQ=YEARLY'), leap: $leap),
            ]);
            $file = DatesCalendar::of(Composer::compose(Books::starter()->with(['dates' => $known])));
            foreach (\array_slice(explode('BEGIN:VEVENT', $file), 1) as $event) {
                if (1 !== preg_match('/DTSTART;VALUE=DATE:(\d{8}).*?RRULE:([^\r\n]+)/s', $event, $of) || !str_contains($event, 'FREQ=YEARLY')) {
                    continue;
                }
                // As another library expands it: rrule, from the npm registry.
                $script = "const { rrulestr } = require('rrule');"
                    ."const rule = rrulestr('DTSTART:$of[1]T000000Z\\nRRULE:$of[2]');"
                    ."console.log(rule.between(new Date('2026-01-01'), new Date('2028-12-31')).map((one) => one.toISOString().slice(0, 10)).join(' '));";
                $expanded = (new Process(['node', '-e', $script], \dirname(__DIR__, 2)))->mustRun()->getOutput();
                self::assertSame(implode(' ', $days), trim($expanded), $of[2]);
            }
            $again = Preview::of($known, self::read($file, null, $known)->found, self::period());
            self::assertSame(['same' => 2], array_filter($again->counts()), $file);
        }
    }

    public function testWhateverItsBytesAreItsWordsAreRead(): void
    {
        foreach (['UTF-8', 'UTF-16LE', 'UTF-16BE', 'Windows-1252'] as $encoding) {
            $mark = ['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"][$encoding] ?? '';
            $bytes = $mark.mb_convert_encoding("12 March Café Äußerstes\r\n13 March Über", $encoding, 'UTF-8');
            self::assertSame(['Café Äußerstes', 'Über'], array_map(static fn (Found $one): ?string => $one->entry?->words, self::read($bytes)->found), $encoding);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function notDates(): iterable
    {
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 'This is no file of dates'];
        yield 'nothing' => ["  \n\n", 'This file is empty.'];
        yield 'twenty megabytes' => [str_repeat('12 March Boat yard ..', 1_000_000), 'This file has 21 MB; a file of dates has 3.5 MB at most.'];
        yield 'a calendar that is cut off' => ["BEGIN:VCALENDAR\nBEGIN:VEVENT\nSUMMARY:Boat\nDTSTART;VALUE=DATE:20270312", 'An event is cut off or broken.'];
        yield 'a card that is cut off' => ["BEGIN:VCARD\nVERSION:4.0\nFN:Jory\nBDAY:--0415", 'A card is cut off or broken.'];
        yield 'prose' => ['Dear diary', 'is no day'];
    }

    #[DataProvider('notDates')]
    public function testWhatIsNoFileOfDatesIsSaidSo(string $bytes, string $says): void
    {
        $found = self::read($bytes)->found;
        self::assertCount(1, $found);
        self::assertNull($found[0]->entry);
        self::assertStringContainsString($says, $found[0]->says);
    }

    /** 150 calendars that another library made are on the days it says, and say the same words. */
    public function testCalendarsOfAnotherLibraryAreOnTheDaysItSays(): void
    {
        $file = \dirname(__DIR__, 2).'/var/reference-calendars.json';
        self::assertFileExists($file, 'Run node tests/Reference/calendars.mjs var/reference-calendars.json first; bin/test does.');
        foreach (json_decode((string) file_get_contents($file), true, 8, \JSON_THROW_ON_ERROR) as [$calendar, $days]) {
            $entries = array_map(static fn (Found $one, int $i): Entry => ($one->entry ?? throw new \LogicException($one->says))->with(['id' => "e-$i"]), $found = self::read($calendar)->found, array_keys($found));
            self::assertCount(8, $entries);
            // What goes on into another month is written there too; the other library says where it begins.
            $begun = array_filter(
                Agenda::of(new KnownDates($entries), new Month(2027, 1), new Month(2027, 12))->all(),
                static fn (Occurrence $once): bool => null !== $once->day && [] !== $once->entry->begins($once->day, $once->day),
            );
            $ours = array_map(static fn (Occurrence $once): string => "{$once->day?->iso()} {$once->entry->uid}", $begun);
            sort($ours);
            self::assertSame($days, $ours, $calendar);
            foreach ($entries as $entry) {
                self::assertMatchesRegularExpression('/^(Choir, with; signs|Tram \\\\ test|Äußerst lange Worte, damit die Zeile gefaltet werden muss, wie der Standard es verlangt|Boat) \d$/u', $entry->words);
            }
        }
    }

    /**
     * Random dates, written as a calendar and as a table and read again, are the dates they were: there already, and new to an empty
     * book.
     */
    public function testWhatIsWrittenAndReadAgainIsTheSame(): void
    {
        mt_srand(2027);
        for ($i = 0; $i < 60; ++$i) {
            $known = new KnownDates(array_map(self::random(...), range(1, 20)), Category::usual());
            $book = Composer::compose(Books::starter()->with(['dates' => $known]));
            foreach ([DatesCalendar::of($book), DatesTable::of($known)] as $file) {
                $found = self::read($file, null, $known)->found;
                $again = Preview::of($known, $found, $book->plan->period);
                self::assertSame(['same' => 20], array_filter($again->counts()), $file);
                foreach ($again->rows as $row) {
                    $entry = $row->entry ?? throw new \LogicException($row->says);
                    self::assertTrue($known->entry($entry->id)?->isLike($entry), "$entry->id: $file");
                }
            }
        }
    }

    /** A table program reckons a field that begins with one of these; here each begins with an apostrophe, and is read back without it. */
    public function testNoFieldOfATableIsAFormula(): void
    {
        foreach (['=HYPERLINK("https://example.org","Dentist")', '+1', '-Anne', '@home', "'=1", "'s-Hertogenbosch", "''"] as $words) {
            $table = DatesTable::of(new KnownDates([new Entry('one', $words, When::read('2027-03-03'))]));
            self::assertMatchesRegularExpression('/^2027-03-03,"?[^=+\\-@]/m', $table);
            self::assertSame($words, self::read($table, null, new KnownDates())->found[0]->entry?->words);
        }
    }

    /** Damaged anywhere, a file is read as far as it goes, with a reason for the rest, and never ends in an error. */
    public function testADamagedFileIsReadAsFarAsItGoes(): void
    {
        mt_srand(5);
        $known = new KnownDates(array_map(self::random(...), range(1, 12)));
        $file = DatesCalendar::of(Composer::compose(Books::starter()->with(['dates' => $known])));
        $cards = "BEGIN:VCARD\nVERSION:4.0\nFN:Jory\nBDAY:--0415\nEND:VCARD\n";
        for ($i = 0; $i < 400; ++$i) {
            $damaged = 0 === $i % 3 ? str_repeat($cards, 5) : $file;
            for ($n = mt_rand(1, 6); $n > 0; --$n) {
                $at = mt_rand(0, \strlen($damaged) - 1);
                $damaged = match (mt_rand(0, 3)) {
                    0 => substr($damaged, 0, $at),
                    1 => substr_replace($damaged, \chr(mt_rand(0, 255)), $at, 1),
                    2 => substr_replace($damaged, '', $at, mt_rand(1, 40)),
                    default => substr_replace($damaged, substr($damaged, mt_rand(0, $at), 50), $at, 0),
                };
                if ('' === $damaged) {
                    $damaged = ' ';
                }
            }
            foreach (self::read($damaged)->found as $one) {
                self::assertTrue(null !== $one->entry || 1 === preg_match('/\S.*\.$/su', $one->says), $one->says);
            }
        }
    }

    public function testFiveThousandEventsAreEachFoundOnce(): void
    {
        $events = '';
        for ($i = 0; $i < 5_000; ++$i) {
            $events .= \sprintf(
                "BEGIN:VEVENT\r\nUID:%d\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;TZID=America/New_York:2027%02d%02dT%02d0000\r\nDURATION:PT1H\r\n%sSUMMARY:Event %d\r\nEND:VEVENT\r\n",
                $i,
                $i % 12 + 1,
                $i % 28 + 1,
                $i % 24,
                0 === $i % 10 ? "RRULE:FREQ=MONTHLY;COUNT=5\r\n" : '',
                $i,
            );
        }
        $found = self::read("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n".str_replace("\n", "\r\n", self::ZONE)."{$events}END:VCALENDAR\r\n")->found;
        $preview = Preview::of(new KnownDates(), $found, self::period());
        self::assertCount(5_000, $preview->rows);
        // How long that takes is printed by bin/bench.
    }

    private static function random(int $n): Entry
    {
        $day = \sprintf('2027-%02d-%02d', mt_rand(1, 12), mt_rand(1, 28));
        $is = [EntryKind::Date, EntryKind::Date, EntryKind::Birthday, EntryKind::Duty][mt_rand(0, 3)];
        $born = 0 === mt_rand(0, 1) ? mt_rand(1930, 2020) : null;
        $rule = [null, null, 'FREQ=MONTHLY;BYDAY=-1FR', 'FREQ=WEEKLY;INTERVAL=2;COUNT=9', 'FREQ=YEARLY;UNTIL=20301231'][mt_rand(0, 4)];
        $alone = null === $rule || EntryKind::Birthday === $is;
        $time = 0 === mt_rand(0, 2) && EntryKind::Birthday !== $is ? \sprintf('%02d:%02d', mt_rand(0, 22), mt_rand(0, 59)) : null;

        return match (true) {
            EntryKind::Birthday === $is => new Entry(
                "n-$n",
                "Näme, $n; \\ with signs",
                When::read(null === $born ? '2000-02-29' : "$born-05-".mt_rand(10, 28)),
                $is,
                born: $born,
                leap: null === $born ? [LeapDay::Before, LeapDay::After][mt_rand(0, 1)] : LeapDay::Before,
            ),
            $alone && null === $time && 0 === mt_rand(0, 3) => new Entry("n-$n", "Month $n", When::read(substr($day, 0, 7)), EntryKind::Date, 'tasks'),
            default => new Entry(
                "n-$n",
                ['', '=1+', '-', "'=", '@', '+', "'"][$n % 7]."Words of $n, and more of them: enough that the line is folded where the standard says a line must be folded",
                $alone && 0 === mt_rand(0, 2) && null === $time ? When::read("$day/2027-12-30") : When::read($day),
                $is,
                ['', 'events', 'deadlines'][mt_rand(0, 2)],
                $time,
                null === $time || 0 === mt_rand(0, 1) ? null : '23:00',
                $alone ? null : Rule::read((string) $rule),
                $alone ? [] : array_values(array_filter([\AmpleMargin\Calendar\Day::read('2027-06-25')])),
                lead: EntryKind::Duty === $is ? mt_rand(0, 60) : 0,
                uid: 0 === mt_rand(0, 1) ? "uid-$n@harbour" : null,
            ),
        };
    }

    /** @return list<string> */
    private static function days(ReadDates $read): array
    {
        $entries = [];
        foreach ($read->found as $i => $one) {
            if (null !== $one->entry) {
                $entries[] = $one->entry->with(['id' => "e-$i"]);
            }
        }

        return array_map(
            static fn (Occurrence $once): string => (string) $once->day?->iso(),
            Agenda::of(new KnownDates($entries), new Month(2027, 1), new Month(2027, 12))->all(),
        );
    }

    private static function calendar(string $event): ReadDates
    {
        return self::read("BEGIN:VCALENDAR\nVERSION:2.0\n".self::ZONE."BEGIN:VEVENT\n$event\nEND:VEVENT\nEND:VCALENDAR\n");
    }

    private static function read(string $bytes, ?bool $monthFirst = null, KnownDates $known = new KnownDates()): ReadDates
    {
        $files = new DateFiles(new SaidDay(self::period(), new Names('en')), $known, new \DateTimeZone('Europe/Berlin'), 2027, $monthFirst);

        return $files->read('a file', $bytes);
    }

    private static function period(): Period
    {
        return new Period(new Month(2027, 1), new Month(2027, 12));
    }
}
