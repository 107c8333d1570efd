<?php

/* The ways to begin: on any paper and for any months each is whole, without anything that cannot be drawn, and fits where a book can. */

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Beginning;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\StarterPlan;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue\Catalogue;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class BeginningTest extends TestCase
{
    private const PAPERS = [
        'A5 of 192 pages' => [148_000, 210_000, 5_000, 26, 38, 192],
        'A5 of 160 pages' => [148_000, 210_000, 5_000, 26, 38, 160],
        'B6 at 6 mm of 240 pages' => [125_000, 176_000, 6_000, 17, 28, 240],
        'B5 of 160 pages' => [176_000, 250_000, 5_000, 31, 46, 160],
        'a thin book of 64 pages' => [148_000, 210_000, 5_000, 26, 38, 64],
    ];

    public function testEachIsWholeOnAnyPaperAndForAnyMonths(): void
    {
        foreach (self::PAPERS as $name => $paper) {
            foreach ([['2027-01', '2027-12'], ['2027-07', '2027-12'], ['2026-09', '2027-06']] as [$start, $end]) {
                foreach (Beginning::cases() as $as) {
                    $about = "$as->value on $name from $start to $end";
                    $plan = StarterPlan::for('New', new Stock(...$paper), Asking::period($start, $end), Weekday::Monday, as: $as);
                    $book = Composer::compose($plan);
                    $broken = array_filter($book->findings(), static fn (Finding $finding): bool => $finding->broken);
                    self::assertSame([], array_column($broken, 'says'), $about);
                    $ids = array_map(static fn (PlannedSpread $spread): string => $spread->id, $plan->spreads);
                    self::assertSame(array_unique($ids), $ids, $about);
                    self::assertSame('a thin book of 64 pages' !== $name || Beginning::Collections === $as || $book->runOut->fits, $book->runOut->fits, $about);
                    if (Beginning::Collections === $as) {
                        self::assertSame(0, array_sum(array_column($book->months, 'pages')), $about);
                        self::assertTrue($book->runOut->fits, $about);
                    }
                }
            }
        }
    }

    /** The richer way has more in it, on the same paper; a half-year has a half-year's glance. */
    public function testTheWaysDifferAsTheirNamesSay(): void
    {
        $pages = [];
        foreach (Beginning::cases() as $as) {
            $plan = StarterPlan::for('New', new Stock(...self::PAPERS['A5 of 192 pages']), Asking::period('2027-07', '2027-12'), Weekday::Monday, as: $as);
            $pages[$as->value] = \count(Composer::compose($plan)->spreadPages());
            $kinds = array_column($plan->spreads, 'kind');
            self::assertSame(Beginning::Collections !== $as, \in_array('half-year-at-a-glance', $kinds, true), $as->value);
            self::assertNotContains('year-at-a-glance', $kinds);
        }
        self::assertGreaterThan($pages['spare'], $pages['usual']);
        self::assertGreaterThan(2 * $pages['usual'], $pages['rich']);
    }

    /** What was said of the spreads, the patterns and the pens comes along; what belonged to pages and months stays behind. */
    public function testAnotherNotebookIsBegunAsTheLast(): void
    {
        $old = StarterPlan::for('Old', new Stock(...self::PAPERS['A5 of 192 pages']), Asking::period('2026-01', '2026-12'), Weekday::Sunday, as: Beginning::Rich);
        $old = $old->with([
            'spreads' => array_map(static fn (PlannedSpread $spread): PlannedSpread => 'quote' === $spread->id
                ? $spread->with(['pin' => 9, 'title' => 'Motto', 'settings' => ['text' => 'A dry boat']])
                : ('future-log' === $spread->id ? $spread->with(['settings' => ['from' => '2026-03', 'school' => 'months']]) : $spread), $old->spreads),
            'months' => $old->months->with(['overrides' => ['2026-12' => 'plain']]),
        ]);
        $new = StarterPlan::like($old, 'New', new Stock(...self::PAPERS['B5 of 160 pages']), Asking::period('2027-01', '2027-06'), Tally::Dots, new Catalogue());
        $spreads = array_column($new->spreads, null, 'id');
        self::assertSame(array_column($old->spreads, 'id'), array_keys($spreads));
        self::assertSame([null, 'Motto', ['text' => 'A dry boat']], [$spreads['quote']->pin, $spreads['quote']->title, $spreads['quote']->settings]);
        self::assertSame(['school' => 'months'], $spreads['future-log']->settings);
        self::assertSame([], $new->months->overrides);
        self::assertSame([31, Tally::Dots, Weekday::Sunday], [$new->stock->across, $new->counting, $new->weeks->first]);
    }
}
