<?php

/*
 * A jar as it is drawn on dots: a flat foot, round corners, straight sides, a shoulder and a neck. Its outline is
 * said in quarters of a box, which the eye can find between dots, and drawn finer. It is full at the neck, and what is in it is
 * reckoned by area, as the eye does.
 */

declare(strict_types=1);

namespace AmpleMargin\Saving;

use AmpleMargin\Counting\Fraction;

final class Jar
{
    /** Rows above the shoulder: two of the neck, one of the lid. */
    public const NECK = 2;

    public const LID = 1;

    /** Smaller than this a jar is no jar. From memory. */
    public const NARROWEST = 6;

    public const LOWEST = 10;

    /** Taller than so many times its width it is a bottle. From memory. */
    private const TALLEST = 2;

    /** Its outline is drawn in parts of a box as fine as this. */
    public const FINE = 60;

    /** @var non-empty-list<int> in half FINE parts by area, from its foot up so many half rows */
    private readonly array $areas;

    /**
     * @param non-empty-list<int> $sides FINE parts of a box from the middle to the side, at the foot and half a row further up each time
     */
    private function __construct(public readonly int $wide, public readonly array $sides)
    {
        $areas = [0];
        for ($i = 1; $i < \count($sides); ++$i) {
            // Left and right a trapezoid half a box tall, of FINE parts.
            $areas[] = $areas[$i - 1] + $sides[$i - 1] + $sides[$i];
        }
        $this->areas = $areas;
    }

    /**
     * @param int $wide boxes, NARROWEST or more; of an odd number one is left over
     * @param int $tall boxes there are for it with neck and lid, LOWEST or more
     */
    public static function of(int $wide, int $tall): self
    {
        $half = intdiv(max(self::NARROWEST, $wide), 2);
        $rows = min(max(self::LOWEST, $tall) - self::NECK - self::LID, self::TALLEST * 2 * $half);
        $corner = min(4, intdiv($half, 2), intdiv($rows, 4));
        $shoulder = min(intdiv($half, 2) + 1, intdiv($rows, 3));
        $in = intdiv($half, 3);
        $sides = array_map(static function (int $nth) use ($half, $rows, $corner, $shoulder, $in): int {
            $row = $nth / 2;
            $above = $row - ($rows - $shoulder);

            return (int) round(self::FINE * match (true) {
                $row < $corner => $half - $corner + sqrt($corner ** 2 - ($corner - $row) ** 2),
                $above > 0 => $half - $in + $in * sqrt(max(0, 1 - ($above / $shoulder) ** 2)),
                default => $half,
            });
        }, range(0, 2 * $rows));

        return new self(2 * $half, $sides);
    }

    /** Boxes from its foot to the neck, where it is full. */
    public function full(): int
    {
        return intdiv(\count($this->sides) - 1, 2);
    }

    /** FINE parts of a box from the middle to the side of the neck. */
    public function neck(): int
    {
        return $this->sides[2 * $this->full()];
    }

    /**
     * How high it stands with such a share in it, in half boxes above its foot.
     *
     * @param int $part  of the whole
     * @param int $whole 1 or more
     */
    public function level(int $part, int $whole): int
    {
        $full = 2 * $this->full();
        $wanted = $this->areas[$full] * $part / $whole;
        $row = 0;
        while ($row < $full && $this->areas[$row + 1] < $wanted) {
            ++$row;
        }
        if ($row === $full) {
            return $full;
        }
        $left = $wanted - $this->areas[$row];
        [$below, $grows] = [$this->sides[$row], $this->sides[$row + 1] - $this->sides[$row]];
        // Between two points the sides are straight: left = 2·below·y + grows·y².
        $y = 0 === $grows ? $left / (2 * $below) : (sqrt($below ** 2 + $grows * $left) - $below) / $grows;

        return (int) round($row + $y);
    }

    /** FINE parts of a box from the middle to the side, so many half boxes above its foot. */
    public function sideAt(int $level): int
    {
        return $this->sides[$level] ?? $this->neck();
    }

    /** "row 0: 4; rows 1 to 9: 5½": boxes from the middle to the side on whole rows, of which equal ones are said once. */
    public function said(): string
    {
        $said = [];
        $from = 0;
        for ($row = 0; $row <= $this->full(); ++$row) {
            $quarters = self::quarters($this->sides[2 * $row]);
            $next = $this->sides[2 * $row + 2] ?? null;
            if (null !== $next && self::quarters($next) === $quarters) {
                continue;
            }
            $said[] = ($from === $row ? "row $row: " : "rows $from to $row: ").Fraction::of($quarters, 4);
            $from = $row + 1;
        }

        return implode('; ', $said);
    }

    /** Of FINE parts, rounded. */
    private static function quarters(int $fine): int
    {
        return (int) round(4 * $fine / self::FINE);
    }
}
