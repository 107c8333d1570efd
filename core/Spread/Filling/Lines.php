<?php

/* Lines to write on, under a name or none: ruled, banded or on the dots alone, numbered or with boxes to tick. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Filling;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

final class Lines implements Filling
{
    public function name(): string
    {
        return 'Lines';
    }

    public function purpose(): string
    {
        return 'Rows to write on: ruled, banded or on the dots alone; numbered, or with a box to tick.';
    }

    public function fields(): array
    {
        return [
            Field::lines('items', 'What is written already'),
            ...Rows::fields(),
            Field::flag('framed', 'Framed', false),
            Asker::named(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return Rows::before($asked, $asked->settings->countOrNull('rows') ?? 9) + 3;
    }

    public function least(Request $asked, int $wide): int
    {
        return self::head($asked) + $asked->settings->boxes('line')->ceil();
    }

    public function tall(Request $asked, int $wide): int
    {
        return self::head($asked) + max(Rows::tall($asked), $asked->settings->boxes('line')->times(\count($asked->settings->lines('items')))->ceil());
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $below = new Region($region->x, $region->y + self::head($asked), $region->wide, $region->tall - self::head($asked));
        $rows = Rows::in($asked, $below, $from);
        $items = $asked->settings->lines('items');
        $note = "rows-$region->x-$region->y";

        return new Filled(
            workings: [[$note, Plural::of($rows->count, 'line', 'lines'), self::said($asked).$rows->working(Asker::isNamed($asked) ? ' below the name' : '')]],
            findings: \count($items) > $rows->all ? [new Finding(
                $asked->id,
                Plural::of(\count($items), 'item', 'items').' are more than the '.Plural::of($rows->all, 'row', 'rows')
                    .(Asker::isNamed($asked) ? " of “{$asked->title}”" : '').'. Leave some out, or ask for more rows.',
            )] : [],
            band: $rows->band(...),
            ink: static function (Canvas $canvas) use ($asked, $region, $rows): void {
                $canvas->room("$region->x-$region->y", Asker::isNamed($asked) ? $asked->title : 'the lines', $region->x, $rows->region->y, $region->wide, $rows->line->times($rows->count), $rows->line);
                if ($asked->settings->flag('framed')) {
                    $canvas->step(Task::Ink, 'Frame '.(Asker::isNamed($asked) ? Heading::quoted($asked->title) : 'it').': '.Plural::boxes($region->wide)." across, $region->tall down.");
                    $canvas->frame(Layer::Ink, $region->x, $region->y, $region->wide, $region->tall);
                }
                $rows->ink($canvas, $asked);
            },
            write: static function (Canvas $canvas) use ($asked, $region, $rows, $items, $from): void {
                if (Asker::isNamed($asked) && 0 === $from) {
                    $canvas->step(Task::Write, 'Write '.Heading::quoted($asked->title).' in its first row.');
                    $canvas->words(Layer::Writing, Fraction::of(4 * $region->x + 1, 4), $region->y, Fraction::of(2 * $region->wide - 1, 2), 1, $asked->title);
                }
                $rows->numbers($canvas, $asked);
                $here = \array_slice($items, $from, $rows->count);
                if ([] !== $here) {
                    $canvas->step(Task::Write, 'Write the '.Plural::of(\count($here), 'item', 'items').', one a row.', 'rows');
                    $before = Rows::before($asked, $rows->all);
                    foreach ($here as $row => $item) {
                        $x = Fraction::of(4 * ($region->x + $before) + 1, 4);
                        $canvas->words(Layer::Writing, $x, $rows->down($row), Fraction::of(2 * ($region->wide - $before) - 1, 2), 1, $item);
                    }
                }
            },
            check: 'Count the rows: there are as many as the working says.',
            next: $rows->next(),
        );
    }

    private static function head(Request $asked): int
    {
        return Asker::isNamed($asked) ? 1 : 0;
    }

    private static function said(Request $asked): string
    {
        return Asker::isNamed($asked) ? "{$asked->title}: " : '';
    }
}
