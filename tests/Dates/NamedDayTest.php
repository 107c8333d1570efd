<?php

/* Days that have names: Easter by date-easter, weekdays of months by luxon, and what they are in a line of words. */

declare(strict_types=1);

namespace Tests\Dates;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Said;
use AmpleMargin\Dates\SaidDay;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NamedDayTest extends TestCase
{
    /** @return array<string, mixed> what other libraries say */
    private static function reference(): array
    {
        $file = \dirname(__DIR__, 2).'/var/reference-feasts.json';
        self::assertFileExists($file, 'Run node tests/Reference/feasts.mjs var/reference-feasts.json first; bin/test does.');

        return json_decode((string) file_get_contents($file), true, flags: \JSON_THROW_ON_ERROR);
    }

    private static function book(int $year = 2027, string $language = 'en'): SaidDay
    {
        return new SaidDay(new Period(new Month($year, 1), new Month($year, 12)), new Names($language));
    }

    public function testEasterOfEveryYearOfTheGregorianCalendar(): void
    {
        $wrong = [];
        foreach (self::reference()['easter'] as $year => $day) {
            $found = self::book()->read("Easter $year")->written();
            if ($found !== $day) {
                $wrong[] = "$year: $found, not $day";
            }
        }
        self::assertSame([], $wrong);
        self::assertCount(1418, self::reference()['easter']);
    }

    public function testEveryWeekdayOfEveryMonthInBothLanguagesOfABook(): void
    {
        $which = ['first', 'second', '3rd', 'fourth', '5th'];
        foreach (self::reference()['nth'] as $month => $weekdays) {
            [$year, $of] = array_map(intval(...), explode('-', $month));
            foreach ([new Names('en'), new Names('de')] as $names) {
                $book = self::book($year, 'de');
                foreach ($weekdays as $number => $days) {
                    $weekday = $names->weekday(Weekday::from((int) $number));
                    foreach ($which as $nth => $word) {
                        $said = "$word $weekday of {$names->month($of)}";
                        try {
                            $found = $book->read($said)->written();
                        } catch (DayRefused) {
                            // A fifth one that this month does not have, nor the same month of the year after.
                            self::assertArrayNotHasKey($nth, $days, $said);
                            continue;
                        }
                        self::assertSame($days[$nth] ?? substr($found, 0, 10), $found, "$said $year");
                        self::assertTrue(isset($days[$nth]) || str_starts_with($found, (string) ($year + 1)), $said);
                    }
                    self::assertSame($days[\count($days) - 1], $book->read("last $weekday in {$names->month($of)}")->written());
                }
            }
        }
    }

    public function testTheFourSundaysOfAdvent(): void
    {
        foreach (self::reference()['advent'] as $year => $sundays) {
            foreach (['first', 'second', 'third', '4th'] as $nth => $word) {
                self::assertSame($sundays[$nth], self::book((int) $year)->read("$word Sunday of Advent")->written());
                self::assertSame($sundays[$nth], self::book((int) $year)->read("$word Advent")->written());
            }
        }
    }

    #[TestWith(['Easter Monday: tram ride', '2027-03-29', 'tram ride'])]
    #[TestWith(['first Monday of May choir outing', '2027-05-03', 'choir outing'])]
    #[TestWith(['Regatta, last Saturday in June', '2027-06-26', 'Regatta'])]
    #[TestWith(['presents for Christmas by 1 Dec', '2027-12-01', 'presents for Christmas by'])]
    public function testInALineTheyAreItsDayWhereASignPartsThemFromTheWords(string $line, string $day, string $words): void
    {
        $said = Said::line($line, self::book());
        self::assertSame([$day, $words], [$said->when->written(), $said->words]);
    }

    public function testAFeastAmongTheWordsIsNoDay(): void
    {
        $this->expectException(DayRefused::class);
        Said::line('Christmas market stall', self::book());
    }

    #[TestWith(['fifth Monday of February 2027', 'There is no such day as'])]
    #[TestWith(['sixth Monday of May', 'is no day'])]
    #[TestWith(['first Munday of May', 'is no day'])]
    #[TestWith(['fifth Sunday of Advent', 'is no day'])]
    #[TestWith(['Easter 1200', 'There is no such day as'])]
    public function testWhatIsNoneIsRefusedInWords(string $said, string $says): void
    {
        $this->expectException(DayRefused::class);
        $this->expectExceptionMessage($says);
        self::book()->read($said);
    }
}
