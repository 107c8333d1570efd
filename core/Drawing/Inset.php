<?php

/* Something of a size of its own that is cut and put on a page: a photo in its frame, an envelope, a leaf that folds out. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Inset
{
    /**
     * @param string $what  "frame", "pocket", "envelope", "flip-out" or "card"
     * @param string $name  what it is for; "" for nothing in particular
     * @param int    $wide  µm, as it lies on the page
     * @param string $hinge "outer", "head" or "foot" for what folds out; "" for the others
     * @param int    $label boxes across that are kept for its name beside it; 0 for none
     */
    public function __construct(
        public readonly string $what,
        public readonly string $name,
        public readonly int $wide,
        public readonly int $tall,
        public readonly string $hinge = '',
        public readonly int $label = 0,
    ) {
    }
}
