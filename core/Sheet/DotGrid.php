<?php

/* The dots of a notebook page, for the background of a guide: µm, and boxes across and down. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

final class DotGrid
{
    public function __construct(
        public readonly int $x,
        public readonly int $y,
        public readonly int $pitch,
        public readonly int $across,
        public readonly int $down,
    ) {
    }
}
