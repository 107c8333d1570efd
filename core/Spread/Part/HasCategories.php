<?php

/* What fills a part with columns that take what is known by its category. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Request;

interface HasCategories extends Filling
{
    /** @return list<string> of its columns, in their order; none where it has one column for all */
    public function categories(Request $asked): array;
}
