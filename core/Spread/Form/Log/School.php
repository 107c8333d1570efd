<?php

/* One school of future log: how its months are laid on pages. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Log;

use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
interface School
{
    public function layOut(Request $request, LogAsked $asked): Laid;
}
