<?php

/* A layout of a spread that can be drawn, and what there is to draw of it: a value that can be kept, without the pages. */

declare(strict_types=1);

namespace AmpleMargin\Compare;

use AmpleMargin\Plan\Making\Work;
use AmpleMargin\Spread\Part\Layout;

final class LayoutWork
{
    /**
     * @param bool $current  whether the spread has this layout now
     * @param bool $readable whether it breaks no readability limit
     */
    public function __construct(
        public readonly Layout $layout,
        public readonly Work $work,
        public readonly bool $current,
        public readonly bool $readable,
    ) {
    }
}
