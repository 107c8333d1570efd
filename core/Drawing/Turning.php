<?php

/*
 * Marks of a page that lay on its side while it was drawn, as they stand when it is upright again: the upper edge of the one is
 * the left edge of the other, and what was written from left to right reads upwards. And the other way round.
 */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Turning extends Replacing
{
    /** @param int $tall grains of the upright page, which the lying one is wide */
    private function __construct(private readonly int $tall, private readonly bool $upright)
    {
    }

    /** From a lying page to an upright one. */
    public static function upright(int $tall): self
    {
        return new self($tall, true);
    }

    /** From an upright page to a lying one. */
    public static function lying(int $tall): self
    {
        return new self($tall, false);
    }

    /**
     * A rectangle.
     *
     * @param array{int, int, int, int} $place x, y, wide, tall in grains
     *
     * @return array{int, int, int, int}
     */
    public function place(array $place): array
    {
        [$x, $y, $wide, $tall] = $place;

        return $this->upright ? [$y, $this->tall - $x - $wide, $tall, $wide] : [$this->tall - $y - $tall, $x, $tall, $wide];
    }

    /** From point to point: its extent may be negative. */
    public function line(Line $line): Line
    {
        [$x, $y, $wide, $tall] = $this->upright
            ? [$line->y, $this->tall - $line->x, $line->tall, -$line->wide]
            : [$this->tall - $line->y, $line->x, -$line->tall, $line->wide];

        return new Line($line->layer, $x, $y, $wide, $tall, $line->step, $line->note, $line->colour);
    }

    protected function turnsWords(): bool
    {
        return true;
    }

    protected function begin(Mark $mark): array
    {
        return [$mark->layer, ...$this->place([$mark->x, $mark->y, $mark->wide, $mark->tall]), $mark->step, $mark->note];
    }
}
