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
use AmpleMargin\Spread\GivesWay;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\PartName;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

final class Lines implements Filling, GivesWay
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
            PartName::field(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return Rows::before($asked, $asked->settings->countOrNull('rows') ?? 9) + 3;
    }

    public function least(Request $asked, int $wide): int
    {
        return PartName::rows($asked) + $asked->settings->boxes('line')->ceil();
    }

    public function tall(Request $asked, int $wide): int
    {
        $items = $asked->settings->boxes('line')->times(\count($asked->settings->lines('items')))->ceil();

        return PartName::rows($asked) + max(Rows::tall($asked), $items);
    }

    public function ways(Request $asked, Region $region): array
    {
        return [
            ['say' => 'A box a row', 'settings' => ['line' => '1']],
            ['say' => 'Leave out the numbers', 'settings' => ['numbered' => false]],
            ['say' => 'Leave out numbers and boxes to tick', 'settings' => ['numbered' => false, 'ticked' => false]],
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $named = PartName::rows($asked) > 0;
        $rows = Rows::in($asked, PartName::below($asked, $region), $from);
        $items = $asked->settings->lines('items');
        $working = ($named ? "$asked->title: " : '').$rows->working($named ? ' below the name' : '');

        return new Filled(
            workings: [["rows-$region->x-$region->y", Plural::of($rows->count, 'line', 'lines'), $working]],
            findings: 0 === $from ? self::findings($asked, $rows, $items) : [],
            band: $rows->band(...),
            ink: static fn (Canvas $canvas) => self::ink($canvas, $asked, $region, $rows),
            write: static function (Canvas $canvas) use ($asked, $region, $rows, $items, $from): void {
                if (0 === $from) {
                    PartName::write($canvas, $asked, $region);
                }
                $rows->numbers($canvas, $asked);
                self::items($canvas, $asked, $rows, \array_slice($items, $from, $rows->count));
            },
            check: 'Count the rows: there are as many as the working says.',
            next: $rows->next(),
        );
    }

    /**
     * More items than rows; an item that stands twice.
     *
     * @param list<string> $items
     *
     * @return list<Finding>
     */
    private static function findings(Request $asked, Rows $rows, array $items): array
    {
        $findings = [];
        if (\count($items) > $rows->all) {
            $findings[] = new Finding(
                $asked->id,
                Plural::of(\count($items), 'item', 'items').' are more than the '.Plural::of($rows->all, 'row', 'rows')
                    .(PartName::rows($asked) > 0 ? " of “{$asked->title}”" : '').'. Leave some out, or ask for more rows.',
            );
        }
        $seen = [];
        foreach ($items as $i => $item) {
            $same = mb_strtolower($item);
            if (isset($seen[$same])) {
                $says = Heading::quoted($item).' stands twice, in rows '.($seen[$same] + 1).' and '.($i + 1).'.';
                $findings[] = new Finding($asked->id, $says, [], false);
                break;
            }
            $seen[$same] = $i;
        }

        return $findings;
    }

    private static function ink(Canvas $canvas, Request $asked, Region $region, Rows $rows): void
    {
        $name = 0 === PartName::rows($asked) ? 'the lines' : $asked->title;
        $tall = $rows->line->times($rows->count);
        $canvas->room("$region->x-$region->y", $name, $region->x, $rows->region->y, $region->wide, $tall, $rows->line);
        if ($asked->settings->flag('framed')) {
            $around = PartName::said($asked, 'it');
            $canvas->step(Task::Ink, "Frame $around: ".Plural::boxes($region->wide)." across, $region->tall down.");
            $canvas->frame(Layer::Ink, $region->x, $region->y, $region->wide, $region->tall);
        }
        $rows->ink($canvas, $asked);
    }

    /** @param list<string> $items of these rows */
    private static function items(Canvas $canvas, Request $asked, Rows $rows, array $items): void
    {
        if ([] === $items) {
            return;
        }
        $canvas->step(Task::Write, 'Write the '.Plural::of(\count($items), 'item', 'items').', one a row.', 'rows');
        $before = Rows::before($asked, $rows->all);
        $wide = Fraction::of(2 * ($rows->region->wide - $before) - 1, 2);
        foreach ($items as $row => $item) {
            $canvas->words(Layer::Writing, Fraction::of(4 * ($rows->region->x + $before) + 1, 4), $rows->down($row), $wide, 1, $item);
        }
    }
}
