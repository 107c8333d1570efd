<?php

/* Graphs: their columns against luxon's weeks, their scale against every other scale there is. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Filling\GraphScale;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Reference\Luxon;

final class GraphTest extends TestCase
{
    /** Every Monday of the period, and the one the first month begins in, is written once, in order; counted from luxon's weekdays. */
    public function testEveryWeekHasItsColumnAndItsDate(): void
    {
        foreach (['2026', '2027', '2028', '2032'] as $year) {
            $mondays = [];
            $weekday = Luxon::months()["$year-01"]['weekday'];
            $last = Luxon::months()[((int) $year - 1).'-12']['days'];
            if (1 !== $weekday) {
                $mondays[] = $last - ($weekday - 2);
            }
            for ($month = 1; $month <= 12; ++$month) {
                $said = Luxon::months()[\sprintf('%s-%02d', $year, $month)];
                for ($day = 1; $day <= $said['days']; ++$day) {
                    if (1 === ($said['weekday'] + $day - 2) % 7 + 1) {
                        $mondays[] = $day;
                    }
                }
            }
            self::assertSame($mondays, self::dates($year, ['graph_weeks' => 'all']), $year);
        }
    }

    /** As ISO 8601 counts them (PHP's own date library): 53 in 2026 and 2032, 52 in the others; by their first day or their last. */
    public function testTheWeeksOfAYearAreThoseOfIso(): void
    {
        foreach (range(2020, 2040) as $year) {
            $first = $last = [];
            $weeks = (int) (new \DateTimeImmutable("$year-12-28"))->format('W');
            for ($week = 1; $week <= $weeks; ++$week) {
                $monday = (new \DateTimeImmutable())->setISODate($year, $week);
                $first[] = (int) $monday->format('j');
                $last[] = (int) $monday->modify('+6 days')->format('j');
            }
            self::assertSame($first, self::dates((string) $year), (string) $year);
            self::assertSame($last, self::dates((string) $year, ['graph_dates' => 'last']), (string) $year);
        }
    }

    /**
     * The dates below the columns, in order.
     *
     * @param array<string, mixed> $settings
     *
     * @return list<int>
     */
    private static function dates(string $year, array $settings = []): array
    {
        $kind = Asking::kind('graph-by-week');
        $laid = $kind->form->layOut(Asking::of($kind, $settings, across: 31, down: 45, start: "$year-01", end: "$year-12"));
        self::assertSame([], array_merge(...$laid->findings));
        $written = [];
        foreach ($laid->drawings() as $page) {
            foreach ($page->marks as $mark) {
                if ($mark instanceof Words && ctype_digit($mark->text)) {
                    $written[] = (int) $mark->text;
                }
            }
        }

        return $written;
    }

    /** 52 weeks stand on an opening of 26 and 26; the 53rd has no box there, so a week takes half a box and there is no third page. */
    public function testAYearOfFiftyThreeWeeksTakesNoThirdPage(): void
    {
        $pages = static function (string $year): array {
            $kind = Asking::kind('graph-by-week');

            return $kind->form->layOut(Asking::of($kind, start: "$year-01", end: "$year-12"))->drawings();
        };
        self::assertContains('26 columns of 1 box', array_column($pages('2027')[1]->workings, 'figure'));
        foreach (['2020' => 53, '2026' => 53, '2032' => 53] as $year => $weeks) {
            $drawn = $pages((string) $year);
            self::assertCount(2, $drawn, (string) $year);
            self::assertStringContainsString("$weeks weeks in all", implode(' ', array_column($drawn[0]->workings, 'arithmetic')));
            self::assertContains('27 columns of ½ box', array_column($drawn[0]->workings, 'figure'));
        }
    }

    /** By every other way: no finer step of 1, 2 or 5 and their tens has room for what must be shown. */
    public function testTheScaleIsTheFinestThatFitsAndHoldsBothValues(): void
    {
        for ($seed = 1; $seed <= 2_000; ++$seed) {
            mt_srand($seed);
            $one = mt_rand(-20_000, 200_000) * [1, 10, 100][mt_rand(0, 2)];
            $other = $one + mt_rand(-30_000, 30_000);
            $rows = mt_rand(1, 40);
            $scale = GraphScale::between($one, $other, $rows);
            if ($one === $other || null === $scale) {
                continue;
            }
            $about = "seed $seed: $one to $other on $rows";
            self::assertTrue($scale->foot <= min($one, $other) && $scale->foot > min($one, $other) - $scale->step, $about);
            self::assertGreaterThanOrEqual(max($one, $other), $scale->foot + $scale->steps * $scale->step, $about);
            self::assertTrue($scale->boxes >= 1 && $scale->steps * $scale->boxes <= $rows, $about);
            self::assertMatchesRegularExpression('/^[125]0*$/', (string) $scale->step, $about);
            foreach ([1, 2, 5, 10, 20, 50, 100, 200, 500, 1_000, 2_000, 5_000, 10_000, 20_000, 50_000] as $finer) {
                if ($finer < $scale->step) {
                    $lines = (int) (ceil(max($one, $other) / $finer) - floor(min($one, $other) / $finer));
                    self::assertGreaterThan($rows, $lines, "$about: steps of $finer would fit");
                }
            }
        }
    }

    public function testNumbersAreReadAsPeopleWriteThem(): void
    {
        self::assertSame([7_150, 7_150, -5, 300, null, null, null, null], array_map(GraphScale::read(...), ['71.5', ' 71,50', '-0.05', '3', '', 'abc', '1.234', '1e5']));
        self::assertSame(['-0.05', '71.5', '300', '0'], array_map(GraphScale::written(...), [-5, 7_150, 30_000, 0]));
    }

    /** The line of each step stands so many boxes above the one before, the values beside them; all of it counted by hand. */
    public function testAScaleFromSeventyFiveToSixtyEight(): void
    {
        $kind = Asking::kind('graph-by-week');
        $page = $kind->form->layOut(Asking::of($kind, ['value_from' => '75', 'value_to' => '68,5']))->drawings()[0];
        // 38 − 3 for the title − 2 for the dates = 33 up; a value takes two boxes, so 16 steps at most: 13 of a half, 33 ÷ 13 = 2.
        $figures = array_column($page->workings, 'arithmetic', 'figure');
        self::assertSame('68.5 to 75 in 13 steps of 0.5; 33 boxes ÷ 13, rounded down: 2', $figures['2 boxes a step'] ?? '');
        $values = array_values(array_filter(array_map(static fn ($mark): string => $mark instanceof Words ? $mark->text : '', $page->marks), is_numeric(...)));
        self::assertContains('68.5', $values);
        self::assertContains('75', $values);
    }

    public function testWhatIsNoNumberLeavesTheAxisOpenAndSaysSo(): void
    {
        $kind = Asking::kind('graph-by-week');
        $says = static fn (array $settings): array => array_column($kind->form->layOut(Asking::of($kind, $settings))->findings[0], 'says');
        self::assertSame([], $says([]));
        self::assertSame(['“much” is no number such as 71.5, so the axis is left open.'], $says(['value_from' => 'much', 'value_to' => '60']));
        self::assertStringContainsString('say where it begins', $says(['value_from' => '70'])[0] ?? '');
    }

    /** Nothing leaves the page, whatever the paper; every column is counted. */
    public function testGraphsKeepToTheirPage(): void
    {
        for ($seed = 1; $seed <= 300; ++$seed) {
            mt_srand($seed);
            $kind = Asking::kind(['graph-by-week', 'graphs-by-month'][mt_rand(0, 1)]);
            [$across, $down] = [mt_rand(10, 60), mt_rand(20, 80)];
            $settings = 0 === mt_rand(0, 1) ? [] : ['value_from' => (string) mt_rand(-50, 200), 'value_to' => (string) mt_rand(201, 9_000)];
            foreach ($kind->form->layOut(Asking::of($kind, $settings, $across, $down))->drawings() as $page) {
                $this->inside($page, "seed $seed");
            }
        }
    }

    private function inside(PageDrawing $page, string $about): void
    {
        [$wide, $tall] = [Grain::of($page->across), Grain::of($page->down)];
        foreach ($page->marks as $mark) {
            foreach ([[$mark->x, $wide], [$mark->x + $mark->wide, $wide], [$mark->y, $tall], [$mark->y + $mark->tall, $tall]] as [$at, $most]) {
                if ($at < 0 || $at > $most) {
                    self::fail("$about: ".$mark::class." leaves the page at $at of $most".($mark instanceof Line ? ', a line' : ''));
                }
            }
        }
        self::assertNotSame([], $page->steps, $about);
    }
}
