<?php

/* A form with room for something printed, which draws that too. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;

interface HasCutOuts
{
    /** Whether this layout has room for something printed. */
    public function hasCutOut(Request $asked): bool;

    /** @return list<PageDrawing> to print at true size and cut out; none where this layout has no room for any */
    public function cutOut(Request $asked, Region $region): array;
}
