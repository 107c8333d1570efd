<?php

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Printer\Printer;
use AmpleMargin\Sheet\Printer\Reading;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetEnds;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use PHPUnit\Framework\TestCase;

final class PrintRoomTest extends TestCase
{
    public function testTheRoomIsWhatTheMarginsTheHeadAndTheFootLeave(): void
    {
        $room = new PrintRoom(PaperSize::A4);
        self::assertSame([5_000, 9_000, 200_000, 277_000], [$room->left, $room->top, $room->wide, $room->tall]);
        self::assertTrue($room->takes(200_000, 277_000));
        self::assertFalse($room->takes(277_000, 200_000));
        self::assertTrue($room->takesTurned(277_000, 200_000));
        self::assertFalse($room->takesTurned(277_000, 200_001));
    }

    /** A printer that draws 2 % too small and 3 mm to the left cannot be sent anything beyond the sheet: 0.98 × 210 − 3 is 202.8. */
    public function testAPrinterThatDrawsSmallerReachesLess(): void
    {
        $read = Reading::read(PaperSize::A4, ['across' => '147', 'left' => (string) (20 * 0.98 - 3)]);
        $room = new PrintRoom(PaperSize::A4, new Printer('small', PaperSize::A4, $read));
        self::assertSame(7_200, $room->left);
        self::assertSame(210_000 - 2 * 7_200, $room->wide);
    }

    public function testTheCheckLineIs100MillimetresOnEveryPaper(): void
    {
        foreach ([PaperSize::A3, PaperSize::A4, PaperSize::A5, PaperSize::Letter] as $paper) {
            $room = new PrintRoom($paper);
            $lines = array_values(array_filter(SheetEnds::foot($room), static fn ($mark): bool => $mark instanceof SheetLine));
            self::assertSame(100_000, $lines[0]->toX - $lines[0]->x);
            self::assertSame($lines[0]->y, $lines[0]->toY);
            self::assertSame([$lines[0]->x, $lines[0]->toX], [$lines[1]->x, $lines[2]->x], 'its ends are marked');
            self::assertLessThanOrEqual($room->height - $room->margin, $lines[1]->toY, 'where the printer reaches');
        }
    }

    /** However long a caution is, every word of it stands there, in letters as large as there is room for. */
    public function testNoWordOfAHeadIsCutOff(): void
    {
        $says = ['Sheet 1 of 3: '.str_repeat('Months to cut out ', 8), 'Cut with scissors, or with a knife on a mat along a steel ruler, '
            .'in light passes, fingers behind the blade’s path.', str_repeat('Private: think of who may see it. ', 4)];
        foreach ([[PaperSize::A4, 9_000], [PaperSize::A5, 9_000], [PaperSize::A4, 17_000]] as [$paper, $to]) {
            $room = new PrintRoom($paper);
            $head = SheetEnds::head($room, $says, $room->margin, $to);
            self::assertSame(
                preg_split('/\s+/', trim(implode(' ', $says))),
                preg_split('/\s+/', implode(' ', array_map(static fn (SheetWords $one): string => $one->text, $head))),
            );
            $last = end($head) ?: self::fail();
            self::assertLessThanOrEqual($to, $last->y + $last->tall);
        }
    }
}
