<?php

/* What every sheet carries: its title and cautions at the head, and a line of 100 mm at the foot to check the printer by. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Counting\Wrap;
use AmpleMargin\Drawing\Align;

final class SheetEnds
{
    /** µm of the line to check the printer by. */
    public const CHECK = 100_000;

    /** µm of the letters of the head: as large as they are wanted, and as small as can be read. From memory. */
    private const LARGE = 2_400;
    private const SMALL = 1_100;

    /** Hundredths of its height that a letter is wide, with air for wide ones (from memory). */
    private const LETTER = 58;

    /**
     * The head: whole, in letters as large as its place takes.
     *
     * @param list<string> $says each begins a line
     * @param int          $from µm from the upper edge of the paper
     * @param int          $to   where something else begins
     *
     * @return list<SheetWords>
     */
    public static function head(PrintRoom $room, array $says, int $from, int $to): array
    {
        $wide = $room->width - 2 * $room->margin;
        $size = self::LARGE;
        do {
            $letters = max(10, intdiv($wide * 100, $size * self::LETTER));
            $lines = array_merge(...array_map(static fn (string $one): array => Wrap::lines($one, $letters), $says));
            [$letter, $step] = [$size, intdiv($size * 115, 100)];
            $size -= 100;
        } while ($letter > self::SMALL && \count($lines) * $step > $to - $from);

        return array_map(static fn (string $line, int $i): SheetWords => new SheetWords(
            Tone::Ruler,
            $room->margin,
            $from + $i * $step,
            $wide,
            $step,
            $line,
            $letter,
            Align::Middle,
        ), $lines, array_keys($lines));
    }

    /** @return list<SheetLine|SheetWords> */
    public static function foot(PrintRoom $room): array
    {
        $x = intdiv($room->width - self::CHECK, 2);
        $y = $room->foot() + 4_500;
        $line = static fn (int ...$at): SheetLine => new SheetLine(Tone::Ruler, ...$at);
        $says = null === $room->printer
            ? 'This line is 100 mm. If it is not, print again at 100 %, without fitting to the page.'
            : "Set for the printer “{$room->printer->name}”, {$room->paper->value}: on another it is not true. This line is 100 mm.";

        return [
            $line($x, $y, $x + self::CHECK, $y),
            ...array_map(static fn (int $end): SheetLine => $line($end, $y - 1_000, $end, $y + 1_000), [$x, $x + self::CHECK]),
            new SheetWords(
                Tone::Ruler,
                $room->margin,
                $y - 3_600,
                $room->width - 2 * $room->margin,
                2_600,
                $says,
                2_300,
                Align::Middle,
            ),
        ];
    }
}
