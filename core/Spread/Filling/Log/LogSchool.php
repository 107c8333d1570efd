<?php

/* One school of future log: how its months are laid on pages. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;

/** @internal to Spread */
interface LogSchool
{
    /** @param int $page of those it takes, from 0 */
    public function fill(Request $asked, Region $region, LogAsked $log, int $page): Filled;
}
