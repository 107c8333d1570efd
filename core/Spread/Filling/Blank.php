<?php

/* Nothing: a part left as it is, as tall as a title where it has what it needs, so that what is below stands level with a page beside. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FitsAnywhere;
use AmpleMargin\Spread\Part\StaysFree;

final class Blank implements StaysFree
{
    use FitsAnywhere;

    public function name(): string
    {
        return 'Nothing';
    }

    public function purpose(): string
    {
        return 'Left as it is: air beside a title, so that what stands below is level with the page beside.';
    }

    public function fields(): array
    {
        return [];
    }

    public function tall(Request $asked, int $wide): int
    {
        return Heading::boxes($asked->grid->down, $asked->grid->title);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        return new Filled();
    }
}
