<?php

/* Days as people write them, and lines of a pasted list. */

declare(strict_types=1);

namespace Tests\Dates;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Said;
use AmpleMargin\Dates\SaidDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SaidDayTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function days(): iterable
    {
        yield 'a number is a day of the month looked at' => ['12', '2027-03-12'];
        yield 'with its month after it' => ['12 May', '2027-05-12'];
        yield 'with its month before it' => ['May 12', '2027-05-12'];
        yield 'with a shortened month' => ['12 Sept', '2027-09-12'];
        yield 'in the language of the book' => ['12. März', '2027-03-12'];
        yield 'in English whatever the book is in' => ['12 March', '2027-03-12'];
        yield 'in figures' => ['12.5.', '2027-05-12'];
        yield 'in figures with a stroke, the day first' => ['3/4', '2027-04-03'];
        yield 'with the year' => ['12.5.2028', '2028-05-12'];
        yield 'with two figures of the year' => ['12/5/28', '2028-05-12'];
        yield 'an ordinal' => ['12th May', '2027-05-12'];
        yield 'behind its weekday' => ['Fri, 12 March', '2027-03-12'];
        yield 'as files have it' => ['2027-05-12', '2027-05-12'];
        yield 'several days of a month' => ['3–9 July', '2027-07-03/2027-07-09'];
        yield 'with a hyphen' => ['3-9 July', '2027-07-03/2027-07-09'];
        yield 'with a word' => ['3 to 9 July', '2027-07-03/2027-07-09'];
        yield 'over two months' => ['28 March – 3 April', '2027-03-28/2027-04-03'];
        yield 'over two years' => ['30 Dec – 2 Jan', '2027-12-30/2028-01-02'];
        yield 'in figures over two months' => ['28.3.–3.4.', '2027-03-28/2027-04-03'];
        yield 'days of the month looked at' => ['3-9', '2027-03-03/2027-03-09'];
        yield 'a month without a day' => ['May', '2027-05'];
        yield 'a month and its year' => ['May 2028', '2028-05'];
        yield 'the third of June' => ['the 3rd of June', '2027-06-03'];
        yield 'Easter' => ['Easter', '2027-03-28'];
        yield 'what is counted from it' => ['Good Friday', '2027-03-26'];
        yield 'of another year' => ['Whit Monday 2028', '2028-06-05'];
        yield 'weeks before it' => ['two weeks before Easter', '2027-03-14'];
        yield 'a Sunday of Advent' => ['second Sunday of Advent', '2027-12-05'];
        yield 'a weekday of a month' => ['first Monday of May', '2027-05-03'];
        yield 'the last of them' => ['last Friday in June', '2027-06-25'];
        yield 'the month before it' => ['May, 3rd Sunday', '2027-05-16'];
        yield 'the last day of a month' => ['last day of February 2028', '2028-02-29'];
        yield 'a feast with an apostrophe' => ['New Year’s Eve', '2027-12-31'];
        yield 'a month before the book begins is of the year after' => ['12 January', '2028-01-12'];
    }

    #[DataProvider('days')]
    public function testADayIsUnderstood(string $said, string $day): void
    {
        self::assertSame($day, self::book()->read($said)->written());
    }

    /** Every day of a year, in eight ways of writing it. */
    public function testEveryDayOfAYearIsUnderstoodHoweverItIsWritten(): void
    {
        $names = new Names('en');
        $book = new SaidDay(new Period(new Month(2028, 1), new Month(2028, 12)), $names);
        $american = $book->monthFirst(true);
        foreach ((new Month(2028, 1))->run(12) as $month) {
            for ($day = 1; $day <= $month->days(); ++$day) {
                $iso = \sprintf('%s-%02d', $month->iso(), $day);
                [$long, $short] = [$names->month($month->month), $names->monthShort($month->month)];
                foreach (["$day $long", "$long $day", "$short $day, 2028", "$day. $short", "$day.$month->month.", "$day.$month->month.28", "$day/$month->month/2028", $iso] as $said) {
                    self::assertSame($iso, $book->read($said)->written(), $said);
                }
                self::assertSame($iso, $american->read("$month->month/$day/2028")->written());
            }
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield '31 April' => ['31 April', 'April 2027 has 30 days, not 31.'];
        yield '29 February in a common year' => ['29.2.2027', 'February 2027 has 28 days, not 29.'];
        yield 'as files have it' => ['2027-02-30', 'February 2027 has 28 days, not 30.'];
        yield 'an end before its beginning' => ['9–3 July', 'It ends before it begins.'];
        yield 'a year and a day' => ['1.1.2027 – 2.1.2028', 'more than 366 days'];
        yield 'no day' => ['soon', '“soon” is no day'];
        yield 'nothing' => ['', 'is no day'];
        yield 'a 13th month' => ['12.13.', 'is no day'];
        yield 'two months' => ['May June', 'is no day'];
        yield 'a century nobody plans' => ['12 May 1200', 'is no day'];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoDayIsSaidSo(string $said, string $says): void
    {
        $this->expectException(DayRefused::class);
        $this->expectExceptionMessage($says);
        self::book()->read($said);
    }

    /** @return iterable<string, array{string, list<string|null>}> */
    public static function lines(): iterable
    {
        yield 'a day before the words' => ['12 March Dentist', ['2027-03-12', 'Dentist', null, null, 'date']];
        yield 'a day behind them' => ['Tram test (14 June)', ['2027-06-14', 'Tram test', null, null, 'date']];
        yield 'a time among them' => ['12 March Dentist 10:30', ['2027-03-12', 'Dentist', '10:30', null, 'date']];
        yield 'a time and its end' => ['March 12: boat 9:00-10:15', ['2027-03-12', 'boat', '09:00', '10:15', 'date']];
        yield 'a time of twelve hours' => ['12 March choir 7pm', ['2027-03-12', 'choir', '19:00', null, 'date']];
        yield 'noon and midnight' => ['12 March 12pm-12:30am odd', ['2027-03-12', 'odd', '12:00', '00:30', 'date']];
        yield 'a day within them' => ['Christmas market 5 December on the quay', ['2027-12-05', 'Christmas market on the quay', null, null, 'date']];
        yield 'a weekday of the book’s language' => ['Di 5. Oktober Probe 15-18 Uhr', ['2027-10-05', 'Probe', '15:00', '18:00', 'date']];
        yield 'an hour of the book’s language' => ['15.10. Zahnarzt 8:15 Uhr', ['2027-10-15', 'Zahnarzt', '08:15', null, 'date']];
        yield 'a bullet before it' => ['- 5 May paint', ['2027-05-05', 'paint', null, null, 'date']];
        yield 'a birthday' => ['29 May Ione’s birthday', ['2027-05-29', 'Ione', null, null, 'birthday']];
        yield 'a birthday named first' => ['29 May birthday of Ione', ['2027-05-29', 'Ione', null, null, 'birthday']];
        yield 'a month without a day' => ['May Order wood', ['2027-05', 'Order wood', null, null, 'date']];
        yield 'figures in the words' => ['12 May 14 boxes of nails', ['2027-05-12', '14 boxes of nails', null, null, 'date']];
        yield 'tabs between' => ["12.5.2027\tPaint", ['2027-05-12', 'Paint', null, null, 'date']];
    }

    /** @param list<string|null> $expected */
    #[DataProvider('lines')]
    public function testALineIsTakenApart(string $line, array $expected): void
    {
        $said = Said::line($line, self::book());
        self::assertSame($expected, [$said->when->written(), $said->words, $said->time, $said->ends, $said->is->value]);
    }

    /** "31 April" is not the 31st of the month looked at, with "April" as its words. */
    public function testADayThatCannotBeIsNotTakenForAnother(): void
    {
        $this->expectExceptionMessage('April 2027 has 30 days, not 31.');
        Said::line('31 April paint', self::book());
    }

    public function testADayWithoutWordsIsRefused(): void
    {
        $this->expectException(DayRefused::class);
        Said::line('12 March 10:30', self::book());
    }

    private static function book(): SaidDay
    {
        return new SaidDay(new Period(new Month(2027, 2), new Month(2027, 12)), new Names('de'), new Month(2027, 3));
    }
}
