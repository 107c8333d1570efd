<?php

/* One school of spacing sheet: where on the page the divisions are kept. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
interface School
{
    public function fill(Request $asked, Region $region, SpacingAsked $spacing): Filled;
}
