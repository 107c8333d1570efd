<?php

/* One way to draw the months of a year at a glance. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;

/** @internal to Spread */
interface Glance
{
    /**
     * @param non-empty-list<Month> $months
     * @param int                   $page   of those it takes, from 0
     */
    public function fill(Request $asked, Region $region, array $months, int $page): Filled;
}
