<?php

/* A printer that is off, told so, and proved: print, measure, type in, print again, without paper. */

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Printer\CalibrationSheet;
use AmpleMargin\Sheet\Printer\Printer;
use AmpleMargin\Sheet\Printer\PrinterRefused;
use AmpleMargin\Sheet\Printer\Reading;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\Tray\Tray;
use App\Export\PdfWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class PrinterTest extends TestCase
{
    /** @return array<string, array{PaperSize, float, float, array{float, float}, array{float, float}}> */
    public static function printers(): array
    {
        return [
            'a line of 150.8, the back 1.5 mm to the right' => [PaperSize::A4, 150.8 / 150, 149.5 / 150, [0.0, 0.0], [1.5, 0.0]],
            '2 % too large, 3 mm to the left and down' => [PaperSize::A4, 1.02, 1.02, [-3.0, 3.0], [-3.0, 3.0]],
            '2 % too small, front and back apart' => [PaperSize::Letter, 0.98, 0.985, [3.0, -2.0], [-1.0, 2.5]],
            'a little off, on A3' => [PaperSize::A3, 1.004, 0.997, [0.4, -0.3], [0.9, 0.1]],
            'on A5' => [PaperSize::A5, 0.992, 1.006, [-1.2, 0.8], [0.3, -0.6]],
        ];
    }

    /**
     * @param array{float, float} $front
     * @param array{float, float} $back
     */
    #[DataProvider('printers')]
    public function testWhatIsPrintedAfterwardsLandsWithinAFifthOfAMillimetre(
        PaperSize $paper,
        float $across,
        float $down,
        array $front,
        array $back,
    ): void {
        $machine = new SimulatedPrinter($across, $down, $front, $back);
        $read = self::calibrated($machine, new PrintRoom($paper));
        $printer = new Printer('kitchen', $paper, Reading::read($paper, $read));
        $room = new PrintRoom($paper, $printer);

        $proof = self::calibrated($machine, $room, 0.01);
        foreach (Reading::true($paper)->figures() as $name => $meant) {
            self::assertEqualsWithDelta($meant / 1000, $proof[$name], 0.2, "$name of the sheet that proves it");
        }

        // Every line of a two-sided sheet, where it landed against where it is meant to be.
        foreach ($this->sheets($room) as $i => $sheet) {
            $printed = $machine->print((new PdfWriter())->write([$sheet], 'Guide'), 1, 1 === $i);
            foreach ($sheet->marks as $mark) {
                if ($mark instanceof SheetLine) {
                    $this->landed($printed, $mark, $sheet->title);
                }
            }
        }
    }

    /** A first reading that is half a millimetre wrong is found by the sheet that proves it, and set right by what that one reads. */
    public function testASecondSheetSetsAWrongReadingRight(): void
    {
        $machine = new SimulatedPrinter(1.012, 0.991, [1.1, -0.7], [-0.4, 2.2]);
        $wrong = self::calibrated($machine, new PrintRoom(PaperSize::A4));
        $wrong['across'] += 0.6;
        $wrong['back_left'] -= 0.5;
        $first = Reading::read(PaperSize::A4, $wrong);
        $room = new PrintRoom(PaperSize::A4, new Printer('kitchen', PaperSize::A4, $first));
        $second = Reading::read(PaperSize::A4, self::calibrated($machine, $room, 0.05));
        self::assertGreaterThan(400, $second->worst(), 'the proof shows it');

        $refined = $second->of($first);
        $third = self::calibrated($machine, new PrintRoom(PaperSize::A4, new Printer('kitchen', PaperSize::A4, $refined)), 0.01);
        self::assertLessThanOrEqual(100, Reading::read(PaperSize::A4, $third)->worst());
    }

    /** A sheet that feeds askew by 0.2 mm over 100 mm is not made worse: the middle of each side is where it was measured. */
    public function testAFeedThatIsAskewIsNotMadeWorse(): void
    {
        $askew = new SimulatedPrinter(1.01, 0.99, [1.0, 1.0], [1.0, 1.0], 0.2);
        $read = Reading::read(PaperSize::A4, self::calibrated($askew, new PrintRoom(PaperSize::A4)));
        $room = new PrintRoom(PaperSize::A4, new Printer('kitchen', PaperSize::A4, $read));
        $proof = self::calibrated($askew, $room, 0.01);
        self::assertEqualsWithDelta(150, $proof['across'], 0.1);
        self::assertEqualsWithDelta(20, $proof['left'], 0.2);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function refused(): array
    {
        return [
            'a fifth too large' => [['across' => '180'], 'across', '20 % too long'],
            'a fifth too small' => [['down' => 120], 'down', '20 % too short'],
            'another paper' => [['left' => '35'], 'left', 'more than 8 mm out of place'],
            'words' => [['across' => 'about 150'], 'across', '150.8 or 150,8'],
            'nothing to read' => [['back_top' => '-20'], 'back_top', '150.8 or 150,8'],
            'a list' => [['top' => ['20']], 'top', '150.8 or 150,8'],
        ];
    }

    /** @param array<string, mixed> $read */
    #[DataProvider('refused')]
    public function testAFigureThatNoPrinterDrawsIsRefusedWithWhy(array $read, string $field, string $says): void
    {
        try {
            Reading::read(PaperSize::A4, $read);
            self::fail('It was taken.');
        } catch (PrinterRefused $refused) {
            self::assertSame($field, $refused->field);
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    public function testFiguresMayHaveCommasAndUnits(): void
    {
        $read = Reading::read(PaperSize::A4, ['across' => '150,8', 'down' => ' 149.5 mm ', 'left' => 20.5]);
        self::assertSame([150_800, 149_500, 20_500, 20_000, 20_000, 20_000], array_values($read->figures()));
        self::assertSame($read->figures(), Reading::kept(PaperSize::A4, $read->written())->figures());
    }

    /**
     * Front and back of the calibration sheet, printed and read with a ruler.
     *
     * @return array<string, float>
     */
    private static function calibrated(SimulatedPrinter $machine, PrintRoom $room, float $step = 0.1): array
    {
        $pdf = (new PdfWriter())->write(CalibrationSheet::sides($room), 'Calibration');
        $paper = array_map(static fn (int $side): float => $side / 1000, $room->paper->micrometres());
        $front = SimulatedPrinter::read($machine->print($pdf, 1), $paper, $step);
        $back = SimulatedPrinter::read($machine->print($pdf, 2, true), $paper, $step);

        return $front + ['back_left' => $back['left'], 'back_top' => $back['top']];
    }

    /** @return list<Sheet> front and back */
    private function sheets(PrintRoom $room): array
    {
        $book = Composer::compose(Books::sample());
        $pieces = Printables::pieces(new Context($book, $room), PaperSize::A5 === $room->paper ? 'months' : 'card');

        return Tray::packed($pieces, $room)->sheets[0];
    }

    /** @param list<array{float, float, float, float}> $printed */
    private function landed(array $printed, SheetLine $mark, string $title): void
    {
        $meant = [$mark->x / 1000, $mark->y / 1000, $mark->toX / 1000, $mark->toY / 1000];
        $best = \INF;
        foreach ($printed as [$x, $y, $toX, $toY]) {
            foreach ([[$x, $y, $toX, $toY], [$toX, $toY, $x, $y]] as $line) {
                $best = min($best, max(array_map(static fn (float $a, float $b): float => abs($a - $b), $meant, $line)));
            }
        }
        // A ruler reads a tenth: half of one at either end of what is measured, and the same for the edge.
        self::assertLessThanOrEqual(0.2, $best, "$title: ".implode(', ', $meant));
    }
}
