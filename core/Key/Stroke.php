<?php

/* One stroke of the pen, from a dot to a dot of a symbol's small grid. */

declare(strict_types=1);

namespace AmpleMargin\Key;

final class Stroke
{
    /** Dots along a side of the grid are numbered 0 to this; the grid is drawn four fifths of a box large. */
    public const GRID = 4;

    public function __construct(public readonly int $x, public readonly int $y, public readonly int $toX, public readonly int $toY)
    {
    }

    /** The same stroke drawn the other way is the same stroke. */
    public function key(): string
    {
        $ends = [[$this->x, $this->y], [$this->toX, $this->toY]];
        sort($ends);

        return implode(',', [...$ends[0], ...$ends[1]]);
    }

    /** How far a point is from it, in quarters of the grid. */
    public function distance(float $x, float $y): float
    {
        [$dx, $dy] = [$this->toX - $this->x, $this->toY - $this->y];
        $length = $dx * $dx + $dy * $dy;
        $along = 0 === $length ? 0.0 : max(0.0, min(1.0, (($x - $this->x) * $dx + ($y - $this->y) * $dy) / $length));

        return hypot($x - $this->x - $along * $dx, $y - $this->y - $along * $dy);
    }
}
