<?php

/* What happens when: leads, birthdays, several days, leap days, what was put off; against PHP's own dates and against counting day by day. */

declare(strict_types=1);

namespace Tests\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Dates\Agenda;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\LeapDay;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\When;
use PHPUnit\Framework\TestCase;

final class AgendaTest extends TestCase
{
    /** Each duty stands on its day and so many days before it, for a hundred duties over two years. */
    public function testADutyIsSeenOnItsDayAndItsLeadBefore(): void
    {
        mt_srand(7);
        [$from, $to] = [new Month(2027, 1), new Month(2028, 12)];
        for ($i = 0; $i < 100; ++$i) {
            $lead = mt_rand(1, 60);
            $every = mt_rand(1, 12);
            $first = \sprintf('2026-%02d-%02d', mt_rand(1, 12), mt_rand(1, 28));
            $duty = new Entry('tax', 'Tax', When::read($first), EntryKind::Duty, repeat: Rule::read("FREQ=MONTHLY;INTERVAL=$every"), lead: $lead);
            $due = $ahead = [];
            for ($n = 0, $day = new \DateTimeImmutable($first); $day < new \DateTimeImmutable('2029-06-01'); ++$n, $day = (new \DateTimeImmutable($first))->modify('+'.$n * $every.' months')) {
                if ($day->format('Y') > '2026' && $day->format('Y') < '2029') {
                    $due[] = $day->format('Y-m-d');
                }
                $seen = $day->modify("-$lead days")->format('Y-m-d');
                if ($seen >= '2027-01-01' && $seen <= '2028-12-31') {
                    $ahead[] = $seen.' for '.$day->format('Y-m-d');
                }
            }
            $all = Agenda::of(new KnownDates([$duty]), $from, $to)->all();
            self::assertSame($due, self::said($all, false), "$first, every $every months");
            self::assertSame($ahead, self::said($all, true), "$first, every $every months, $lead days before");
        }
    }

    public function testABirthdayComesEveryYearAndSaysHowOldSomebodyTurns(): void
    {
        $known = new Entry('ione', 'Ione', When::read('1987-05-29'), EntryKind::Birthday, born: 1987);
        $unknown = new Entry('jory', 'Jory', When::read('2000-05-30'), EntryKind::Birthday);
        $unborn = new Entry('baby', 'Baby', When::read('2028-05-31'), EntryKind::Birthday, born: 2028);
        $all = Agenda::of(new KnownDates([$known, $unknown, $unborn]), new Month(2026, 1), new Month(2028, 12))->all();
        self::assertSame(
            ['2026-05-29 39', '2026-05-30 ', '2027-05-29 40', '2027-05-30 ', '2028-05-29 41', '2028-05-30 ', '2028-05-31 0'],
            array_map(static fn (Occurrence $once): string => $once->day?->iso().' '.$once->turns(), $all),
        );
    }

    /** In other years on 28 February, or on 1 March; two birthdays on one leap day each as they were chosen. */
    public function testALeapDayIsWhereItWasChosenInOtherYears(): void
    {
        foreach ([[LeapDay::Before, '02-28'], [LeapDay::After, '03-01']] as [$leap, $day]) {
            foreach ([1964, null] as $born) {
                $entry = new Entry('jory', 'Jory', When::read(($born ?? 2000).'-02-29'), EntryKind::Birthday, born: $born, leap: $leap);
                self::assertTrue($entry->isOfLeapDay());
                self::assertSame(
                    ["2026-$day", "2027-$day", '2028-02-29', "2029-$day"],
                    self::said(Agenda::of(new KnownDates([$entry]), new Month(2026, 1), new Month(2029, 12))->all(), false),
                );
            }
        }
    }

    /** Whatever lasts days is in each month it touches; what began before the book is written on its first day. */
    public function testWhatLastsDaysIsWrittenInEachOfItsMonths(): void
    {
        $known = new KnownDates([
            new Entry('week', 'Week', When::read('2027-01-28/2027-02-03')),
            new Entry('before', 'Before', When::read('2026-12-20/2027-01-05')),
            new Entry('over', 'Over', When::read('2026-12-01/2026-12-31')),
        ]);
        $all = Agenda::of($known, new Month(2027, 1), new Month(2027, 12))->all();
        self::assertSame(
            ['before 2027-01-01 2027-01-05', 'week 2027-01-28 2027-02-03', 'week 2027-02-01 2027-02-03'],
            array_map(static fn (Occurrence $once): string => "{$once->entry->id} {$once->day?->iso()} {$once->last?->iso()}", $all),
        );
    }

    /** Every day of something long is written, or gone on through, exactly once; for 200 of up to 100 days. */
    public function testEveryDayOfSomethingLongIsKnown(): void
    {
        mt_srand(11);
        [$from, $to] = [new Month(2027, 1), new Month(2027, 12)];
        for ($i = 0; $i < 200; ++$i) {
            $first = Day::of($from, 1)->plus(mt_rand(-50, 400));
            $last = $first->plus(mt_rand(0, 99));
            $entry = new Entry('long', 'Long', When::read("{$first->iso()}/{$last->iso()}"));
            $agenda = Agenda::of(new KnownDates([$entry]), $from, $to);
            for ($day = Day::of($from, 1); $day->month->year < 2028; $day = $day->plus(1)) {
                $times = array_filter(
                    $agenda->in($day->month),
                    static fn (Occurrence $once): bool => $once->day?->number === $day->number || $once->goesOnThrough($day),
                );
                $lasts = !$day->isBefore($first) && !$last->isBefore($day);
                self::assertCount($lasts ? 1 : 0, $times, "{$entry->when->written()} on {$day->iso()}");
            }
        }
    }

    public function testAMonthIsByDayThenByTimeAndTheUndatedLast(): void
    {
        $known = new KnownDates([
            new Entry('wood', 'Wood', When::read('2027-03')),
            new Entry('late', 'Late', When::read('2027-03-12'), time: '19:00'),
            new Entry('all-day', 'Whole day', When::read('2027-03-12')),
            new Entry('early', 'Early', When::read('2027-03-12'), time: '08:00'),
            new Entry('first', 'First', When::read('2027-03-02')),
        ]);
        $in = Agenda::of($known, new Month(2027, 1), new Month(2027, 12))->in(new Month(2027, 3));
        self::assertSame(
            ['first', 'all-day', 'early', 'late', 'wood'],
            array_map(static fn (Occurrence $once): string => $once->entry->id, $in),
        );
    }

    public function testWhatWasPutOffStandsInItsNewMonthAndNowhereElse(): void
    {
        $wood = new Entry('wood', 'Wood', When::read('2027-03-10'));
        $known = (new KnownDates([$wood]))->settling('wood@2027-03-10', '2027-04');
        $agenda = Agenda::of($known, new Month(2027, 1), new Month(2027, 12));
        self::assertSame([[], ['wood@2027-04']], [
            $agenda->in(new Month(2027, 3)),
            array_map(static fn (Occurrence $once): string => $once->key(), $agenda->in(new Month(2027, 4))),
        ]);
        $again = Agenda::of($known->settling('wood@2027-04', '2027-06'), new Month(2027, 1), new Month(2027, 12));
        self::assertCount(1, $again->in(new Month(2027, 6)));
        self::assertSame([], $again->in(new Month(2027, 4)));
        $open = Agenda::of($known->settling('wood@2027-03-10', null), new Month(2027, 1), new Month(2027, 12));
        self::assertCount(1, $open->in(new Month(2027, 3)));
    }

    /** A full book of entries that come every day is gone through while a person waits, and none beyond its bound is lost unsaid. */
    public function testTwoThousandEntriesAreGoneThroughInATwinkling(): void
    {
        $entries = array_map(static fn (int $i): Entry => new Entry("e-$i", "Entry $i", When::on(Day::numbered(20_000 + $i)), repeat: match ($i % 4) {
            0 => Rule::read('FREQ=MONTHLY;BYDAY=2TU'),
            1 => Rule::read('FREQ=YEARLY'),
            default => null,
        }), range(0, KnownDates::MOST - 1));
        $from = microtime(true);
        $all = Agenda::of(new KnownDates($entries), new Month(2027, 1), new Month(2028, 12))->all();
        self::assertGreaterThan(8_000, \count($all));
        self::assertLessThan(4, microtime(true) - $from);
        $daily = array_map(static fn (Entry $entry): Entry => $entry->with(['repeat' => Rule::read('FREQ=DAILY')]), $entries);
        $cut = Agenda::of(new KnownDates($daily), new Month(2027, 1), new Month(2028, 12));
        self::assertTrue($cut->isCutOff);
        self::assertCount(Agenda::MOST, $cut->all());
    }

    /**
     * @param list<Occurrence> $all
     *
     * @return list<string>
     */
    private static function said(array $all, bool $ahead): array
    {
        $said = [];
        foreach ($all as $once) {
            if ($once->isAhead() === $ahead) {
                $said[] = $once->day?->iso().($ahead ? ' for '.$once->due?->iso() : '');
            }
        }

        return $said;
    }
}
