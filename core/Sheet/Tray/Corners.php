<?php

/* Short marks outside the corners of what is cut out, where nothing else stands: a ruler is laid from one to the other. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\Tone;

final class Corners
{
    /** µm from the corner to where a mark begins and ends. */
    private const FROM = 1_000;
    public const TO = 4_500;

    /**
     * @param array{int, int, int, int}       $place  left, top, right, foot in µm from the corner of the paper
     * @param list<array{int, int, int, int}> $others what lies on the sheet, itself among them
     *
     * @return list<SheetLine>
     */
    public static function of(array $place, array $others, PrintRoom $room): array
    {
        $marks = [];
        foreach ([0, 2] as $side) {
            foreach ([1, 3] as $end) {
                [$x, $y] = [$place[$side], $place[$end]];
                [$outX, $outY] = [0 === $side ? -1 : 1, 1 === $end ? -1 : 1];
                $across = [$x + $outX * self::FROM, $y, $x + $outX * self::TO, $y];
                $down = [$x, $y + $outY * self::FROM, $x, $y + $outY * self::TO];
                foreach ([$across, $down] as $mark) {
                    if (self::isFree($mark, $others, $room)) {
                        $marks[] = new SheetLine(Tone::Cut, ...$mark);
                    }
                }
            }
        }

        return $marks;
    }

    /**
     * @param array{int, int, int, int}       $mark
     * @param list<array{int, int, int, int}> $others
     */
    private static function isFree(array $mark, array $others, PrintRoom $room): bool
    {
        [$left, $right] = [min($mark[0], $mark[2]), max($mark[0], $mark[2])];
        [$top, $foot] = [min($mark[1], $mark[3]), max($mark[1], $mark[3])];
        if ($left < $room->margin || $right > $room->width - $room->margin || $top < $room->margin || $foot > $room->foot() + 500) {
            return false;
        }
        foreach ($others as [$x, $y, $toX, $toY]) {
            if ($left < $toX && $right > $x && $top <= $toY && $foot >= $y && $top < $toY + ($top === $foot ? 1 : 0)
                || $left <= $toX && $right >= $x && $top < $toY && $foot > $y) {
                return false;
            }
        }

        return true;
    }
}
