<?php

/* How often a date comes, where only its day is asked for: the field takes what a line takes. */

declare(strict_types=1);

namespace Tests\Dates;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Said;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Editing\Edits;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class SaidOftenTest extends TestCase
{
    #[TestWith(['every Tuesday', '2028-07-04 FREQ=WEEKLY'])]
    #[TestWith(['on Tuesdays', '2028-07-04 FREQ=WEEKLY'])]
    #[TestWith(['every Dienstag', '2028-07-04 FREQ=WEEKLY'])]
    #[TestWith(['Dienstags', '2028-07-04 FREQ=WEEKLY'])]
    #[TestWith(['every second Saturday from 12.8.', '2028-08-12 FREQ=WEEKLY;INTERVAL=2'])]
    #[TestWith(['from 13 August every other Saturday', '2028-08-19 FREQ=WEEKLY;INTERVAL=2'])]
    #[TestWith(['from 5 Juli every 14 days', '2028-07-05 FREQ=WEEKLY;INTERVAL=2'])]
    #[TestWith(['monthly from 3 Oktober', '2028-10-03 FREQ=MONTHLY'])]
    #[TestWith(['last Friday of every month', '2028-07-28 FREQ=MONTHLY;BYDAY=-1FR'])]
    #[TestWith(['every second Tuesday of the month', '2028-07-11 FREQ=MONTHLY;BYDAY=2TU'])]
    #[TestWith(['first Montag of every month from 2 September', '2028-09-04 FREQ=MONTHLY;BYDAY=1MO'])]
    #[TestWith(['3. Juli', '2028-07-03 '])]
    #[TestWith(['3–9 Sep', '2028-09-03/2028-09-09 '])]
    #[TestWith(['Oktober', '2028-10 '])]
    public function testAFieldForTheDaySaysHowOften(string $said, string $expected): void
    {
        [$when, $rule] = Said::day($said, self::days());
        self::assertSame($expected, "{$when->written()} {$rule?->written()}");
    }

    #[TestWith(['every 14 days', 'from which day on'])]
    #[TestWith(['monthly in May', 'is no day'])]
    #[TestWith(['every week from May', 'from which day on'])]
    #[TestWith(['every Tusday', 'is no day'])]
    #[TestWith(['every Tuesday from 31 June', 'June 2029 has 30 days'])]
    public function testWhatHasNoFirstDayIsRefusedInWords(string $said, string $says): void
    {
        $this->expectException(DayRefused::class);
        $this->expectExceptionMessage($says);
        Said::day($said, self::days());
    }

    public function testTypedInItsFieldItComesAgain(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'add-date', 'day' => 'every Tuesday', 'words' => 'choir 19:30']]);
        $entry = $plan->dates->entries[\count($plan->dates->entries) - 1];
        self::assertSame(['choir', '19:30', 'FREQ=WEEKLY'], [$entry->words, $entry->time, $entry->repeat?->written()]);
        $edit = ['type' => 'set-date', 'date' => $entry->id, 'day' => 'every second Thursday'];
        $again = Edits::apply($plan, $edit)->plan->dates->entry($entry->id);
        self::assertSame('FREQ=WEEKLY;INTERVAL=2', $again?->repeat?->written());
    }

    private static function days(): SaidDay
    {
        return new SaidDay(new Period(new Month(2028, 7), new Month(2028, 12)), new Names('de'));
    }
}
