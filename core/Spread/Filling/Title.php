<?php

/* The title at the head of a page, with the air below it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\HeadsPage;
use AmpleMargin\Spread\Part\Layers;

final class Title implements HeadsPage
{
    public function name(): string
    {
        return 'Title';
    }

    public function purpose(): string
    {
        return 'The title of the spread, large.';
    }

    public function fields(): array
    {
        return [];
    }

    public function narrowest(Request $asked): int
    {
        return 1;
    }

    public function least(Request $asked, int $wide): int
    {
        return Heading::boxes($asked->grid->down, $asked->grid->title);
    }

    public function tall(Request $asked, int $wide): int
    {
        return Heading::boxes($asked->grid->down, $asked->grid->title);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $corner = 0 === $region->x && 0 === $region->y && $region->wide === $asked->grid->across;

        return new Filled(
            side: [$region->y => 'the title'],
            findings: Heading::findings($asked, null, $region->wide),
            layers: new Layers(
                write: static fn (Canvas $canvas) => $corner
                                ? Heading::write($canvas, $asked)
                                : Heading::writeAt($canvas, $asked, $region),
            ),
        );
    }
}
