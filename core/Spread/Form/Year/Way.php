<?php

/* One way to draw the months of a year at a glance. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
interface Way
{
    /** @param non-empty-list<Month> $months */
    public function layOut(Request $request, array $months): Laid;
}
