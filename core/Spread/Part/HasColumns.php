<?php

/* What fills a part in columns that others may stand in line with. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Request;

interface HasColumns extends Filling
{
    /** @param int $wide boxes of its part */
    public function columns(Request $asked, int $wide): ?Columns;
}
