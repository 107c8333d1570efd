<?php

/* What may stand over an opening as one: where it does, its pages lie open beside one another. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Request;

interface LiesOpen extends Filling
{
    /** Whether what is asked reads over the fold, where it takes more than one page. */
    public function liesOpen(Request $asked): bool;
}
