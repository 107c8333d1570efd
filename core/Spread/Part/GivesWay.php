<?php

/* A filling that can be asked for less where its part is too small for it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;

interface GivesWay
{
    /**
     * Settings that need less room, from the least change on; whether they fit is tried afterwards.
     *
     * @return list<array{say: string, settings: array<string, mixed>}>
     */
    public function ways(Request $asked, Region $region): array;
}
