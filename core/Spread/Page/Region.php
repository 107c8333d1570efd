<?php

/* A part of a page: whole boxes from its upper left corner. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Counting\Subtraction;

final class Region
{
    /**
     * @param int $x    boxes to its left
     * @param int $y    boxes above it
     * @param int $wide boxes, 1 or more
     * @param int $tall boxes, 1 or more
     * @param Subtraction|null $sum its height comes from
     */
    public function __construct(
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        private readonly ?Subtraction $sum = null,
    ) {
    }

    /** How its height comes about: of all that is divided less what stands above it. */
    public function sum(): Subtraction
    {
        return $this->sum ?? Subtraction::from($this->tall);
    }

    /** The same with the sum its height comes from. */
    public function from(Subtraction $sum): self
    {
        return new self($this->x, $this->y, $this->wide, $this->tall, $sum);
    }

    /**
     * Its sides, but for those along the edges of a page of so many boxes, where there is nothing to cut.
     *
     * @return list<array{int, int, int, int}> from, to: left, right, upper, lower
     */
    public function sidesWithin(int $across, int $down): array
    {
        [$right, $foot] = [$this->x + $this->wide, $this->y + $this->tall];

        return array_values(array_filter([
            0 === $this->x ? null : [$this->x, $this->y, $this->x, $foot],
            $across === $right ? null : [$right, $this->y, $right, $foot],
            0 === $this->y ? null : [$this->x, $this->y, $right, $this->y],
            $down === $foot ? null : [$this->x, $foot, $right, $foot],
        ]));
    }

    /** Boxes of the side that is divided. */
    public function side(Direction $way): int
    {
        return Direction::Across === $way ? $this->wide : $this->tall;
    }

    /** A stretch of it: so many boxes, from so many in on that side. */
    public function stretch(Direction $way, int $from, int $size): self
    {
        return Direction::Across === $way
            ? new self($this->x + $from, $this->y, $size, $this->tall)
            : new self($this->x, $this->y + $from, $this->wide, $size);
    }

    /** What is left of it below so many rows. */
    public function below(int $rows): self
    {
        return 0 === $rows ? $this : new self($this->x, $this->y + $rows, $this->wide, max(1, $this->tall - $rows));
    }

    /** The same region further right and down. */
    public function moved(int $across, int $down): self
    {
        return new self($this->x + $across, $this->y + $down, $this->wide, $this->tall);
    }

    /** Whether the two have a box in common. */
    public function meets(self $other): bool
    {
        return $this->x < $other->x + $other->wide
            && $other->x < $this->x + $this->wide
            && $this->y < $other->y + $other->tall
            && $other->y < $this->y + $this->tall;
    }
}
