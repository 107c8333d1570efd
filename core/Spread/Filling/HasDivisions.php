<?php

/* A form on which divisions of the page can be looked up; the loose card shows the same ones. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Spread\Filling\Spacing\SpacingAsked;
use AmpleMargin\Spread\Page\Request;

interface HasDivisions
{
    public function divisions(Request $request): SpacingAsked;
}
