<?php

/* One school of future log: how its months are laid on pages. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
interface School
{
    /** @param int $page of those it takes, from 0 */
    public function fill(Request $asked, Region $region, LogAsked $log, int $page): Filled;
}
