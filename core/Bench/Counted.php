<?php

/* One school's answer for a region: what is ticked, counted every way a person may count it; or why it has none. */

declare(strict_types=1);

namespace AmpleMargin\Bench;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Split;
use AmpleMargin\Paper\Millimetres;

final class Counted
{
    /**
     * @param list<Fraction> $ticks     boxes from the page's edge, the region's own ends among them where they are not the page's
     * @param list<Fraction> $fromLast  each tick counted from the one before it
     * @param Fraction|null  $left      boxes from the last tick to the page's far edge
     * @param list<int>      $places    the ticks in µm from the page's edge of the grid
     * @param string         $says      what is worth knowing of it; where there is no split, why not
     * @param int|null       $otherGap  a gap with which this school does have an answer
     */
    public function __construct(
        public readonly Remainder $policy,
        public readonly string $name,
        public readonly ?Split $split,
        public readonly array $ticks,
        public readonly array $fromLast,
        public readonly ?Fraction $left,
        public readonly array $places,
        public readonly string $says,
        public readonly ?int $otherGap = null,
    ) {
    }

    /** @return list<string> the ticks in mm from the page's edge of the grid, as fine as a ruler is read: to the hundredth */
    public function millimetres(): array
    {
        return array_map(static fn (int $place): string => Millimetres::written((int) round($place, -1)), $this->places);
    }
}
