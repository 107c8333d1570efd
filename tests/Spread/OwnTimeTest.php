<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\WeeksShown;
use AmpleMargin\Spread\Setting\Settings;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

/** Whatever is shaped like time takes a first month and how many: one meaning for all of it. */
final class OwnTimeTest extends TestCase
{
    /** The law: a spread with months of its own is drawn as the same spread in a book of those months. */
    public function testMonthsOfItsOwnAreDrawnAsInABookOfThem(): void
    {
        $seen = 0;
        foreach (self::timed() as $kind) {
            foreach ([['2027-01', '2027-06'], ['2026-09', '2027-06'], ['1926-12', '1926-12'], ['2027-07', '2028-12']] as [$start, $end]) {
                $own = ['from' => $start, OwnPeriod::MONTHS => Asking::period($start, $end)->length()];
                $said = self::words($kind, Asking::of($kind, $own));
                $meant = self::words($kind, Asking::of($kind, [OwnPeriod::MONTHS => $own[OwnPeriod::MONTHS]], start: $start, end: $end));
                // A log names the years of months that are not the book's; what is said of the book stays the book's.
                if (!\in_array($kind->id, ['future-log', 'cover'], true)) {
                    self::assertSame($meant, $said, "$kind->id of $start to $end");
                }
                self::assertNotSame([], $said, $kind->id);
                ++$seen;
            }
        }
        self::assertGreaterThan(100, $seen);
    }

    /** Weeks against PHP's own ISO 8601 weeks, over a hundred years and all ways to choose them. */
    public function testWeeksAreThoseThePeopleMean(): void
    {
        foreach (range(1960, 2060, 3) as $year) {
            foreach ([Weekday::Monday, Weekday::Sunday] as $first) {
                $facts = new CalendarFacts(Asking::period("$year-07", "$year-12"), $first);
                $weeks = static fn (array $said): array => array_map(
                    static fn ($day): string => $day->iso(),
                    WeeksShown::of($facts, new Settings($said, WeeksShown::fields())),
                );
                $of = ['all' => [], 'begin' => [], 'most' => []];
                $day = new \DateTimeImmutable("$year-06-20", new \DateTimeZone('UTC'));
                for (; $day->format('Y-m-d') < ($year + 1).'-01-15'; $day = $day->modify('+1 day')) {
                    if ((int) $day->format('N') !== $first->value) {
                        continue;
                    }
                    $in = array_filter(range(0, 6), static function (int $i) use ($day, $year): bool {
                        $one = $day->modify("+$i days")->format('Y-m-d');

                        return $one >= "$year-07-01" && $one <= "$year-12-31";
                    });
                    array_push($of['all'], ...[] === $in ? [] : [$day->format('Y-m-d')]);
                    array_push($of['begin'], ...\in_array(0, $in, true) ? [$day->format('Y-m-d')] : []);
                    array_push($of['most'], ...\count($in) > 3 ? [$day->format('Y-m-d')] : []);
                }
                foreach ($of as $which => $expected) {
                    self::assertSame($expected, $weeks([WeeksShown::WHICH => $which]), "$year, $which");
                }
                $numbered = $weeks([WeeksShown::FIRST => 27, WeeksShown::COUNT => 26]);
                self::assertCount(26, $numbered);
                foreach ($numbered as $i => $iso) {
                    self::assertSame(27 + $i, (int) (new \DateTimeImmutable($iso))->modify('+3 days')->format('W'), "$year: $iso");
                }
            }
        }
        self::assertCount(53, array_unique(array_map(
            static fn (int $n): string => WeeksShown::of(
                new CalendarFacts(Asking::period('2027-01', '2027-12')),
                new Settings([WeeksShown::FIRST => $n, WeeksShown::COUNT => 1], WeeksShown::fields()),
            )[0]->iso(),
            range(1, 53),
        )), 'a year without a 53rd week has one where it would be');
    }

    public function testNoneAndTwoHundredMonthsAreSaidAndTheBookIsDrawn(): void
    {
        $kind = Asking::kind('subscriptions-by-month');
        $usual = self::words($kind, Asking::of($kind));
        foreach ([0, 200, '6', 1.5, null, []] as $wrong) {
            $settings = $kind->settings([OwnPeriod::MONTHS => $wrong]);
            self::assertSame($usual, self::words($kind, Asking::of($kind, [OwnPeriod::MONTHS => $wrong])));
            if (null !== $wrong) {
                self::assertStringContainsString('a whole number from 1 to 24 is meant', $settings->wrong()[OwnPeriod::MONTHS] ?? '');
            }
        }
    }

    /** @return \Generator<Kind> */
    private static function timed(): \Generator
    {
        foreach ((new Catalogue())->spreads() as $kind) {
            if (\in_array(OwnPeriod::MONTHS, array_column($kind->fields(), 'name'), true)) {
                yield $kind;
            }
        }
    }

    /** @return list<string> what is written, page after page */
    private static function words(Kind $kind, Request $asked): array
    {
        return array_merge(...array_map(
            static fn (PageDrawing $page): array => array_map(
                static fn (Words $mark): string => $mark->text,
                array_values(array_filter($page->marks, static fn (object $mark): bool => $mark instanceof Words)),
            ),
            $kind->form->layOut($asked)->drawings(),
        ));
    }
}
