<?php

/* What fills a part by the edges of the paper: no border and no free foot may lie between. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Request;

interface NeedsEdges
{
    public function needsEdges(Request $asked): bool;
}
