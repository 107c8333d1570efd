<?php

/* Cells and tables against places reckoned by hand. */

declare(strict_types=1);

namespace Tests\Drawing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\RuledTable;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use PHPUnit\Framework\TestCase;

final class CellsTest extends TestCase
{
    /** Seven columns of 3 and five rows of 1½ from (2, 4): 21 × 7½. */
    public function testEveryCellStandsWhereTheSumSays(): void
    {
        $cells = new CellGrid(2, 4, 7, 3, 5, Fraction::of(3, 2));
        self::assertSame(['2', '5', '23'], array_map(static fn (int $i): string => (string) $cells->across($i), [0, 1, 7]));
        self::assertSame(['4', '5½', '11½'], array_map(static fn (int $i): string => (string) $cells->down($i), [0, 1, 5]));
        self::assertSame(['21', '7½'], [(string) $cells->width(), (string) $cells->height()]);
    }

    public function testRulingDrawsALineMoreThanThereAreRowsAndColumns(): void
    {
        $page = $this->drawn(static fn (Canvas $canvas) => (new CellGrid(2, 4, 7, 3, 5, 2))->rule($canvas));
        self::assertSame([[4, 2, 21], [6, 2, 21], [8, 2, 21], [10, 2, 21], [12, 2, 21], [14, 2, 21]], $this->lines($page, true));
        self::assertSame(
            [[2, 4, 10], [5, 4, 10], [8, 4, 10], [11, 4, 10], [14, 4, 10], [17, 4, 10], [20, 4, 10], [23, 4, 10]],
            $this->lines($page, false),
        );
    }

    public function testCellsOfDivisionsBeginWhereThoseDo(): void
    {
        $across = Division::of(26, 4) ?? self::fail();
        $down = Division::of(34, 5) ?? self::fail();
        $cells = CellGrid::of($across, $down, 0, 4, 3);
        self::assertSame([3, 5], [$cells->columns, $cells->rows]);
        self::assertSame((string) $across->before, (string) $cells->x);
        self::assertSame((string) (4 + $down->before), (string) $cells->y);
        self::assertSame([(string) $across->size(), (string) $down->size()], [(string) $cells->wide, (string) $cells->tall]);
    }

    public function testAStrikeRunsFromTheLowerLeftToTheUpperRightOfItsCell(): void
    {
        $page = $this->drawn(static fn (Canvas $canvas) => (new CellGrid(1, 4, 12, 2, 31, 1))->strike($canvas, 1, 29));
        self::assertSame(
            [3 * 840, 34 * 840, 2 * 840, -840],
            [$page->marks[0]->x, $page->marks[0]->y, $page->marks[0]->wide, $page->marks[0]->tall],
        );
    }

    public function testATableIsRuledThroughItsStripAndWrittenInItsRows(): void
    {
        $page = $this->drawn(static function (Canvas $canvas): void {
            $table = new RuledTable(new CellGrid(12, 4, 3, 2, 2, 1), 12);
            $table->rule($canvas);
            $table->names($canvas, ['Tram', 'Boat']);
            $table->headings($canvas, ['J', 'F', 'M']);
            $table->keep($canvas);
        });
        self::assertSame([[4, 0, 18], [5, 0, 18], [6, 0, 18]], $this->lines($page, true));
        self::assertSame([[12, 4, 2], [14, 4, 2], [16, 4, 2], [18, 4, 2]], $this->lines($page, false));
        $words = array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words));
        self::assertSame(
            [['Tram', 4], ['Boat', 5], ['J', 3], ['F', 3], ['M', 3]],
            array_map(static fn (Words $one): array => [$one->text, intdiv($one->y, Grain::PER_BOX)], $words),
        );
        self::assertSame([0, 4 * 840, 12 * 840, 2 * 840], $page->cells[0]);
        self::assertLessThan(12 * Grain::PER_BOX, $words[0]->x + $words[0]->wide, 'a name ends before its column');
    }

    /** @param \Closure(Canvas): mixed $draw */
    private function drawn(\Closure $draw): PageDrawing
    {
        $canvas = new Canvas(26, 38);
        $canvas->step(Task::Ink, 'Draw.');
        $draw($canvas);

        return $canvas->finish();
    }

    /** @return list<array{int, int, int}> where it runs, where it begins, how long; in boxes */
    private function lines(PageDrawing $page, bool $across): array
    {
        $lines = array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Line && (0 === $mark->tall) === $across);

        return array_values(array_map(
            static fn (Mark $line): array => array_map(
                static fn (int $grains): int => intdiv($grains, Grain::PER_BOX),
                $across ? [$line->y, $line->x, $line->wide] : [$line->x, $line->y, $line->tall],
            ),
            $lines,
        ));
    }
}
