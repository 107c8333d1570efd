<?php

/* The shelf of spines: between two shelf lines the backs of books, two boxes thick, to be filled with a title each and coloured. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\TakenUp;
use AmpleMargin\Spread\Setting\Field;

final class Spines implements TakenUp, GivesWay
{
    /** Boxes a spine is thick, and a shelf is tall where nobody says (docs/trade.md, "Filling"; the height from memory). */
    private const THICK = 2;
    private const TALL = 8;

    /** Spines of different heights look like books; the pattern repeats, so that it can be counted. */
    private const SHORTER = [0, 1, 0, 2, 1, 0, 1];

    public function name(): string
    {
        return 'Shelf of spines';
    }

    public function purpose(): string
    {
        return 'Books on shelves, their spines empty: a title and a colour each when one is read.';
    }

    public function fields(): array
    {
        return [
            Field::count('spines', 'Books', 1, 400, 52),
            Field::count('shelf', 'Boxes a shelf is tall', 4, 20, self::TALL),
            Field::count('thick', 'Boxes a spine is thick', 1, 4, self::THICK),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return 3 * $asked->settings->count('thick');
    }

    public function least(Request $asked, int $wide): int
    {
        return $asked->settings->count('shelf');
    }

    public function tall(Request $asked, int $wide): int
    {
        $each = max(1, intdiv($wide, $asked->settings->count('thick')));
        $shelves = intdiv($asked->settings->count('spines') + $each - 1, $each);

        return $shelves * ($asked->settings->count('shelf') + 1) - 1;
    }

    public function ways(Request $asked, Region $region): array
    {
        return [['say' => 'Shelves of 4 boxes', 'settings' => ['shelf' => 4]], ['say' => 'Spines of a box', 'settings' => ['thick' => 1]]];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $settings = $asked->settings;
        [$all, $shelf, $thick] = [$settings->count('spines'), $settings->count('shelf'), $settings->count('thick')];
        $each = max(1, intdiv($region->wide, $thick));
        $shelves = max(1, intdiv($region->tall + 1, $shelf + 1));
        $here = min($all - $from, $each * $shelves);
        $used = intdiv($here + $each - 1, $each);
        $foot = static fn (int $row): int => $region->y + ($row + 1) * ($shelf + 1) - 1;
        $side = [];
        for ($row = 0; $row < $used; ++$row) {
            $side[$foot($row)] = "shelves of $shelf";
        }

        return new Filled(
            side: $side,
            workings: static fn (): array => [
                new Working('spines', "$each a shelf", "$region->wide boxes ÷ $thick, rounded down: $each"),
                new Working('shelves', Plural::of($used, 'shelf', 'shelves'), "$shelf boxes and one between; $here of $all books here"),
            ],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($region, $foot, $shelf, $thick, $each, $used, $here): void {
                    $canvas->step(Task::Ink, 'Rule '.Plural::of($used, 'shelf line', 'shelf lines').' across.', 'shelves');
                    for ($row = 0; $row < $used; ++$row) {
                        $canvas->line(Layer::Ink, $region->x, $foot($row), $region->wide, 0);
                    }
                    $canvas->step(
                        Task::Ink,
                        'Draw '.Plural::of($here, 'spine', 'spines')." on them, each $thick thick; some a box or two shorter, as drawn.",
                        'spines',
                    );
                    for ($i = 0; $i < $here; ++$i) {
                        $tall = max(2, $shelf - 1 - self::SHORTER[$i % \count(self::SHORTER)]);
                        $canvas->frame(Layer::Ink, $region->x + $i % $each * $thick, $foot(intdiv($i, $each)) - $tall, $thick, $tall);
                    }
                    $canvas->cells($region->x, $region->y, $each * $thick, $foot($used - 1) - $region->y);
                },
            ),
            check: new Check("Count the spines: $here."),
            next: $from + $here < $all ? $from + $here : null,
        );
    }
}
