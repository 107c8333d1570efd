<?php

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetFoot;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetRefused;
use PHPUnit\Framework\TestCase;

final class PrintRoomTest extends TestCase
{
    public function testWhatFitsStandsInTheMiddleAndWhatDoesNotIsRefusedWithTheRoom(): void
    {
        $room = new PrintRoom(PaperSize::A4);
        self::assertSame([200_000, 277_000], [$room->wide, $room->tall]);
        for ($wide = 10_000; $wide <= 210_000; $wide += 7_000) {
            for ($tall = 10_000; $tall <= 297_000; $tall += 9_000) {
                if (!$room->takes($wide, $tall)) {
                    try {
                        $room->middle($wide, $tall);
                        self::fail("$wide × $tall was taken.");
                    } catch (SheetRefused $refused) {
                        self::assertStringContainsString('on A4 there is room for 200 × 277 mm at true size', $refused->getMessage());
                    }
                    continue;
                }
                [$left, $top] = $room->middle($wide, $tall);
                self::assertLessThanOrEqual(1, abs($left - (210_000 - $left - $wide)), 'as far from the left edge as from the right');
                self::assertGreaterThanOrEqual(SheetFoot::HEAD, $top);
                self::assertLessThanOrEqual(297_000 - SheetFoot::FOOT, $top + $tall);
            }
        }
    }

    public function testTheCheckLineIs100MillimetresOnEveryPaper(): void
    {
        foreach ([PaperSize::A4, PaperSize::Letter] as $paper) {
            [$width, $height] = $paper->micrometres();
            $lines = array_values(array_filter(
                SheetFoot::marks($width, $height, 'A sheet'),
                static fn ($mark): bool => $mark instanceof SheetLine,
            ));
            self::assertSame(100_000, $lines[0]->toX - $lines[0]->x);
            self::assertSame($lines[0]->y, $lines[0]->toY);
            self::assertSame([$lines[0]->x, $lines[0]->toX], [$lines[1]->x, $lines[2]->x], 'its ends are marked');
        }
    }
}
