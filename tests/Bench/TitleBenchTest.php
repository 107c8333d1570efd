<?php

declare(strict_types=1);

namespace Tests\Bench;

use AmpleMargin\Bench\Placed;
use AmpleMargin\Bench\TitleBench;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TitleBenchTest extends TestCase
{
    /** docs/trade.md, "Titles and figures", practice: four digits 7 wide need 28 boxes before any gap, and do not fit on 26. */
    public function testAYearInDigitsOfSevenIsRefusedWithTheLargestThatFits(): void
    {
        $ways = (new TitleBench(26, 38, 5_000))->title('2027', 7, 1);
        self::assertSame(
            ['It does not fit', '31 boxes are needed; the page has 26. Letters 5 wide are the largest.'],
            [$ways[0]->figure, $ways[0]->arithmetic],
        );
        self::assertSame('On one line, no box before it', $ways[1]->figure);
    }

    /** @return iterable<string, array{string}> */
    public static function titles(): iterable
    {
        yield 'a word' => ['HARBOUR'];
        yield 'two words' => ['TRAM DRIVER'];
        yield 'accents' => ['ÄIJÄNSUO Łódź'];
        yield 'Arabic' => ['أهداف السنة'];
        yield 'Japanese' => ['二〇二七年の計画'];
        yield 'a year' => ['2027'];
        yield 'two years' => ['2027–2028'];
        yield 'one letter' => ['K'];
        yield 'eighty letters' => [str_repeat('Longer ', 11).'end'];
    }

    #[DataProvider('titles')]
    public function testEveryWayOfATitleStaysOnThePageWithItsLettersApart(string $title): void
    {
        foreach ([[10, 14], [26, 38], [60, 80]] as [$across, $down]) {
            foreach ((new TitleBench($across, $down, 5_000))->title($title, null, 1) as $way) {
                $end = -1;
                $row = -1;
                foreach ($way->drawing->marks ?? [] as $mark) {
                    self::assertGreaterThanOrEqual(0, min($mark->x, $mark->y), $way->name);
                    self::assertLessThanOrEqual($across * Grain::PER_BOX, $mark->x + $mark->wide, $way->name);
                    self::assertLessThanOrEqual($down * Grain::PER_BOX, $mark->y + $mark->tall, $way->name);
                    if ($mark instanceof Frame) {
                        $end = $mark->y === $row ? $end : -1;
                        self::assertGreaterThanOrEqual($end, $mark->x, "$title, $way->name: guide boxes do not meet");
                        [$end, $row] = [$mark->x + $mark->wide, $mark->y];
                    }
                }
                self::assertNotSame('', $way->arithmetic);
            }
        }
    }

    public function testATitleTooLongSaysSoAndMayStillFitOnTwoLinesOrAcrossTheFold(): void
    {
        $ways = array_column((new TitleBench(10, 14, 5_000))->title('SKERROW HARBOUR', null, 1), 'figure', 'name');
        self::assertSame('Not on one line', $ways['one']);
        self::assertSame('On two lines, letters 1 wide', $ways['two']);
        self::assertSame('Across the fold, letters 1 wide', $ways['fold']);
    }

    /** Read back box by box: a 2 and a 7 of three by five, filled as they are drawn. */
    public function testBlockFiguresAreFilledBoxByBox(): void
    {
        $block = array_values(array_filter(
            (new TitleBench(8, 20, 5_000))->title('27', null, 1),
            static fn (Placed $way): bool => 'block' === $way->name,
        ))[0];
        $rows = [];
        foreach ($block->drawing->marks ?? [] as $mark) {
            self::assertInstanceOf(Band::class, $mark);
            for ($x = intdiv($mark->x, Grain::PER_BOX); $x * Grain::PER_BOX < $mark->x + $mark->wide; ++$x) {
                $rows[intdiv($mark->y, Grain::PER_BOX)][$x] = true;
            }
        }
        ksort($rows);
        $drawn = array_map(
            static fn (array $row): string => implode(
                '',
                array_map(static fn (int $x): string => isset($row[$x]) ? '#' : '.', range(0, 7)),
            ),
            array_values($rows),
        );
        self::assertSame(['##..###.', '..#...#.', '.##..#..', '#....#..', '###..#..'], $drawn);
    }

    /** A grid printed off the middle of its paper: by how much the block stands off is said in mm. */
    public function testTheMiddleOfPaperAndGridAreBothSaid(): void
    {
        [$grid, $paper] = (new TitleBench(26, 38, 5_000))->block(9, 148_000, 11_000);
        self::assertSame('In the middle of the grid: 8 boxes before it', $grid->figure);
        self::assertSame('(26 − 9) ÷ 2 = 8½: half a box off, so 8 before and 9 after, counted on the grid', $grid->arithmetic);
        self::assertSame('In the middle of the paper: 8 boxes before it', $paper->figure);
        self::assertStringEndsWith('0.5 mm to the left of its middle, as near as whole boxes come', $paper->arithmetic);
        self::assertSame('It does not fit', (new TitleBench(26, 38, 5_000))->block(27, 148_000, 9_000)[0]->figure);
    }

    public function testStampsSayHowManyFitWhereTheyBeginAndWhatIsLeft(): void
    {
        $bench = new TitleBench(26, 38, 5_000);
        [$row] = $bench->stamps(12_000, 1_000, null);
        self::assertSame('10 fit; begin at 0.5 mm', $row->figure);
        self::assertStringEndsWith('1 mm left over', $row->arithmetic);
        self::assertStringStartsWith('the left edge of each at 0.5, 13.5, 26.5,', $row->arithmetic);
        self::assertSame('at most 10 of 12 mm with 1 mm between on 130 mm', $bench->stamps(12_000, 1_000, 11)[0]->arithmetic);
        self::assertSame('Not one fits', $bench->stamps(131_000, 0, null)[0]->figure);
        self::assertSame('4 fit, 10 at most; begin at 39.5 mm', $bench->stamps(12_000, 1_000, 4)[0]->figure);
    }
}
