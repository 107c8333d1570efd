<?php

declare(strict_types=1);

namespace Tests\Paper;

use AmpleMargin\Paper\ShowThrough;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Paper\StockRefused;
use AmpleMargin\Paper\Thickness;
use PHPUnit\Framework\TestCase;

final class ThicknessTest extends TestCase
{
    /** 80 leaves of 160 g/m² at 1.25 cm³ a gram are 16 mm; six photo pages more are 1.2 mm. */
    public function testLeavesAndGluedLayersAreAsThickAsEachOther(): void
    {
        $stock = new Stock(148_000, 210_000, 5_000, 26, 38, 160, grammage: 160);
        self::assertSame('16 mm thick', Thickness::of($stock, 0)->figure());
        self::assertSame('17.2 mm thick, 1.2 mm of it glued in', Thickness::of($stock, 6)->figure());
        self::assertSame(
            '80 leaves + 6 layers glued in, 0.2 mm each; a leaf of 160 g/m² from memory, measure yours on Stock.',
            Thickness::of($stock, 6)->arithmetic(),
        );
    }

    public function testALeafThatWasMeasuredIsTakenAsItIs(): void
    {
        $thickness = Thickness::of(new Stock(148_000, 210_000, 5_000, 26, 38, 200, leaf: 90), 1);
        self::assertSame('9.1 mm thick, 0.1 mm of it glued in', $thickness->figure());
        self::assertSame('100 leaves + 1 layer glued in, 0.09 mm each.', $thickness->arithmetic());
    }

    /** The finer the paper, the more shows; what bleeds shows more than what does not on any. */
    public function testLessShowsThroughHeavierPaper(): void
    {
        $before = [101, 101];
        foreach ([40, 80, 100, 120, 160, 200, 400] as $grammage) {
            $now = [ShowThrough::of($grammage, false), ShowThrough::of($grammage, true)];
            self::assertLessThan($before[0], $now[0]);
            self::assertLessThanOrEqual($before[1], $now[1]);
            self::assertLessThan($now[1], $now[0]);
            self::assertGreaterThanOrEqual(0, $now[0]);
            self::assertLessThanOrEqual(100, $now[1]);
            $before = $now;
        }
        self::assertSame(ShowThrough::of(ShowThrough::USUAL, false), ShowThrough::of(null, false));
    }

    public function testPaperThatCannotBeIsRefusedInWords(): void
    {
        foreach ([['grammage', 20, null], ['grammage', 500, null], ['leaf', null, 10], ['leaf', null, 2_000]] as [$field, $grammage, $leaf]) {
            try {
                new Stock(148_000, 210_000, 5_000, 26, 38, 160, grammage: $grammage, leaf: $leaf);
                self::fail("Took $field of $grammage$leaf.");
            } catch (StockRefused $refused) {
                self::assertSame($field, $refused->field);
                self::assertMatchesRegularExpression('/40 to 400|0\.03 to 0\.6/', $refused->getMessage());
            }
        }
    }
}
