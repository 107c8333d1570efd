<?php

/* One school of future log: how its months are laid on pages. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Log;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Request;

interface School
{
    public function pages(Request $request, LogAsked $asked): int;

    /**
     * @return list<PageDrawing> one page with a broken finding where it does not fit
     */
    public function draw(Request $request, LogAsked $asked): array;
}
