<?php

/* A way to draw a savings plan as a picture that is coloured in as the sum grows. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Savings;

use AmpleMargin\Saving\SavingsPlan;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;

/** @internal to Spread */
interface Picture
{
    /** @return array{int, int} boxes across and down it needs at least */
    public function least(Request $asked): array;

    /** @param Region $region below its name */
    public function draw(Request $asked, SavingsPlan $plan, Region $region): Filled;
}
