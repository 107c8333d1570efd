<?php

/* A printed rectangle: a filled band, or the outline of a ring drawn inside it. All in µm. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

final class SheetArea
{
    public function __construct(
        public readonly Tone $tone,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        public readonly bool $ring = false,
        public readonly ?string $colour = null,
    ) {
    }
}
