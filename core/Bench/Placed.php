<?php

/* One way to place a title, a block or stamps: where it begins, the arithmetic, and its marks on the page. */

declare(strict_types=1);

namespace AmpleMargin\Bench;

use AmpleMargin\Drawing\PageDrawing;

final class Placed
{
    public function __construct(
        public readonly string $name,
        public readonly string $figure,
        public readonly string $arithmetic,
        public readonly ?PageDrawing $drawing = null,
    ) {
    }
}
