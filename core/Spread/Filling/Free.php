<?php

/* Room kept free: for a picture, a collage, a drawing. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\StaysFree;

final class Free implements StaysFree
{
    public function name(): string
    {
        return 'Free room';
    }

    public function purpose(): string
    {
        return 'Kept free for a picture, a collage, a drawing.';
    }

    public function fields(): array
    {
        return [];
    }

    public function narrowest(Request $asked): int
    {
        return 2;
    }

    public function least(Request $asked, int $wide): int
    {
        return 2;
    }

    public function tall(Request $asked, int $wide): int
    {
        return $wide;
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $mm = Millimetres::written($region->wide * $asked->grid->pitch).' × '.Millimetres::written($region->tall * $asked->grid->pitch);

        return new Filled(
            side: [$region->y => 'the free room', $region->y + $region->tall => 'the free room'],
            workings: static fn (): array => [new Working(
                "free-$region->x-$region->y",
                "$region->wide × $region->tall boxes",
                "$mm mm, at ".Millimetres::written($asked->grid->pitch).' mm a box',
            )],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($region, $mm): void {
                    $canvas->step(Task::Pencil, "Mark the room kept free: $region->wide × $region->tall boxes, $mm mm.");
                    $canvas->frame(Layer::Pencil, $region->x, $region->y, $region->wide, $region->tall);
                },
            ),
        );
    }
}
