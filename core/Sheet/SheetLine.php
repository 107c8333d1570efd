<?php

/* A printed line, ends in µm from the upper left corner of the paper. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

final class SheetLine
{
    public function __construct(
        public readonly Tone $tone,
        public readonly int $x,
        public readonly int $y,
        public readonly int $toX,
        public readonly int $toY,
        public readonly ?string $colour = null,
    ) {
    }
}
