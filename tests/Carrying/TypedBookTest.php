<?php

/* An old book typed in from its pages: what each line is taken for, and what is refused, by its line. */

declare(strict_types=1);

namespace Tests\Carrying;

use AmpleMargin\Book\Carrying\TypedBook;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldReader;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\OldWriter;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Olds;

final class TypedBookTest extends TestCase
{
    public function testALineIsASpreadWithItsPages(): void
    {
        $old = self::typed("Key\n  index 2\nFuture log, 4 pages\nbooks: 2\nThe boat in spring 3\nTides pp. 2\n\npen test");
        self::assertSame([
            ['key', null, 1, 1],
            ['index', null, 2, 2],
            ['future-log', null, 4, 4],
            ['books-read', 'books', 8, 2],
            ['', 'The boat in spring', 10, 3],
            ['', 'Tides', 13, 2],
            ['pen-test', 'pen test', null, 1],
        ], array_map(static fn (OldSpread $one): array => [$one->spread->kind, $one->spread->title, $one->page, $one->pages], $old->spreads));
        self::assertSame(14, $old->front, 'what stands at the back is not in front');
    }

    /** A figure may be the page a spread begins on: it goes to the next one's, or as far as is written. */
    public function testAFigureMayBeThePageItBeginsOn(): void
    {
        $places = static fn (OldBook $old): array => array_map(
            static fn (OldSpread $one): array => [$one->spread->title ?? $one->spread->kind, $one->page, $one->pages],
            $old->spreads,
        );
        $expected = [['key', 1, 1], ['index', 2, 2], ['future-log', 4, 4], ['Tides', 9, 3], ['Pen test', null, 1]];
        self::assertSame($expected, $places(self::typed("Key 1\nIndex 2\nFuture log 4–7\nTides 9-11\nPen test 190", '', true)));
        self::assertSame($expected, $places(self::typed("Key\nIndex 2\nFuture log 4-7\nTides p. 9–11\nPen test", '')));
        self::assertSame([['key', 1, 1], ['future-log', 8, 1]], $places(self::typed("Key\nFuture log p. 8", '')));
        $old = self::typed("Key 1\nFuture log 2–5", "January 2026 17\nFeb. 18–29\nSept 100", true);
        self::assertSame(['2026-01' => 12, '2026-02' => 12], \array_slice($old->months, 0, 2));
        self::assertSame(71, array_sum(\array_slice($old->months, 2)));
        foreach (["Key 4\nIndex 2", 'Key 4–2', 'Key 190–193'] as $wrong) {
            try {
                self::typed($wrong, '', true);
                self::fail($wrong);
            } catch (PlanProblem $problem) {
                self::assertStringContainsString('its pages go on from', $problem->getMessage());
            }
        }
    }

    /** The last page of a month says what it took; months between share what nobody noted. */
    public function testAMonthIsWhatItsLastPageSays(): void
    {
        $months = self::typed("Key\nIndex 2", "Jan 15\nFebruary 2026: 25\nApril 40\n2026-05 40")->months;
        self::assertSame(['2026-01' => 12, '2026-02' => 10, '2026-03' => 7, '2026-04' => 8, '2026-05' => 0], $months);
        self::assertSame([], self::typed('', '')->months);
    }

    public function testWhatCannotBeIsSaidByItsLine(): void
    {
        foreach ([
            ['Key', 'Smarch 12', 'Line 1, “Smarch 12”: write a month of the book, then its last page, such as “March 48”.'],
            ['Key', "Jan 12\nFeb", 'Line 2, “Feb”: write a month'],
            ['Key', 'Jan 400', 'the book has 192 pages.'],
            ['Key 30', "Jan 40\nMarch 35", 'March 2026 ends on page 35, before what stands ahead of it ends on page 40.'],
            ['Key 30', 'Jan 20', 'January 2026 ends on page 20, before what stands ahead of it ends on page 30.'],
            ["Key\n12", '', 'Line 2, “12”: write what it was, then how many pages it had.'],
            ['Key 900', '', 'Line 1, “Key 900”'],
            [str_repeat('long ', 60), '', 'Line 1 has 299 letters: at most 200.'],
            [str_repeat("Key\n", 301), '', 'A book takes at most 300 spreads.'],
        ] as [$spreads, $months, $says]) {
            try {
                self::typed($spreads, $months);
                self::fail($says);
            } catch (PlanProblem $problem) {
                self::assertStringContainsString($says, $problem->getMessage());
            }
        }
    }

    /** What is written of an old book is read back as the same. */
    public function testAnOldBookReadsBackAsItWas(): void
    {
        for ($seed = 1; $seed <= 100; ++$seed) {
            mt_srand($seed);
            $written = json_encode(OldWriter::book(Olds::random(mt_rand(0, 30))), \JSON_THROW_ON_ERROR);
            $read = OldReader::book(Values::of(json_decode($written, true, 64, \JSON_THROW_ON_ERROR)));
            self::assertSame($written, json_encode(OldWriter::book($read)), "seed $seed");
        }
    }

    private static function typed(string $spreads, string $months = '', bool $numbers = false): OldBook
    {
        return (new TypedBook(new Period(new Month(2026, 1), new Month(2026, 12)), new Catalogue(), new Names('en')))
            ->read('Last year', Books::a5(), new WeekPlan(Weekday::Monday), $spreads, $months, $numbers);
    }
}
