<?php

/* The grid spacing sheet, in the five schools of the handbook: counted once, looked up for every page afterwards. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Division;
use AmpleMargin\Spread\Filling\Divisions;
use AmpleMargin\Spread\Filling\Words;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Form\Spacing\CardPocket;
use AmpleMargin\Spread\Form\Spacing\ContainerTable;
use AmpleMargin\Spread\Form\Spacing\FourCorners;
use AmpleMargin\Spread\Form\Spacing\HalfPage;
use AmpleMargin\Spread\Form\Spacing\NumberedEdges;
use AmpleMargin\Spread\Form\Spacing\School;
use AmpleMargin\Spread\Form\Spacing\SpacingAsked;
use AmpleMargin\Spread\HasDivisions;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Part\Size;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class SpacingSheet implements Form, HasLayouts, HasDivisions, HasParts
{
    use OpensAsParts;

    public const SCHOOLS = [
        'edges' => 'Numbered edges',
        'corners' => 'Four corners',
        'table' => 'Table of containers',
        'half' => 'Half a page, with a quote',
        'card' => 'Loose card, with its pocket here',
    ];

    public function fields(): array
    {
        return [
            Field::choice('school', 'Drawn as', self::SCHOOLS),
            Field::counts('divisors_across', 'Divided across by', 2, SpacingAsked::FINEST, Division::USUAL),
            Field::counts('divisors_down', 'Divided down by', 2, SpacingAsked::FINEST, Division::USUAL),
            Field::choice('gaps', 'Parts', ['both' => 'without gaps and with', 'without' => 'without gaps', 'with' => 'with the best gap']),
            Field::flag('coloured', 'A colour for each divisor', true),
            Field::lines('lines', 'Quote')->when('school', ['half']),
        ];
    }

    public function isByMonth(): bool
    {
        return true;
    }

    public function parting(Request $request): Piece
    {
        $divisions = Leaf::of(new Divisions())->with($request->settings->over([], Divisions::FIELDS));

        return 'half' !== $request->settings->choice('school') ? self::underTitle($divisions) : Parting::down(
            [Size::share(), Leaf::of(new Words())->with(['words' => $request->settings->lines('lines')])],
            [Size::needed(), $divisions],
        )->gap(1);
    }

    public function layOut(Request $request): Laid
    {
        // Its edges are those of every page.
        $request = $request->on($request->grid->whole());
        $asked = SpacingAsked::read($request);

        return $this->school($request)->layOut($request, $asked)->adding($asked->sharedColours($request->id));
    }

    public function divisions(Request $request): SpacingAsked
    {
        return SpacingAsked::read($request);
    }

    public function layouts(Request $request): array
    {
        return array_map(
            static fn (string $school, string $name): Layout => new Layout($name, ['school' => $school]),
            array_keys(self::SCHOOLS),
            self::SCHOOLS,
        );
    }

    private function school(Request $request): School
    {
        return match ($request->settings->choice('school')) {
            'corners' => new FourCorners(),
            'table' => new ContainerTable(),
            'half' => new HalfPage(),
            'card' => new CardPocket(),
            default => new NumberedEdges(),
        };
    }
}
