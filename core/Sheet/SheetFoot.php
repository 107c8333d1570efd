<?php

/* What every sheet carries: its title at the head, and a line of 100 mm at the foot to check the printer by. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Drawing\Align;

final class SheetFoot
{
    /** What ordinary printers cannot reach along each edge, and the strips title and line need, in µm (from memory). */
    public const EDGE = 5_000;
    public const FOOT = 11_000;
    public const HEAD = 9_000;
    private const CHECK = 100_000;

    /** @return list<SheetLine|SheetWords> @param int $width µm of the paper */
    public static function marks(int $width, int $height, string $title): array
    {
        $x = intdiv($width - self::CHECK, 2);
        $y = $height - 6_500;

        return [
            new SheetLine(Tone::Ink, $x, $y, $x + self::CHECK, $y),
            ...array_map(static fn (int $end): SheetLine => new SheetLine(Tone::Ink, $end, $y - 1_000, $end, $y + 1_000), [$x, $x + self::CHECK]),
            new SheetWords(Tone::Ink, $x, $y - 3_600, self::CHECK, 2_600, 'This line is 100 mm. If it is not, print again at 100 %, without fitting to the page.', 2_300, Align::Middle),
            new SheetWords(Tone::Ink, self::EDGE, self::EDGE - 2_000, $width - 2 * self::EDGE, 3_000, mb_strimwidth($title, 0, 110, '…'), 2_600, Align::Middle),
        ];
    }
}
