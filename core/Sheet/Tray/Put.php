<?php

/* Where a piece lies on its sheet, in µm from the upper left corner of the room, and whether it is turned by a quarter. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

final class Put
{
    public function __construct(
        public readonly int $piece,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        public readonly bool $turned,
    ) {
    }
}
