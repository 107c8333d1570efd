<?php

/* A way to fill boxes, with the rule that sizes it. Many kinds share one form. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Setting\Field;

interface Form
{
    /** @return list<Field> all it can be asked for; a kind may leave some of them out */
    public function fields(): array;

    /** Pages it takes, 1 or more. */
    public function pages(Request $request): int;

    /** @return list<PageDrawing> as many as `pages` says */
    public function draw(Request $request): array;
}
