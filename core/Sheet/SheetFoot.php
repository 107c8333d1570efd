<?php

/* What every sheet carries: its title and cautions at the head, and a line of 100 mm at the foot to check the printer by. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Drawing\Align;

/** @internal to Sheet */
final class SheetFoot
{
    /** What ordinary printers cannot reach along each edge, and the strips title and line need, in µm (from memory). */
    public const EDGE = 5_000;
    public const FOOT = 11_000;
    public const HEAD = 9_000;
    private const CHECK = 100_000;

    /** Letters of the head that stand on a line of its size, in hundredths of its width: an ordinary one (from memory). */
    private const HEAD_LETTER = 55;

    /**
     * @param int    $width   µm of the paper
     * @param string $caution about what is done with the sheet: whole, on a line of its own or two
     *
     * @return list<SheetLine|SheetWords>
     */
    public static function marks(int $width, int $height, string $title, string $caution = ''): array
    {
        $x = intdiv($width - self::CHECK, 2);
        $y = $height - 6_500;

        return [
            new SheetLine(Tone::Ink, $x, $y, $x + self::CHECK, $y),
            ...array_map(
                static fn (int $end): SheetLine => new SheetLine(Tone::Ink, $end, $y - 1_000, $end, $y + 1_000),
                [$x, $x + self::CHECK],
            ),
            new SheetWords(
                Tone::Ink,
                $x,
                $y - 3_600,
                self::CHECK,
                2_600,
                'This line is 100 mm. If it is not, print again at 100 %, without fitting to the page.',
                2_300,
                Align::Middle,
            ),
            ...self::head($width, mb_strimwidth($title, 0, 110, '…'), $caution),
        ];
    }

    /** @return list<SheetWords> up to three lines, in letters as large as the head takes them */
    private static function head(int $width, string $title, string $caution): array
    {
        $wide = $width - 2 * self::EDGE;
        $size = '' === $caution ? 2_600 : 2_200;
        $letters = max(20, intdiv($wide * 100, $size * self::HEAD_LETTER));
        $lines = [$title, ...'' === $caution ? [] : explode("\n", wordwrap($caution, $letters))];

        return array_map(
            static fn (string $line, int $i): SheetWords => new SheetWords(
                Tone::Ink,
                self::EDGE,
                self::EDGE - 2_600 + $i * ($size + 300),
                $wide,
                $size + 300,
                $line,
                $size,
                Align::Middle,
            ),
            $lines,
            array_keys($lines),
        );
    }
}
