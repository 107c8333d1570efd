<?php

/*
 * A sheet to learn what a printer does: two crossed lines of 150 mm and a frame 20 mm from the edges of the paper, on both sides.
 * Printed for a printer that is known, it proves what is known of it.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Printer;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetEnds;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;

final class CalibrationSheet
{
    /** µm from each edge of the paper to the frame. */
    public const FRAME = 20_000;

    private const LINE = 150_000;

    /** Where the frame leaves no room for so long a line. */
    private const SHORT = 100_000;

    /** @return array{int, int} µm of the line across and of the line down */
    public static function lines(PaperSize $paper): array
    {
        [$width, $height] = $paper->micrometres();
        $fits = static fn (int $side): int => $side - 2 * self::FRAME > self::LINE ? self::LINE : self::SHORT;

        return [$fits($width), $fits($height)];
    }

    /** @return array{Sheet, Sheet} front and back */
    public static function sides(PrintRoom $room): array
    {
        return [self::side($room, false), self::side($room, true)];
    }

    private static function side(PrintRoom $room, bool $back): Sheet
    {
        [$width, $height] = [$room->width, $room->height];
        [$across, $down] = self::lines($room->paper);
        [$x, $y] = [intdiv($width, 2), intdiv($height, 2)];
        [$left, $top] = [$x - intdiv($across, 2), $y - intdiv($down, 2)];
        $edge = self::FRAME;
        $line = static fn (int ...$at): SheetLine => new SheetLine(Tone::Ink, ...$at);
        $name = $back ? 'Back' : 'Front';
        $mm = Millimetres::written(...);
        $marks = [
            $line($left, $y, $left + $across, $y),
            $line($x, $top, $x, $top + $down),
            $line($left, $y - 2_500, $left, $y + 2_500),
            $line($left + $across, $y - 2_500, $left + $across, $y + 2_500),
            $line($x - 2_500, $top, $x + 2_500, $top),
            $line($x - 2_500, $top + $down, $x + 2_500, $top + $down),
            $line($edge, $edge, $width - $edge, $edge),
            $line($width - $edge, $edge, $width - $edge, $height - $edge),
            $line($width - $edge, $height - $edge, $edge, $height - $edge),
            $line($edge, $height - $edge, $edge, $edge),
            self::words($edge + 4_000, $y - 12_000, "$name: across {$mm($across)} mm"),
            self::words($x + 3_000, $top + 8_000, "$name: down {$mm($down)} mm"),
            self::words($edge + 2_000, $top + 30_000, 'to the left edge of the paper: '.$mm($edge).' mm'),
            self::words($edge + 2_000, $edge + 2_000, 'to the upper edge of the paper: '.$mm($edge).' mm'),
            ...SheetEnds::head(
                $room,
                [
                    null === $room->printer
                        ? "$name of the calibration sheet for {$room->paper->value}. Print both sides at 100 %, without fitting."
                        : "$name of the sheet that proves the printer “{$room->printer->name}” on {$room->paper->value}.",
                    'Lay a ruler along both lines, and from the frame to the left and the upper edge of the paper, this side up; type '
                        .'what it reads under Printer.',
                ],
                $room->margin,
                $edge - 3_000,
            ),
            ...SheetEnds::foot($room),
        ];

        return new Sheet($room->paper, "$name, calibration", $marks, [], $room->printer?->correction($back));
    }

    private static function words(int $x, int $y, string $text): SheetWords
    {
        return new SheetWords(Tone::Writing, $x, $y, 62_000, 5_000, $text, 3_000, Align::Start);
    }
}
