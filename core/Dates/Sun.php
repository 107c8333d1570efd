<?php

/*
 * Where the sun stands among the signs. Its apparent longitude by the formula of J. Meeus, "Astronomical Formulae for
 * Calculators", chapter 18, with the perturbations by Venus, Jupiter and the moon; within six minutes of time from 1950 to 2060.
 */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;

final class Sun
{
    /** Minutes of time within which it is known when the sun is where. */
    public const WITHIN = 7;

    private const MINUTES = 1440;

    /** Minutes from 31 December 1899, 12:00, to 1 January 1970, 0:00. */
    private const SINCE_1900 = 25_567.5 * self::MINUTES;

    /** Degrees from the spring equinox. @param int $minute since 1 January 1970, 0:00, in universal time */
    public static function longitude(int $minute): float
    {
        $t = ($minute + self::SINCE_1900 + self::slower($minute) / 60) / self::MINUTES / 36_525;
        $mean = 279.696_68 + 36_000.768_92 * $t + 0.000_302_5 * $t ** 2;
        $anomaly = 358.475_83 + 35_999.049_75 * $t - 0.000_15 * $t ** 2 - 0.000_003_3 * $t ** 3;
        $centre = (1.919_46 - 0.004_789 * $t - 0.000_014 * $t ** 2) * self::sin($anomaly)
            + (0.020_094 - 0.000_1 * $t) * self::sin(2 * $anomaly)
            + 0.000_293 * self::sin(3 * $anomaly);
        $perturbed = 0.001_34 * self::cos(153.23 + 22_518.754_1 * $t)
            + 0.001_54 * self::cos(216.57 + 45_037.508_2 * $t)
            + 0.002 * self::cos(312.69 + 32_964.357_7 * $t)
            + 0.001_79 * self::sin(350.74 + 445_267.114_2 * $t - 0.001_44 * $t ** 2)
            + 0.001_78 * self::sin(231.19 + 20.2 * $t);
        $apparent = $mean + $centre + $perturbed - 0.005_69 - 0.004_79 * self::sin(259.18 - 1_934.142 * $t);

        return $apparent - 360 * floor($apparent / 360);
    }

    /** The minute of a day on which it comes to a multiple of 30 degrees, 0 to 1439; null where it does not. */
    public static function enters(Day $day): ?int
    {
        $from = $day->number * self::MINUTES;
        $sign = static fn (int $minute): int => intdiv((int) floor(self::longitude($minute)), 30);
        if ($sign($from) === $sign($from + self::MINUTES)) {
            return null;
        }
        [$low, $high] = [$from, $from + self::MINUTES];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $sign($middle) === $sign($from) ? [$middle, $high] : [$low, $middle];
        }

        return min(self::MINUTES - 1, $high - $from);
    }

    /** Seconds by which the turning earth is behind: a straight line through what was measured from 1950 on. From memory. */
    private static function slower(int $minute): float
    {
        return 29 + 0.66 * ($minute / self::MINUTES / 365.25 + 20);
    }

    private static function sin(float $degrees): float
    {
        return sin(deg2rad($degrees));
    }

    private static function cos(float $degrees): float
    {
        return cos(deg2rad($degrees));
    }
}
