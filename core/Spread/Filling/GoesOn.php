<?php

/* The next part of a list: whatever the part before has no room for goes on here, and then on the next page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FitsAnywhere;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\TakesUp;

final class GoesOn implements TakesUp
{
    use FitsAnywhere;

    public function name(): string
    {
        return 'Goes on';
    }

    public function purpose(): string
    {
        return 'What the part before has no room for: the second column of a long list.';
    }

    public function fields(): array
    {
        return [];
    }

    public function tall(Request $asked, int $wide): int
    {
        return 1;
    }

    /** Kept for what goes on; the page fills it with that where there is something. */
    public function fill(Request $asked, Region $region, int $from): Filled
    {
        return new Filled(
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($region): void {
                    $canvas->step(Task::Pencil, "Mark the part that is kept for what goes on: $region->wide × $region->tall boxes.");
                    $canvas->frame(Layer::Pencil, $region->x, $region->y, $region->wide, $region->tall);
                },
            ),
        );
    }
}
