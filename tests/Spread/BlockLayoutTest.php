<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Spread\Filling\Year\BlockAsked;
use AmpleMargin\Spread\Filling\Year\BlockLayout;
use PHPUnit\Framework\TestCase;

final class BlockLayoutTest extends TestCase
{
    /** docs/trade.md, "The year at a glance", practice: on 26 × 38 with a title of 3 twelve blocks stand on one page, 3 + 4 · 8 + 3 · 1 = 38. */
    public function testTwelveMonthsFitExactlyOnAnA5Page(): void
    {
        $layout = BlockLayout::fit(new BlockAsked(Fraction::of(1)), 26, 35, $this->months(2027, 1, 12)) ?? self::fail();
        self::assertCount(1, $layout->pages);
        self::assertTrue($layout->letters);
        self::assertSame('7, skip 2, 7, skip 2, 7', $layout->pages[0]->across->run());
        self::assertSame('8, skip 1, 8, skip 1, 8, skip 1, 8', $layout->pages[0]->down->run());
        self::assertSame([6, 6, 6, 6], $layout->pages[0]->rows);
    }

    /**
     * Against exhaustive search: of all ways to stand so many columns on so many pages, with letters in every block
     * or once, with six rows or as many as are needed, none takes fewer pages; and of those with as few pages, one
     * with letters in every block is taken where there is one.
     */
    public function testNoOtherArrangementTakesFewerPages(): void
    {
        mt_srand(23);
        $compared = 0;
        for ($i = 0; $i < 250; ++$i) {
            [$across, $down, $count] = [mt_rand(7, 40), mt_rand(7, 50), mt_rand(1, 24)];
            $day = [Fraction::of(1), Fraction::of(3, 2), Fraction::of(2)][mt_rand(0, 2)];
            $weeks = 0 === mt_rand(0, 2);
            $months = $this->months(mt_rand(1990, 2060), mt_rand(1, 12), $count);
            $found = BlockLayout::fit(new BlockAsked($day, null, $weeks), $across, $down, $months);
            $best = $this->search($across, $down, $day, $weeks, $months);
            self::assertSame(
                $best[0] ?? null,
                null === $found ? null : \count($found->pages),
                "case $i: $across × $down, $count months of $day",
            );
            self::assertSame($best[1] ?? null, $found?->letters, "case $i");
            $compared += null === $found ? 0 : 1;
        }
        self::assertGreaterThan(120, $compared);
    }

    /** The sixth row is what breaks hand-drawn years: every month's last day stands inside its block, and no block meets another. */
    public function testNoMonthEverRunsOutOfRowsAndNoBlockMeetsAnother(): void
    {
        $sixes = 0;
        for ($year = 1990; $year <= 2060; ++$year) {
            foreach ([[26, 35], [17, 24], [31, 43], [20, 30]] as [$across, $down]) {
                foreach ([1, 6, 7] as $first) {
                    $months = $this->months($year, 1, 12, Weekday::from($first));
                    $layout = BlockLayout::fit(
                        new BlockAsked(Fraction::of(1)),
                        $across,
                        $down,
                        $months,
                    ) ?? self::fail("$year on $across × $down");
                    foreach ($layout->pages as $page) {
                        $taken = [];
                        foreach ($page->places() as [$x, $y, $rows, $grid]) {
                            self::assertLessThanOrEqual($rows, $grid->rows, $grid->month->iso());
                            $sixes += 6 === $grid->rows ? 1 : 0;
                            $tall = $layout->asked->tall($rows, $layout->letters);
                            self::assertLessThanOrEqual($down, $y + $tall + $layout->head());
                            self::assertLessThanOrEqual($across, $x + 7);
                            foreach ($taken as [$otherX, $otherY, $otherTall]) {
                                self::assertTrue(
                                    $x >= $otherX + 8 || $otherX >= $x + 8 || $y >= $otherY + $otherTall + 1 || $otherY >= $y + $tall + 1,
                                    'a box stays free between blocks',
                                );
                            }
                            $taken[] = [$x, $y, $tall];
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(1_000, $sixes, 'six-row months were among them');
    }

    public function testAskedColumnsAndPagesAreKeptOrRefused(): void
    {
        $months = $this->months(2027, 1, 12);
        self::assertCount(2, BlockLayout::fit(new BlockAsked(Fraction::of(1), pages: 2), 26, 35, $months)->pages ?? []);
        self::assertCount(
            2,
            BlockLayout::fit(new BlockAsked(Fraction::of(1), columns: 2), 26, 35, $months)?->pages[0]->across->parts ?? [],
        );
        self::assertNull(BlockLayout::fit(new BlockAsked(Fraction::of(2), pages: 1), 26, 35, $months));
        self::assertNull(BlockLayout::fit(new BlockAsked(Fraction::of(1), columns: 4), 26, 35, $months));
    }

    /**
     * @param non-empty-list<MonthGrid> $months
     *
     * @return array{int, bool}|null fewest pages, and whether letters can stand in every block on as few
     */
    private function search(int $across, int $down, Fraction $day, bool $weeks, array $months): ?array
    {
        $up = static fn (float $boxes): int => (int) ceil($boxes - 1e-9);
        $size = $day->numerator / $day->denominator;
        $wide = $up(($weeks ? 8 : 7) * $size);
        for ($pages = 1; $pages <= \count($months); ++$pages) {
            foreach ([true, false] as $letters) {
                for ($columns = 1; $columns <= \count($months); ++$columns) {
                    $each = (int) ceil(\count($months) / $pages);
                    $fits = $columns * $wide + $columns - 1 <= $across && (int) ceil(\count($months) / $each) === $pages;
                    foreach (array_chunk($months, $each) as $share) {
                        $bands = array_chunk($share, $columns);
                        $tall = \count($bands) - 1 + ($letters ? 0 : $up($size));
                        foreach ($bands as $band) {
                            $tall += $up($up($size) + (max(array_map(
                                static fn (MonthGrid $grid): int => $grid->rows,
                                $band,
                            )) + ($letters ? 1 : 0)) * $size);
                        }
                        $fits = $fits && $tall <= $down;
                    }
                    if ($fits) {
                        return [$pages, $letters];
                    }
                }
            }
        }

        return null;
    }

    /** @return non-empty-list<MonthGrid> */
    private function months(int $year, int $month, int $count, Weekday $first = Weekday::Monday): array
    {
        return array_map(
            static fn (int $i): MonthGrid => new MonthGrid((new Month($year, $month))->plus($i), $first),
            range(0, $count - 1),
        );
    }
}
