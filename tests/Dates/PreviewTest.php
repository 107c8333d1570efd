<?php

/* What taking something in would do: nothing comes in twice, nothing outside the book comes in unsaid. */

declare(strict_types=1);

namespace Tests\Dates;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\Arrival;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\Incoming;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\Preview;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\When;
use PHPUnit\Framework\TestCase;

final class PreviewTest extends TestCase
{
    public function testEachLineSaysWhatBecomesOfIt(): void
    {
        $known = new KnownDates([
            new Entry('choir', 'Choir', When::read('2027-03-01'), category: 'events', uid: 'a'),
            new Entry('dentist', 'Dentist', When::read('2027-03-12'), uid: 'b'),
            new Entry('ione', 'Ione Marrack', When::read('1987-05-29'), EntryKind::Birthday, born: 1987),
        ]);
        $preview = self::preview($known, [
            Found::entry(new Entry('', 'Choir', When::read('2027-03-01'), uid: 'a'), 'x'),
            Found::entry(new Entry('', 'Dentist', When::read('2027-03-19'), uid: 'b'), 'x'),
            Found::entry(new Entry('', 'ione  marrack!', When::read('2000-05-29'), EntryKind::Birthday), 'x'),
            Found::entry(new Entry('', 'New', When::read('2027-06-01')), 'x'),
            Found::entry(new Entry('', 'new', When::read('2027-06-01')), 'x'),
            Found::entry(new Entry('', 'Long ago', When::read('2020-06-01')), 'x'),
            Found::entry(new Entry('', 'Next year', When::read('2028-06-01')), 'x'),
            Found::entry(new Entry('', 'Far away', When::read('2031-06-01')), 'x'),
            Found::entry(new Entry('', 'Since long', When::read('2001-06-01'), repeat: Rule::read('FREQ=YEARLY')), 'x'),
            Found::entry(new Entry('', 'Ended', When::read('2001-06-01'), repeat: Rule::read('FREQ=YEARLY;UNTIL=20200101')), 'x'),
            Found::entry(new Entry('', 'Last days', When::read('2026-12-28/2027-01-02')), 'x'),
            Found::entry(new Entry('', 'Choir 1', When::read('2027-09-01')), 'x'),
            Found::entry(new Entry('', 'Choir 2', When::read('2027-09-01')), 'x'),
            Found::skipped('line 9', 'No day.'),
        ]);
        self::assertSame(
            ['same', 'changed', 'double', 'new', 'double', 'outside', 'new', 'outside', 'new', 'outside', 'new', 'new', 'new', 'skipped'],
            array_map(static fn (Incoming $row): string => $row->as->value, $preview->rows),
        );
        self::assertSame('Before: “Dentist”, 2027-03-12.', $preview->rows[1]->says);
        self::assertSame('After this book: kept for the next one (June 2028).', $preview->rows[6]->says);
        self::assertSame(['dentist', 'new', 'next-year', 'since-long', 'last-days', 'choir-1', 'choir-2'], array_column($preview->taken(), 'id'));
        self::assertSame(14, array_sum($preview->counts()));
    }

    /** Whatever comes in, coming in again it changes nothing. */
    public function testASecondTimeNothingIsNew(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 200; ++$i) {
            $found = array_map(static fn (int $n): Found => Found::entry(new Entry(
                '',
                ['Choir', 'Dentist', 'Boat', 'Ione', 'Market'][mt_rand(0, 4)].' '.mt_rand(1, 3),
                When::read(\sprintf('%d-%02d-%02d', mt_rand(2026, 2028), mt_rand(1, 12), mt_rand(1, 28))),
                uid: 0 === mt_rand(0, 1) ? "uid-$n" : null,
            ), 'x'), range(1, 12));
            $first = self::preview(new KnownDates(), $found);
            $known = (new KnownDates())->with(...$first->taken());
            $second = self::preview($known, $found);
            self::assertSame([], $second->taken());
            foreach ($second->rows as $row) {
                self::assertContains($row->as, [Arrival::Same, Arrival::Double, Arrival::Outside]);
            }
        }
    }

    /** @param list<Found> $found */
    private static function preview(KnownDates $known, array $found): Preview
    {
        return Preview::of($known, $found, new Period(new Month(2027, 1), new Month(2027, 12)));
    }
}
