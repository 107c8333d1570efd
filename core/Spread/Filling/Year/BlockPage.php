<?php

/* One page of blocks: which months, and where each block stands. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;

/** @internal to Spread */
final class BlockPage
{
    /**
     * @param non-empty-list<MonthGrid> $grids in reading order, row after row of blocks
     * @param list<int>                 $rows  date rows of each row of blocks
     */
    public function __construct(
        public readonly array $grids,
        public readonly Division $across,
        public readonly Division $down,
        public readonly array $rows,
    ) {
    }

    /**
     * @return list<array{int, int, int, MonthGrid}> box across, box down (below the title), date rows, month
     */
    public function places(): array
    {
        $places = [];
        $columns = \count($this->across->parts);
        [$across, $down] = [$this->across->spans(), $this->down->spans()];
        foreach ($this->grids as $i => $grid) {
            $places[] = [
                $across[$i % $columns]['from']->floor(),
                $down[intdiv($i, $columns)]['from']->floor(),
                $this->rows[intdiv($i, $columns)],
                $grid,
            ];
        }

        return $places;
    }
}
