<?php

/* The page on which the pocket of the loose card is glued; card and pocket themselves are printed as sheets. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\PocketSize;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class PocketPage implements SpacingSchool
{
    public function fill(Request $asked, Region $region, SpacingAsked $spacing): Filled
    {
        $grid = $asked->grid;
        $size = PocketSize::of($grid->across, $grid->down);
        [$wide, $deep] = [$size->wide, $size->deep];
        if ($deep > $region->tall) {
            return new Filled(findings: [new Finding(
                $asked->id,
                'A pocket of '.Plural::boxes($deep)." leaves no room for a title on $grid->down.",
            )]);
        }
        $from = $region->y + $region->tall - $deep;
        $here = new FromHere($asked, $region, 'the pocket');

        return new Filled(
            ticks: $here->ticks([
                new EdgeTicks(Edge::Side, [$from], 'the pocket’s mouth, '.Plural::boxes($deep).' above the lower edge', 'pocket'),
            ]),
            workings: [new Working(
                $here->note('pocket'),
                "$wide × $deep boxes",
                "the card is $grid->across × $grid->down; $grid->across + 1 = "
                    .Plural::boxes($wide)
                    ." wide; ⅔ of $grid->down, rounded up = "
                    .Plural::boxes($deep)
                    .' deep, so that the card does not slide out',
            )],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($here, $region, $from, $wide, $deep): void {
                    $text = 'Draw where the pocket goes: its mouth '.Plural::boxes($from).' down. It is '.Plural::boxes($wide)
                        .' wide, so it stands half a box over the grid on either side.';
                    $here->step($canvas, Task::Pencil, $text, 'pocket');
                    $canvas->frame(Layer::Pencil, $region->x, $from, $region->wide, $deep);
                },
                write: static function (Canvas $canvas) use ($here, $grid, $deep): void {
                    $text = 'Fold the three flaps of the printed pocket back, glue them down on the page, and let the glue dry under a '
                        .'weight.';
                    $here->step($canvas, Task::Wait, $text, 'pocket');
                    $out = $grid->down - $deep;
                    $text = "Slide the card in: it stands out by $out boxes. Trim it a little at top and bottom if it sticks.";
                    $here->step($canvas, Task::Check, $text, 'pocket');
                },
            ),
        );
    }
}
