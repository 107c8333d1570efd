<?php

/* The page on which the pocket of the loose card is glued; card and pocket themselves are printed as sheets. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Spacing;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\PocketSize;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class CardPocket implements School
{
    public function layOut(Request $request, SpacingAsked $asked): Laid
    {
        $size = PocketSize::of($request->grid->across, $request->grid->down);
        if ($size->deep > Heading::below($request->grid->down, $request->grid->title)->left) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                'A pocket of '.Plural::boxes($size->deep)." leaves no room for a title on {$request->grid->down}.",
            ));
        }

        return Laid::page(
            $request->grid,
            fn (Canvas $canvas) => $this->page($canvas, $request, $size->wide, $size->deep),
            Heading::findings($request),
        );
    }

    private function page(Canvas $canvas, Request $request, int $wide, int $depth): void
    {
        $from = $canvas->down - $depth;
        $canvas->working(
            'pocket',
            "$wide × $depth boxes",
            "the card is $canvas->across × $canvas->down; $canvas->across + 1 = "
                .Plural::boxes($wide)
                ." wide; ⅔ of $canvas->down, rounded up = "
                .Plural::boxes($depth)
                .' deep, so that the card does not slide out',
        );
        $canvas->tickAll(Edge::Side, [$from], 'the pocket’s mouth, '.Plural::boxes($depth).' above the lower edge', 'pocket');
        $canvas->step(
            Task::Pencil,
            'Draw where the pocket goes: its mouth '
                .Plural::boxes($from)
                .' down. It is '
                .Plural::boxes($wide)
                .' wide, so it stands half a box over the grid on either side.',
            'pocket',
        );
        $canvas->frame(Layer::Pencil, 0, $from, $canvas->across, $depth);
        Heading::write($canvas, $request);
        $canvas->step(
            Task::Wait,
            'Fold the three flaps of the printed pocket back, glue them down on the page, and let the glue dry under a weight.',
            'pocket',
        );
        $canvas->step(
            Task::Check,
            'Slide the card in: it stands out by '.($canvas->down - $depth).' boxes. Trim it a little at top and bottom if it sticks.',
            'pocket',
        );
    }
}
