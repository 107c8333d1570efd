<?php

/* One way to draw the months of a year at a glance. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Request;

interface Way
{
    /** @param non-empty-list<Month> $months */
    public function pages(Request $request, array $months): int;

    /**
     * @param non-empty-list<Month> $months
     *
     * @return list<PageDrawing> one page with a broken finding where this way does not fit
     */
    public function draw(Request $request, array $months): array;
}
