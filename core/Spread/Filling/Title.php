<?php

/* The title at the head of a page, with the air below it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\HeadsPage;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\TitleStands;

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

    public function rest(): GoesOn
    {
        return new GoesOn();
    }

    public function fields(): array
    {
        return [TitleStands::own()];
    }

    public function narrowest(Request $asked): int
    {
        return $this->isUpright($asked) ? Heading::boxes($asked->grid->down, $asked->grid->title) : 1;
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
        if ($this->isUpright($asked)) {
            return $this->upright($asked, $region);
        }
        $stands = $asked->settings->choice(TitleStands::STANDS);
        $isWhole = $region->wide === $asked->grid->across;
        if (TitleStands::isFolded($stands) && $isWhole) {
            return $this->folded($asked, $region, $from > 0 || TitleStands::RIGHT_HALF === $stands, TitleStands::FOLD === $stands);
        }
        $align = ['left' => Align::Start, 'middle' => Align::Middle, 'right' => Align::End][$stands] ?? null;
        $align = TitleStands::CENTRE === $stands ? Align::Middle : $align;
        $corner = 0 === $region->x && 0 === $region->y && $isWhole;
        $narrow = TitleStands::isFolded($stands) ? [new Finding(
            $asked->id,
            Heading::quoted($asked->title).' stands in its part, and not across the fold: that is not as wide as the page.',
            [],
            false,
        )] : [];

        if (TitleStands::CENTRE === $stands && 0 === $region->y) {
            $narrow[] = new Finding(
                $asked->id,
                Heading::quoted($asked->title).' stands at the head, and not in the middle of the page: what is drawn below it is one part '
                    .'and does not go on. Part the page to set it between two.',
                [],
                false,
            );
        }

        return new Filled(
            side: [$region->y => 'the title'],
            findings: [...Heading::findings($asked, null, $region->wide), ...$narrow],
            layers: new Layers(
                write: static fn (Canvas $canvas) => $corner
                                ? Heading::write($canvas, $asked, $align)
                                : Heading::writeAt($canvas, $asked, $region, $align),
            ),
        );
    }

    private function isUpright(Request $asked): bool
    {
        return TitleStands::UPRIGHT === $asked->settings->choice(TitleStands::STANDS);
    }

    /**
     * One half of it, on a page of an opening.
     *
     * @param bool $both whether the other is written on the next page as what is written below goes on
     */
    private function folded(Request $asked, Region $region, bool $isRight, bool $both): Filled
    {
        $folded = Heading::folded($asked);

        return new Filled(
            side: [$region->y => 'the title'],
            findings: Heading::findings($asked, null, 2 * $region->wide),
            layers: new Layers(write: null === $folded
                ? null
                : static fn (Canvas $canvas) => Heading::writeFolded($canvas, $asked, $region, $folded, $isRight)),
            next: $both && !$isRight ? 1 : null,
        );
    }

    /** Along an edge, read from the foot up. */
    private function upright(Request $asked, Region $region): Filled
    {
        return new Filled(
            top: array_fill_keys([$region->x, $region->x + $region->wide], 'the title'),
            findings: Heading::findings($asked, null, $region->tall),
            layers: new Layers(write: static fn (Canvas $canvas) => Heading::writeUpright($canvas, $asked, $region)),
        );
    }
}
