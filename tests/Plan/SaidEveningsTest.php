<?php

declare(strict_types=1);

namespace Tests\Plan;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\Making\SaidEvenings;
use AmpleMargin\Plan\PlanProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SaidEveningsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function said(): iterable
    {
        yield 'days of the week, until the first day' => ['Tuesdays and Sundays, 90 minutes', ['2026-12-15 19:00 90', '2026-12-20 19:00 90', '2026-12-22 19:00 90', '2026-12-27 19:00 90', '2026-12-29 19:00 90']];
        yield 'short names, another time' => ['mon 18:30 45 min', ['2026-12-14 18:30 45', '2026-12-21 18:30 45', '2026-12-28 18:30 45']];
        yield 'hours' => ['Saturdays, 1.5 h', ['2026-12-19 19:00 90', '2026-12-26 19:00 90']];
        yield 'half an hour' => ['Saturday at 9.15, ½ hour', ['2026-12-19 09:15 30', '2026-12-26 09:15 30']];
        yield 'two days' => ['2026-12-22 19:00 120, 2026-12-20 19:00 90', ['2026-12-20 19:00 90', '2026-12-22 19:00 120']];
        yield 'a day alone' => ['2026-12-20', ['2026-12-20 19:00 90']];
        yield 'one a line' => ["2026-12-20 20:00 60\n2026-12-21 20:00 60 min\n", ['2026-12-20 20:00 60', '2026-12-21 20:00 60']];
        yield 'this evening' => ['This evening, 40 minutes', ['2026-12-14 19:00 40']];
        yield 'tonight and tomorrow' => ['tonight at 20:30 and tomorrow evening, 1 hour', ['2026-12-14 20:30 60', '2026-12-15 19:00 60']];
        yield 'a day in words' => ['20 December 19:30 60 min, Tuesday 22 Dec', ['2026-12-20 19:30 60', '2026-12-22 19:00 90']];
        yield 'a day that comes in the next year' => ['3 January', ['2027-01-03 19:00 90']];
        yield 'one after another' => ['every evening from 21 to 23 December, 60 minutes', ['2026-12-21 19:00 60', '2026-12-22 19:00 60', '2026-12-23 19:00 60']];
        yield 'weekdays one after another' => ['Mon–Tue 30 min', ['2026-12-14 19:00 30', '2026-12-15 19:00 30', '2026-12-21 19:00 30', '2026-12-22 19:00 30', '2026-12-28 19:00 30', '2026-12-29 19:00 30']];
        yield 'over the week end' => ['Sunday to Monday, 20 minutes', ['2026-12-14 19:00 20', '2026-12-20 19:00 20', '2026-12-21 19:00 20', '2026-12-27 19:00 20', '2026-12-28 19:00 20']];
        yield 'a length alone is of this evening, from now' => ['50 minutes', ['2026-12-14 20:30 50']];
        yield 'a length in words' => ['an hour', ['2026-12-14 20:30 60']];
        yield 'and another' => ['an hour and a half', ['2026-12-14 20:30 90']];
        yield 'now' => ['now', ['2026-12-14 20:30 90']];
        yield 'now, and for how long' => ['now, 25 min', ['2026-12-14 20:30 25']];
        yield 'a time and a length' => ['at 21:00, half an hour', ['2026-12-14 21:00 30']];
        yield 'weekends' => ['weekends 2h', ['2026-12-19 19:00 120', '2026-12-20 19:00 120', '2026-12-26 19:00 120', '2026-12-27 19:00 120']];
        yield 'two short names' => ['Sat and Sun 90 min', ['2026-12-19 19:00 90', '2026-12-20 19:00 90', '2026-12-26 19:00 90', '2026-12-27 19:00 90']];
        yield 'a length in words of a weekday' => ['Saturdays, one hour', ['2026-12-19 19:00 60', '2026-12-26 19:00 60']];
        yield 'nothing' => ['  ', []];
    }

    /** @param list<string> $evenings */
    #[DataProvider('said')]
    public function testTheyAreReadAsTheyAreSaid(string $said, array $evenings): void
    {
        self::assertSame($evenings, array_map(
            static fn (Evening $one): string => "{$one->day->iso()} $one->from $one->minutes",
            self::read($said),
        ));
    }

    /** The first of January 2027 is a Friday (from memory; PHP's own calendar is asked). */
    public function testEachDayOfTheWeekIsThatDay(): void
    {
        foreach (['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as $i => $name) {
            foreach (self::read("{$name}s") as $one) {
                self::assertSame((string) ($i + 1), (new \DateTimeImmutable($one->day->iso()))->format('N'));
            }
        }
        self::assertCount(18, self::read('every evening, 30 minutes'));
    }

    /** @return iterable<string, array{string}> */
    public static function refused(): iterable
    {
        yield 'no words we know' => ['when the tide is out'];
        yield 'a month is no evening' => ['in December'];
        yield 'a day no month has' => ['31 November'];
        yield 'backwards' => ['23 to 21 December'];
        yield 'three weekdays with strokes' => ['Mon-Tue-Wed'];
        yield 'too short' => ['2026-12-20 19:00 4'];
        yield 'too long' => ['Sundays, 11 hours'];
        yield 'no such day' => ['2026-02-30 19:00 90'];
        yield 'no such time' => ['2026-12-20 24:00 90'];
        yield 'one over another' => ['2026-12-20 19:00 90, 2026-12-20 20:29 10'];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoneIsRefused(string $said): void
    {
        $this->expectException(PlanProblem::class);
        self::read($said);
    }

    public function testNoDayThatIsOverIsMeant(): void
    {
        $this->expectExceptionMessage('No such day is left before the first day, 2027-01-01.');
        SaidEvenings::read('Mondays', self::day('2026-12-28'), self::day('2027-01-01'));
    }

    public function testThisEveningIsNoneWhereNobodyKnowsWhatDayItIs(): void
    {
        $this->expectExceptionMessage('“this evening” is no evening');
        SaidEvenings::read('this evening', self::day('2026-12-13'), self::day('2027-01-01'));
    }

    /** @return list<Evening> */
    private static function read(string $said): array
    {
        return SaidEvenings::read($said, self::day('2026-12-13'), self::day('2027-01-01'), today: self::day('2026-12-14'), clock: 20 * 60 + 33);
    }

    private static function day(string $iso): Day
    {
        return Day::read($iso) ?? throw new \LogicException();
    }
}
