<?php

/* A form with more than one layout, which a person compares on their own paper. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Request;

interface HasLayouts
{
    /** @return list<Layout> those worth comparing on this stock, whether they fit or not */
    public function layouts(Request $request): array;
}
