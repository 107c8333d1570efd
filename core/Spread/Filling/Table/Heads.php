<?php

/* The room for a table's names: beside its rows and above its columns. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Table;

final class Heads
{
    /**
     * @param int  $strip   boxes of the names before the columns
     * @param int  $names   boxes names are written in: those of the strip; the whole part where it shows nothing else
     * @param int  $tall    boxes of the headings
     * @param bool $stacked whether headings are written down their columns
     */
    public function __construct(
        public readonly int $strip,
        public readonly int $names,
        public readonly int $tall = 1,
        public readonly bool $stacked = false,
    ) {
    }
}
