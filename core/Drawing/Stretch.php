<?php

/*
 * Where what was drawn from a line on stands when the lines behind it were moved: each stretch between two lines keeps what is in
 * it at the same distance from its first line. What a shorter stretch has no room for is lost; a stretch of a box or less is
 * made narrower with all that is in it.
 */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Stretch
{
    /**
     * @param array{int, int, int, int} $within x, y, wide, tall in grains: nothing outside it moves
     * @param bool                      $down   whether along the side, and not along the top
     * @param non-empty-list<int>       $was    grains, rising
     * @param non-empty-list<int>       $now    grains, never falling, as many
     */
    public function __construct(
        private readonly array $within,
        private readonly bool $down,
        private readonly array $was,
        private readonly array $now,
    ) {
    }

    /**
     * A rectangle where it stands now; null where it has no room any more.
     *
     * @param array{int, int, int, int} $place x, y, wide, tall in grains
     *
     * @return array{int, int, int, int}|null
     */
    public function place(array $place): ?array
    {
        if (!$this->moves($place)) {
            return $place;
        }
        [$x, $y, $wide, $tall] = $place;
        [$from, $long] = $this->down ? [$y, $tall] : [$x, $wide];
        $start = $this->at($from, false);
        if (null === $start) {
            return null;
        }
        $end = 0 === $long ? $start : $this->at($from + $long, true) ?? $this->now[$this->stretch($from + $long, true) + 1] ?? $start;
        if ($long > 0 && $end <= $start) {
            return null;
        }

        return $this->down ? [$x, $start, $wide, $end - $start] : [$start, $y, $end - $start, $tall];
    }

    /**
     * Whether any of it stands behind the line, and all of it within the region.
     *
     * @param array{int, int, int, int} $place
     */
    public function moves(array $place): bool
    {
        [$x, $y, $wide, $tall] = $place;
        [$side, $over, $end] = $this->down ? [$x, $wide, $y + $tall] : [$y, $tall, $x + $wide];
        [$least, $room] = $this->down ? [$this->within[0], $this->within[2]] : [$this->within[1], $this->within[3]];

        return $side >= $least && $side + $over <= $least + $room && $end >= $this->was[0] && $end > 0
            && ($this->down ? $y : $x) <= $this->was[\count($this->was) - 1];
    }

    /** @param bool $ends whether something ends there: a line between two stretches is then the end of the first */
    private function at(int $place, bool $ends): ?int
    {
        $i = $this->stretch($place, $ends);
        if ($i < 0) {
            // What ends at the line the pen stands at ends where that was drawn.
            return $place === $this->was[0] ? $this->now[0] : $place;
        }
        if (!isset($this->was[$i + 1])) {
            return $place === $this->was[$i] ? $this->now[$i] : $place;
        }
        $in = $place - $this->was[$i];
        [$long, $new] = [$this->was[$i + 1] - $this->was[$i], $this->now[$i + 1] - $this->now[$i]];
        if ($in === $long) {
            return $this->now[$i + 1];
        }
        if ($new < $long && $long <= Grain::PER_BOX) {
            return $this->now[$i] + intdiv($in * $new, $long);
        }

        return $in < $new || 0 === $in ? $this->now[$i] + $in : null;
    }

    /** The stretch a place is in, by its first line; -1 before the first. */
    private function stretch(int $place, bool $ends): int
    {
        $found = -1;
        foreach ($this->was as $i => $line) {
            if ($line < $place || (!$ends && $line === $place)) {
                $found = $i;
            }
        }

        return $found;
    }
}
