<?php

/* One school of spacing sheet: where on the page the divisions are kept. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Spacing;

use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
interface School
{
    public function layOut(Request $request, SpacingAsked $asked): Laid;
}
