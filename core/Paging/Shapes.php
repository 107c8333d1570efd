<?php

/* The spreads of one section by shape: those of one shape never need to change places, so they are placed in their wanted order. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

/** @internal to the search */
final class Shapes
{
    /**
     * @param list<Placeable> $group in the wanted order
     * @param list<list<int>> $ranks places in that order of the spreads of each shape, rising
     */
    private function __construct(private readonly array $group, private readonly array $ranks)
    {
    }

    /** @param list<Placeable> $group */
    public static function of(array $group, Facing $facing, bool $someUndotted): self
    {
        $ranks = [];
        foreach ($group as $rank => $spread) {
            $ranks[$spread->shape($someUndotted).($facing->isPaired($spread) ? $spread->id : '')][] = $rank;
        }

        return new self($group, array_values($ranks));
    }

    /** @return array<int, int> none placed of any shape */
    public function none(): array
    {
        return array_fill(0, \count($this->ranks), 0);
    }

    /**
     * The wanted place of the next spread of a shape.
     *
     * @param array<int, int> $counts placed of each shape
     */
    public function next(int $shape, array $counts): int
    {
        return $this->ranks[$shape][$counts[$shape]];
    }

    /**
     * The next spread of each shape that may come now.
     *
     * @param array<int, int> $counts placed of each shape
     * @param int             $rank   the place that is filled
     * @param int             $window places a spread may be moved
     *
     * @return array<int, Placeable>
     */
    public function open(array $counts, int $rank, int $window): array
    {
        $open = [];
        foreach ($this->ranks as $shape => $ranks) {
            $wanted = $ranks[$counts[$shape]] ?? null;
            if (null !== $wanted && abs($rank - $wanted) <= $window) {
                $open[$shape] = $this->group[$wanted];
            }
        }

        return $open;
    }
}
