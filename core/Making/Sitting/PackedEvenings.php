<?php

/* Pages packed into sittings: what is drawn in which, what has no room, and how good that is known to be. */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

final class PackedEvenings
{
    /**
     * @param array<string, Timeline>    $timelines by the key of the sitting
     * @param array<string, list<Stint>> $pieces    by the key of the sitting
     * @param list<ToDraw>               $left      that have no room
     * @param list<int>                  $cost      what is least, first to last: minutes left of what is needed from the first day, of the
     *                                              rest, minutes drawn later than needed, pages in two, sittings with a knife, how late
     *                                              what is needed first is drawn, minutes of waiting
     * @param bool                       $proven    whether no packing leaves less or splits fewer
     * @param int                        $bound     minutes that must be left, however they are packed
     */
    public function __construct(
        public readonly array $timelines,
        public readonly array $pieces,
        public readonly array $left,
        public readonly array $cost,
        public readonly bool $proven,
        public readonly int $bound,
    ) {
    }

    /** Minutes of work that have no room. */
    public function short(): int
    {
        return $this->cost[0] + $this->cost[1];
    }
}
