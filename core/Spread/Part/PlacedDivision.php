<?php

/* A division that has its place on the page: where each of its parts begins and how long it is. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Region;

final class PlacedDivision
{
    /**
     * @param string                            $path      as that of a part
     * @param non-empty-list<array{int, int}>   $stretches boxes from the beginning of its region, boxes long
     */
    public function __construct(
        public readonly Parting $parting,
        public readonly Region $region,
        public readonly string $path,
        public readonly array $stretches,
    ) {
    }

    /** As people say it: "8, skip 1, 8"; what is left at the end too. */
    public function run(): string
    {
        $said = [];
        $at = 0;
        foreach ($this->stretches as [$from, $size]) {
            if ($from > $at) {
                $said[] = 'skip '.($from - $at);
            }
            $said[] = (string) $size;
            $at = $from + $size;
        }
        $left = $this->region->side($this->parting->way) - $at;

        return implode(', ', $said).($left > 0 ? ", $left left" : '');
    }
}
