<?php

/* A form with room for something printed, which draws that too. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Drawing\PageDrawing;

interface HasCutOuts
{
    /** @return list<PageDrawing> to print at true size and cut out; none where this layout has no room for any */
    public function cutOut(Request $request): array;
}
