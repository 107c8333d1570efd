<?php

/* When a date comes again: against a reference library, against the examples RFC 5545 prints, and at the edges. */

declare(strict_types=1);

namespace Tests\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Dates\Recurrence;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\RuleRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Reference\Rules;

final class RecurrenceTest extends TestCase
{
    public function testTwoThousandRandomRulesGiveTheDaysOfTheReference(): void
    {
        $days = 0;
        foreach (Rules::said() as [$rule, $start, $from, $to, $expected]) {
            self::assertSame($expected, self::days($rule, $start, $from, $to), "$rule from $start, between $from and $to");
            self::assertEquals(Rule::read($rule), Rule::read(Rule::read($rule)->written()), $rule);
            $days += \count($expected);
        }
        self::assertGreaterThan(20_000, $days);
    }

    /**
     * The worked examples of RFC 5545, 3.8.5.3, that speak of days, with the days printed there.
     *
     * @return iterable<string, array{string, string, string, list<string>}> rule, first day, last day looked at, days
     */
    public static function examples(): iterable
    {
        yield 'daily for 10 occurrences' => ['FREQ=DAILY;COUNT=10', '1997-09-02', '1998-12-31', self::in('1997-09-', range(2, 11))];
        yield 'every 10 days, 5 occurrences' => [
            'FREQ=DAILY;INTERVAL=10;COUNT=5', '1997-09-02', '1998-12-31',
            ['1997-09-02', '1997-09-12', '1997-09-22', '1997-10-02', '1997-10-12'],
        ];
        yield 'every other week on Tuesday and Thursday, for 8 occurrences' => [
            'FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH', '1997-09-02', '1998-12-31',
            [...self::in('1997-09-', [2, 4, 16, 18, 30]), ...self::in('1997-10-', [2, 14, 16])],
        ];
        yield 'monthly on the first Friday for 10 occurrences' => [
            'FREQ=MONTHLY;COUNT=10;BYDAY=1FR', '1997-09-05', '1999-12-31',
            ['1997-09-05', '1997-10-03', '1997-11-07', '1997-12-05', '1998-01-02', '1998-02-06', '1998-03-06', '1998-04-03', '1998-05-01', '1998-06-05'],
        ];
        yield 'every other month on the first and last Sunday' => [
            'FREQ=MONTHLY;INTERVAL=2;COUNT=10;BYDAY=1SU,-1SU', '1997-09-07', '1999-12-31',
            ['1997-09-07', '1997-09-28', '1997-11-02', '1997-11-30', '1998-01-04', '1998-01-25', '1998-03-01', '1998-03-29', '1998-05-03', '1998-05-31'],
        ];
        yield 'monthly on the second-to-last Monday for 6 months' => [
            'FREQ=MONTHLY;COUNT=6;BYDAY=-2MO', '1997-09-22', '1999-12-31',
            ['1997-09-22', '1997-10-20', '1997-11-17', '1997-12-22', '1998-01-19', '1998-02-16'],
        ];
        yield 'monthly on the third-to-the-last day' => [
            'FREQ=MONTHLY;BYMONTHDAY=-3', '1997-09-28', '1998-02-28',
            ['1997-09-28', '1997-10-29', '1997-11-28', '1997-12-29', '1998-01-29', '1998-02-26'],
        ];
        yield 'the first and last day of the month for 10 occurrences' => [
            'FREQ=MONTHLY;COUNT=10;BYMONTHDAY=1,-1', '1997-09-30', '1999-12-31',
            ['1997-09-30', '1997-10-01', '1997-10-31', '1997-11-01', '1997-11-30', '1997-12-01', '1997-12-31', '1998-01-01', '1998-01-31', '1998-02-01'],
        ];
        yield 'every 18 months on the 10th to the 15th' => [
            'FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15', '1997-09-10', '1999-12-31',
            [...self::in('1997-09-', range(10, 15)), ...self::in('1999-03-', range(10, 13))],
        ];
        yield 'yearly in June and July for 10 occurrences' => [
            'FREQ=YEARLY;COUNT=10;BYMONTH=6,7', '1997-06-10', '2003-12-31',
            array_merge(...array_map(static fn (int $year): array => ["$year-06-10", "$year-07-10"], range(1997, 2001))),
        ];
        yield 'every third year on the 1st, 100th and 200th day' => [
            'FREQ=YEARLY;INTERVAL=3;COUNT=10;BYYEARDAY=1,100,200', '1997-01-01', '2010-12-31',
            ['1997-01-01', '1997-04-10', '1997-07-19', '2000-01-01', '2000-04-09', '2000-07-18', '2003-01-01', '2003-04-10', '2003-07-19', '2006-01-01'],
        ];
        yield 'every 20th Monday of the year' => ['FREQ=YEARLY;BYDAY=20MO', '1997-05-19', '1999-12-31', ['1997-05-19', '1998-05-18', '1999-05-17']];
        yield 'Monday of week number 20' => ['FREQ=YEARLY;BYWEEKNO=20;BYDAY=MO', '1997-05-12', '1999-12-31', ['1997-05-12', '1998-05-11', '1999-05-17']];
        yield 'every Friday the 13th' => [
            'FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13', '1997-09-02', '2000-12-31',
            ['1998-02-13', '1998-03-13', '1998-11-13', '1999-08-13', '2000-10-13'],
        ];
        yield 'the first Saturday after the first Sunday of the month' => [
            'FREQ=MONTHLY;BYDAY=SA;BYMONTHDAY=7,8,9,10,11,12,13', '1997-09-13', '1998-03-31',
            ['1997-09-13', '1997-10-11', '1997-11-08', '1997-12-13', '1998-01-10', '1998-02-07', '1998-03-07'],
        ];
        yield 'every four years, the first Tuesday after a Monday in November' => [
            'FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8', '1996-11-05', '2004-12-31',
            ['1996-11-05', '2000-11-07', '2004-11-02'],
        ];
        yield 'the third instance of Tuesday, Wednesday or Thursday, for 3 months' => [
            'FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3', '1997-09-04', '1998-12-31', ['1997-09-04', '1997-10-07', '1997-11-06'],
        ];
        yield 'the second-to-last weekday of the month' => [
            'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-2', '1997-09-29', '1998-03-31',
            ['1997-09-29', '1997-10-30', '1997-11-27', '1997-12-30', '1998-01-29', '1998-02-26', '1998-03-30'],
        ];
        yield 'weeks that begin on Monday make a difference' => [
            'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO', '1997-08-05', '1998-12-31', self::in('1997-08-', [5, 10, 19, 24]),
        ];
        yield 'weeks that begin on Sunday' => [
            'FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU', '1997-08-05', '1998-12-31', self::in('1997-08-', [5, 17, 19, 31]),
        ];
        yield 'a day the month does not have is left out' => [
            'FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5', '2007-01-15', '2008-12-31',
            ['2007-01-15', '2007-01-30', '2007-02-15', '2007-03-15', '2007-03-30'],
        ];
    }

    /** @param list<string> $days */
    #[DataProvider('examples')]
    public function testTheExamplesOfTheStandard(string $rule, string $start, string $to, array $days): void
    {
        self::assertSame($days, self::days($rule, $start, '1900-01-01', $to));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'every second' => ['FREQ=SECONDLY', 'every second: a paper book has room for what comes once a day'];
        yield 'every hour' => ['FREQ=HOURLY;COUNT=3', 'every hour'];
        yield 'nothing' => ['', 'FREQ=YEARLY'];
        yield 'no frequency' => ['INTERVAL=2', 'FREQ=YEARLY'];
        yield 'another frequency' => ['FREQ=OFTEN', '“FREQ=OFTEN”'];
        yield 'an interval of none' => ['FREQ=DAILY;INTERVAL=0', '“INTERVAL=0” in a repeat: it goes from 1 to 1,000'];
        yield 'two ends' => ['FREQ=DAILY;COUNT=2;UNTIL=20270101', 'not both'];
        yield 'an end that is no day' => ['FREQ=DAILY;UNTIL=20270231', 'it ends on a day such as 20271231'];
        yield 'the 32nd' => ['FREQ=MONTHLY;BYMONTHDAY=32', '“BYMONTHDAY=32”'];
        yield 'the zeroth' => ['FREQ=MONTHLY;BYMONTHDAY=0', 'nothing is numbered 0'];
        yield 'a weekday nobody has' => ['FREQ=WEEKLY;BYDAY=XX', 'write a weekday as MO'];
        yield 'twice a day' => ['FREQ=DAILY;BYHOUR=9,17', 'more than once a day'];
        yield 'a word of its own' => ['FREQ=DAILY;EASTER=1', '“EASTER=1”'];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoRuleIsSaidSo(string $rule, string $says): void
    {
        $this->expectException(RuleRefused::class);
        $this->expectExceptionMessage($says);
        Rule::read($rule);
    }

    public function testARuleThatNeverFallsGivesNoDayAndEnds(): void
    {
        $from = microtime(true);
        self::assertSame([], self::days('FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', '1600-01-01', '1600-01-01', '9000-12-31'));
        self::assertSame([], self::days('FREQ=DAILY;INTERVAL=7;BYDAY=TU;COUNT=5', '2022-10-07', '2027-01-01', '2027-12-31'));
        self::assertLessThan(5, microtime(true) - $from, 'it looks on for no longer than a person waits');
    }

    /** @return list<string> */
    private static function days(string $rule, string $start, string $from, string $to): array
    {
        $day = static fn (string $iso): Day => Day::read($iso) ?? throw new \LogicException($iso);

        return array_map(
            static fn (Day $one): string => $one->iso(),
            (new Recurrence(Rule::read($rule), $day($start)))->between($day($from), $day($to)),
        );
    }

    /**
     * @param list<int> $days
     *
     * @return list<string>
     */
    private static function in(string $month, array $days): array
    {
        return array_map(static fn (int $day): string => \sprintf('%s%02d', $month, $day), $days);
    }
}
