<?php

/* One school of spacing sheet: where on the page the divisions are kept. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;

/** @internal to Spread */
interface SpacingSchool
{
    public function fill(Request $asked, Region $region, SpacingAsked $spacing): Filled;
}
