<?php

/*
 * Printed words in a place; `size` is the height of a line of letters. All in µm. Mirrored words are seen as in a mirror that stands
 * beside them, after they are turned.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Drawing\Align;

final class SheetWords
{
    public function __construct(
        public readonly Tone $tone,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        public readonly string $text,
        public readonly int $size,
        public readonly Align $align = Align::Start,
        public readonly ?string $colour = null,
        public readonly Turn $turn = Turn::Upright,
        public readonly bool $mirrored = false,
    ) {
    }
}
