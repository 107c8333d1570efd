<?php

/* A way to fill boxes, with the rule that sizes it. Many kinds share one form. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Drawing\PageDrawing;

interface Form
{
    /** Pages it takes, 1 or more. */
    public function pages(Request $request): int;

    /** @return list<PageDrawing> as many as `pages` says */
    public function draw(Request $request): array;
}
