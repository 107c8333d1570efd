<?php

/* A filling that can stand in a single box. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Request;

trait FitsAnywhere
{
    public function narrowest(Request $asked): int
    {
        return 1;
    }

    public function least(Request $asked, int $wide): int
    {
        return 1;
    }
}
