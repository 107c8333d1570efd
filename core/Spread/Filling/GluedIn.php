<?php

/*
 * Something glued in: a pocket, an envelope, a flip-out, a card. Its place on the page, how it is cut from a sheet and where the
 * glue goes; each layer thickens the book about as a leaf does (docs/trade.md, "Doors, tabs and other cuts"; from memory).
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\PocketSize;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Inset;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Spread\Page\FlipOut;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Fastened;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\PartName;
use AmpleMargin\Spread\Setting\Field;

final class GluedIn implements Filling, GivesWay
{
    /** Boxes of a flap that is glued down: as for the pocket of the loose card. */
    private const FLAP = PocketSize::FLAP;

    /** Layers each adds where it is thickest: an envelope has a front and a back. */
    private const LAYERS = ['pocket' => 1, 'envelope' => 2, 'flip-out' => 1, 'card' => 1];

    private const USUAL = [10, 8];

    public function name(): string
    {
        return 'Glued in';
    }

    public function purpose(): string
    {
        return 'A pocket, an envelope, a flip-out or a card: its place, its flaps, where the glue goes, and what it adds to the book.';
    }

    public function fields(): array
    {
        return [
            Field::choice('glued', 'What is glued in', [
                'pocket' => 'a pocket, open above',
                'envelope' => 'an envelope with a flap',
                'flip-out' => 'a leaf that folds out',
                'card' => 'a card or a photo',
            ]),
            Field::count('glued_wide', 'Boxes wide', 2, 100),
            Field::count('glued_tall', 'Boxes tall', 2, 100),
            Field::choice('hinge', 'It hinges', [
                'outer' => 'at the outer edge',
                'foot' => 'at the foot',
                'head' => 'at the head',
            ])->when('glued', ['flip-out']),
            PartName::field(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return min(self::USUAL[0], $asked->settings->countOrNull('glued_wide') ?? self::USUAL[0]);
    }

    public function least(Request $asked, int $wide): int
    {
        return PartName::rows($asked) + ($asked->settings->countOrNull('glued_tall') ?? 2);
    }

    public function tall(Request $asked, int $wide): int
    {
        return PartName::rows($asked) + ($asked->settings->countOrNull('glued_tall') ?? max(self::USUAL[1], $wide));
    }

    public function ways(Request $asked, Region $region): array
    {
        return [['say' => 'As large as the part', 'settings' => ['glued_wide' => null, 'glued_tall' => null]]];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $what = $asked->settings->choice('glued');
        $below = PartName::below($asked, $region);
        $wide = min($below->wide, $asked->settings->countOrNull('glued_wide') ?? $below->wide);
        $tall = min($below->tall, $asked->settings->countOrNull('glued_tall') ?? $below->tall);
        $x = $below->x + intdiv($below->wide - $wide, 2);
        $y = $below->y + intdiv($below->tall - $tall, 2);
        $pitch = $asked->grid->pitch;
        $mm = Millimetres::written($wide * $pitch).' × '.Millimetres::written($tall * $pitch);
        $layers = self::LAYERS[$what] ?? 1;

        return new Filled(
            top: [$x => 'what is glued in', $x + $wide => 'what is glued in'],
            side: [$y => 'what is glued in', $y + $tall => 'what is glued in'],
            workings: static fn (): array => [
                new Working("glued-$x-$y", "$wide × $tall boxes", "$mm mm, at ".Millimetres::written($pitch).' mm a box'),
                new Working(
                    "layers-$x-$y",
                    Plural::of($layers, 'layer', 'layers'),
                    'each thickens the book about as a leaf does, from memory',
                ),
            ],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($x, $y, $wide, $tall): void {
                    $canvas->step(Task::Pencil, "Mark where it is glued: $wide × $tall boxes.", "glued-$x-$y");
                    $canvas->frame(Layer::Pencil, $x, $y, $wide, $tall);
                    $canvas->cells($x, $y, $wide, $tall);
                },
                ink: function (Canvas $canvas) use ($asked, $what, $x, $y, $wide, $tall, $pitch): void {
                    $hinge = 'flip-out' === $what ? $asked->settings->choice('hinge') : '';
                    $this->ink($canvas, $what, $hinge, new Region($x, $y, $wide, $tall));
                    $canvas->inset(new Inset($what, '', $wide * $pitch, $tall * $pitch, $hinge));
                },
                write: static fn (Canvas $canvas) => PartName::write($canvas, $asked, $region),
            ),
            check: new Check('Close the book on it once the glue is dry: nothing reaches beyond the edge.'),
            fastened: new Fastened(
                $layers,
                'flip-out' !== $what ? null : new FlipOut(new Region($x, $y, $wide, $tall), $asked->settings->choice('hinge')),
            ),
        );
    }

    private function ink(Canvas $canvas, string $what, string $hinge, Region $place): void
    {
        $flap = self::FLAP;
        [$x, $y, $wide, $tall] = [$place->x, $place->y, $place->wide, $place->tall];
        $canvas->step(Task::Ink, match ($what) {
            'pocket' => 'Cut a piece of '.($wide + 2 * $flap).' × '.($tall + $flap)." boxes, fold $flap boxes back on both sides and "
                .'at the foot, and glue these flaps down; it stays open above.',
            'envelope' => 'Cut a piece of '.($wide + 2 * $flap).' × '.(2 * $tall + $flap)." boxes, fold it across at $tall, glue the "
                ."sides, and leave a flap of $flap boxes to close it; glue its back down.",
            'flip-out' => "Cut a leaf of $wide × $tall boxes, a box less where it would reach beyond the book; tape "
                .match ($hinge) {
                    'foot' => 'its lower edge down, so that it folds out below.',
                    'head' => 'its upper edge down, so that it folds out above.',
                    default => 'the edge nearest the outside down, so that it folds out beside the page.',
                },
            default => 'Glue it down by its corners, or along one edge where something stands behind it.',
        }, "glued-$x-$y");
        $canvas->frame(Layer::Ink, $x, $y, $wide, $tall);
        match ($what) {
            // Its sides and foot are glued; a shallow notch shows where it is open.
            'pocket' => $canvas->line(Layer::Ink, $x, $y + 1, $wide, 0),
            'envelope' => self::flapOf($canvas, $place),
            'flip-out' => self::hinged($canvas, $place, $hinge),
            default => null,
        };
    }

    /** The flap of an envelope, closed. */
    private static function flapOf(Canvas $canvas, Region $place): void
    {
        $half = intdiv($place->wide, 2);
        $deep = min($place->tall - 1, max(1, intdiv($place->tall, 3)));
        $canvas->line(Layer::Ink, $place->x, $place->y, $half, $deep);
        $canvas->line(Layer::Ink, $place->x + $half, $place->y + $deep, $place->wide - $half, -$deep);
    }

    /** The edge that is taped, as a double line. */
    private static function hinged(Canvas $canvas, Region $place, string $hinge): void
    {
        match ($hinge) {
            'head' => $canvas->line(Layer::Ink, $place->x, $place->y + 1, $place->wide, 0),
            'foot' => $canvas->line(Layer::Ink, $place->x, $place->y + $place->tall - 1, $place->wide, 0),
            // Which side is the outer one, the page decides.
            default => null,
        };
    }
}
