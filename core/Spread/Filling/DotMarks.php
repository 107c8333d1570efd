<?php

/*
 * Marks that can be told apart on one dot, and be made over one another: a ring, a filled ring, a stroke either way, a cross, a
 * larger dot (docs/trade.md, "Dot lines"; common practice, no source).
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;

/** @internal to Spread */
final class DotMarks
{
    public const MOST = 6;

    /** Every so many dots is marked, so that nobody recounts (docs/trade.md, "Dot lines"; common practice, no source). */
    public const FIFTH = 5;

    /** A dot made larger, in ink, round a place in boxes. */
    public static function larger(Canvas $canvas, Fraction $x, Fraction $y): void
    {
        [$wide, $half] = [Fraction::of(1, 3), Fraction::of(1, 6)];
        $canvas->ring(Layer::Ink, $x->minus($half), $y->minus($half), $wide, $wide);
    }

    /** One of the six in the middle of a box. @param int $nth from 0 */
    public static function draw(Canvas $canvas, int $nth, int $x, int $y): void
    {
        match ($nth) {
            0 => self::rings($canvas, $x, $y, 6),
            1 => self::rings($canvas, $x, $y, 6, 4, 2),
            2 => self::stroke($canvas, $x, $y, true),
            3 => self::stroke($canvas, $x, $y, false),
            4 => self::cross($canvas, $x, $y),
            default => self::rings($canvas, $x, $y, 3, 1),
        };
    }

    /** @param int ...$twelfths across, of a box */
    private static function rings(Canvas $canvas, int $x, int $y, int ...$twelfths): void
    {
        foreach ($twelfths as $wide) {
            $inset = Fraction::of(12 - $wide, 24);
            $canvas->ring(Layer::Writing, $inset->plus($x), $inset->plus($y), Fraction::of($wide, 12), Fraction::of($wide, 12));
        }
    }

    private static function stroke(Canvas $canvas, int $x, int $y, bool $up): void
    {
        $half = Fraction::of(1, 2);
        $from = Fraction::of(4 * $y + ($up ? 3 : 1), 4);
        $canvas->line(Layer::Writing, Fraction::of(4 * $x + 1, 4), $from, $half, $half->times($up ? -1 : 1));
    }

    private static function cross(Canvas $canvas, int $x, int $y): void
    {
        self::stroke($canvas, $x, $y, true);
        self::stroke($canvas, $x, $y, false);
    }
}
