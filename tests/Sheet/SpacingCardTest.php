<?php

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Sheet\SpacingCard;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class SpacingCardTest extends TestCase
{
    /** Common practice, no source: what people read off their sheets for 26 × 38. */
    public function testTheBarsOfBothFacesAreTheDivisionsOfTheTrade(): void
    {
        [$widths, $heights] = SpacingCard::faces(Books::a5());
        $across = self::bars($widths, true);
        $down = self::bars($heights, false);

        self::assertSame([[0, 13], [13, 26]], $across[0]);
        self::assertSame([[0, 12], [14, 26]], $across[1]);
        self::assertSame([[0, 8], [9, 17], [18, 26]], $across[3]);
        self::assertSame([[0, 5], [7, 12], [14, 19], [21, 26]], $across[5]);
        self::assertSame([[0, 19], [19, 38]], $down[0]);
        self::assertSame([[0, 18], [20, 38]], $down[1]);
        self::assertSame([[0, 12], [13, 25], [26, 38]], $down[3]);
        // 38 in 7 with gaps of 1: parts of 4 and 4 left over, two before and two after.
        self::assertSame([[2, 6], [7, 11], [12, 16], [17, 21], [22, 26], [27, 31], [32, 36]], $down[9]);
    }

    public function testEveryBarStaysOnItsCardWhateverTheStock(): void
    {
        for ($across = 1; $across <= 60; $across += 3) {
            for ($down = 1; $down <= 60; $down += 7) {
                foreach (SpacingCard::faces(new Stock(400_000, 400_000, 5_000, $across, $down, 192)) as $face) {
                    foreach ($face->marks as $mark) {
                        self::assertGreaterThanOrEqual(0, min($mark->x, $mark->y));
                        self::assertLessThanOrEqual($across * 840, $mark->x + $mark->wide, "$across × $down");
                        self::assertLessThanOrEqual($down * 840, $mark->y + $mark->tall, "$across × $down");
                    }
                }
            }
        }
    }

    /** @return list<list<array{int, int}>> bars in order, each with its parts from and to in boxes */
    private static function bars(PageDrawing $face, bool $widths): array
    {
        $bars = [];
        foreach ($face->marks as $mark) {
            if ($mark instanceof Frame) {
                [$bar, $from, $size] = $widths ? [$mark->y, $mark->x, $mark->wide] : [$mark->x, $mark->y, $mark->tall];
                $bars[$bar][] = [intdiv($from, 840), intdiv($from + $size, 840)];
            }
        }

        return array_values($bars);
    }
}
