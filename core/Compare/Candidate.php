<?php

/* One layout of a spread as it would stand on this stock, with what decides. */

declare(strict_types=1);

namespace AmpleMargin\Compare;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Part\Layout;

final class Candidate
{
    /**
     * @param list<PageDrawing> $pages
     * @param string            $refused why it cannot be drawn on this stock; "" where it can
     * @param bool              $current whether the spread has this layout now
     */
    public function __construct(
        public readonly Layout $layout,
        public readonly array $pages,
        public readonly Measures $measures,
        public readonly string $refused,
        public readonly bool $current,
    ) {
    }
}
