<?php

/* Lines to write on, under a name or none: ruled, banded or on the dots alone, numbered or with boxes to tick. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\PartName;
use AmpleMargin\Spread\Part\TakenUp;
use AmpleMargin\Spread\Setting\Field;

final class Lines implements TakenUp, GivesWay
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
            RowItems::field(),
            ...Rows::fields(),
            Field::flag('framed', 'A frame around them', false),
            PartName::field(),
            Field::day('day', 'The day whose dates are written in')->unasked(),
            Field::count(Rows::PAGES, 'Pages', 1, 12),
            Field::choice(Rows::CALLED, 'They are called', ['rows' => 'rows of a list', 'lines' => 'lines to write on'])->unasked(),
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
        $areLines = 'lines' === $asked->settings->choice(Rows::CALLED);
        $pages = max($asked->settings->countOrNull(Rows::PAGES) ?? 1, $areLines ? $asked->pages : 1);
        $rows = Rows::in($asked, PartName::below($asked, $region), $from, $pages, $areLines);
        $wide = $rows->region->wide - Rows::before($asked, $rows->all);
        $working = ($named ? "$asked->title: " : '').$rows->working($named ? ' below the name' : '');

        $framed = $asked->settings->flag('framed');

        return new Filled(
            ticks: !$framed ? [] : [
                new EdgeTicks(Edge::Top, [$region->x, $region->x + $region->wide], 'its frame', Filled::TOGETHER, true),
                new EdgeTicks(Edge::Side, [$region->y, $region->y + $region->tall], 'its frame', Filled::TOGETHER, true),
            ],
            workings: static fn (): array => [
                new Working("rows-$region->x-$region->y", Plural::of($rows->count, 'line', 'lines'), $working),
            ],
            findings: 0 === $from ? RowItems::findings($asked, $rows, $wide, $named ? $asked->title : null) : [],
            layers: new Layers(
                band: $rows->band(...),
                ink: static fn (Canvas $canvas) => self::ink($canvas, $asked, $region, $rows),
                write: static function (Canvas $canvas) use ($asked, $region, $rows, $from, $wide): void {
                    if (0 === $from) {
                        PartName::write($canvas, $asked, $region);
                    }
                    $rows->numbers($canvas, $asked);
                    RowItems::write($canvas, $asked, $rows, $wide);
                },
            ),
            check: $rows->check($asked->grid->tally),
            next: $rows->next(),
        );
    }

    private static function ink(Canvas $canvas, Request $asked, Region $region, Rows $rows): void
    {
        $name = 0 === PartName::rows($asked) && !$rows->areLines ? 'the lines' : $asked->title;
        $tall = $rows->line->times($rows->count);
        $rows->areLines
            ? $canvas->room('lines', $name, $region->x, $rows->region->y, $region->wide, $rows->region->tall, $rows->line)
            : $canvas->room("$region->x-$region->y", $name, $region->x, $rows->region->y, $region->wide, $tall, $rows->line);
        $day = $asked->settings->dayOrNull('day');
        if (null !== $day) {
            $canvas->day($day->iso(), $region->x, $rows->region->y, $region->wide, $tall, $rows->line);
        }
        if ($asked->settings->flag('framed')) {
            $around = PartName::said($asked, 'it');
            $canvas->step(Task::Ink, "Frame $around: ".Plural::boxes($region->wide)." across, $region->tall down.");
            $canvas->frame(Layer::Ink, $region->x, $region->y, $region->wide, $region->tall);
        }
        $rows->ink($canvas, $asked);
    }
}
