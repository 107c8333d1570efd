<?php

/*
 * The scale of a graph's upright axis, in steps a person can count: 1, 2 or 5 and their tens, each a whole number of boxes. All
 * values are hundredths, so that no sum is rounded.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

final class GraphScale
{
    /** A value is said with as many digits at most. From memory. */
    private const LARGEST = 1_000_000_000;

    private function __construct(
        /** Hundredths at the foot of the axis. */
        public readonly int $foot,
        /** Hundredths a step. */
        public readonly int $step,
        /** Steps up to its head. */
        public readonly int $steps,
        /** Whole boxes a step. */
        public readonly int $boxes,
    ) {
    }

    /** A number as a person writes it, "71.5" or "71,5", in hundredths; null where it is none. */
    public static function read(string $said): ?int
    {
        $plain = str_replace(',', '.', trim($said));
        if (1 !== preg_match('/^-?\d{1,7}(\.\d{1,2})?$/', $plain)) {
            return null;
        }

        return (int) round(100 * (float) $plain);
    }

    /**
     * The finest steps that fit, from a value to another, whichever is larger.
     *
     * @param int $rows  boxes there are
     * @param int $least boxes a step, so that its value can be written beside it
     */
    public static function between(int $one, int $other, int $rows, int $least = 1): ?self
    {
        [$low, $high] = [min($one, $other), max($one, $other)];
        for ($tens = 1; $tens <= self::LARGEST; $tens *= 10) {
            foreach ([1, 2, 5] as $of) {
                $step = $of * $tens;
                $foot = self::floor($low, $step);
                $steps = max(1, self::floor($high - $foot + $step - 1, $step) / $step);
                if ($steps * $least <= $rows) {
                    return new self($foot, $step, (int) $steps, intdiv($rows, (int) $steps));
                }
            }
        }

        return null;
    }

    /** What stands at a step, as it is written: "71.5". @param int $nth from 0, at the foot */
    public function at(int $nth): string
    {
        return self::written($this->foot + $nth * $this->step);
    }

    /** Hundredths as they are written. */
    public static function written(int $value): string
    {
        $said = \sprintf('%s%d.%02d', $value < 0 ? '-' : '', intdiv(abs($value), 100), abs($value) % 100);

        return rtrim(rtrim($said, '0'), '.');
    }

    /** The step below a value, or at it. */
    private static function floor(int $value, int $step): int
    {
        return $step * ($value >= 0 ? intdiv($value, $step) : -intdiv(-$value + $step - 1, $step));
    }
}
