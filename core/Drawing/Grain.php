<?php

/*
 * The unit of a mark's place: a whole number of 840ths of a box. 840 is the least number that 1 to 8 all
 * divide, and nothing finer than eighths is drawn, so every place a hand can be told of is exact.
 */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Counting\Fraction;

final class Grain
{
    public const PER_BOX = 840;

    /** A division finer than eighths is rounded to the nearest grain: at 5 mm a box, 0.003 mm. */
    public static function of(int|Fraction $boxes): int
    {
        if (\is_int($boxes)) {
            return $boxes * self::PER_BOX;
        }
        $grains = $boxes->numerator * self::PER_BOX;

        return 0 === $grains % $boxes->denominator
            ? intdiv($grains, $boxes->denominator)
            : (int) round($grains / $boxes->denominator);
    }

    /** Micrometres from the edge of the grid, to the nearest. @param int $pitch µm a box */
    public static function micrometres(int $grains, int $pitch): int
    {
        return intdiv(2 * $grains * $pitch + self::PER_BOX, 2 * self::PER_BOX);
    }
}
