<?php

/*
 * A future log with one cut leaf, half as wide as the page. Six columns of months stand on it and on the pages round
 * it, and four are in sight whichever way the leaf is turned: the first half of the year with the leaf to the right,
 * the second with it to the left.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Request;

final class HalfDoor implements School
{
    private const COLUMNS = 6;

    /** Columns of months on each of the four pages, by their place: outer or inner half. */
    private const ON_PAGE = [[0 => 'left', 1 => 'right'], [2 => 'left'], [3 => 'right'], [4 => 'left', 5 => 'right']];

    public function pages(Request $request, LogAsked $asked): int
    {
        return 4;
    }

    public function draw(Request $request, LogAsked $asked): array
    {
        $top = Heading::boxes($request->down);
        $halves = Division::containers($request->across, 2);
        $each = intdiv(\count($asked->months) + self::COLUMNS - 1, self::COLUMNS);
        $rows = $request->down - $top < 1 ? null : Division::containers($request->down - $top, $each);
        $places = null === $halves || null === $rows ? null : $this->places($asked, $halves, $rows, $top, $each);
        if (null === $halves || null === $rows || null === $places) {
            $why = new Finding($request->id, "Half a page of $request->across boxes is too narrow for a month’s lines".('none' === $asked->mini ? '' : " with a mini month $asked->mini").', or no line is left.');

            return Pages::draw($request, range(0, 3), static fn (Canvas $canvas, int $i) => 0 === $i ? $canvas->finding($why) : null);
        }

        return Pages::draw($request, range(0, 3), fn (Canvas $canvas, int $i) => $this->page($canvas, $request, $asked, $i, $halves, $rows, array_merge(...array_values(array_intersect_key($places, self::ON_PAGE[$i])))));
    }

    /**
     * @return array<int, list<MonthPlace>>|null column → its months
     */
    private function places(LogAsked $asked, Division $halves, Division $rows, int $top, int $each): ?array
    {
        $columns = [];
        foreach (self::ON_PAGE as $sides) {
            foreach ($sides as $column => $side) {
                $columns[$column] = [];
                foreach (\array_slice($asked->months, $column * $each, $each) as $i => $month) {
                    $place = $this->place($month, $asked, $halves, $rows, $top, $i, $side);
                    if (null === $place) {
                        return null;
                    }
                    $columns[$column][] = $place;
                }
            }
        }

        return $columns;
    }

    private function place(Month $month, LogAsked $asked, Division $halves, Division $rows, int $top, int $nth, string $side): ?MonthPlace
    {
        return MonthPlace::of($month, $halves->spans()['left' === $side ? 0 : 1]['from']->floor(), $rows->spans()[$nth]['from']->floor() + $top, $halves->size(), $rows->size(), $asked);
    }

    /** @param list<MonthPlace> $places */
    private function page(Canvas $canvas, Request $request, LogAsked $asked, int $i, Division $halves, Division $rows, array $places): void
    {
        $top = Heading::boxes($canvas->down);
        $canvas->working('across', "{$halves->size()} boxes wide", $halves->working());
        $canvas->working('down', "{$rows->size()} boxes tall", "$canvas->down boxes − $top for the title = $rows->side; ".$rows->working());
        if ([] !== $places) {
            $canvas->working('lines', "{$places[0]->lines} lines a month", "{$rows->size()} boxes − 1 for the name, ÷ $asked->line a line; {$places[0]->write[2]} boxes long");
        }
        $canvas->tickDivision(Edge::Top, $halves, 'across');
        $canvas->tickDivision(Edge::Side, $rows, 'down', $top);
        if (1 === $i || 2 === $i) {
            $this->cut($canvas, $halves, 1 === $i);
        }
        $painter = new LogPainter($canvas, $request, $asked);
        if ([] !== $places) {
            $painter->ink($places);
        }
        if (0 === $i) {
            Heading::write($canvas, $request);
        }
        if ([] !== $places) {
            $painter->write($places);
        }
        Closing::page($canvas, 1 === $i || 2 === $i ? 'Turn the leaf both ways: four columns are in sight each time.' : 'Lay the cut leaf over this page: the outer half stays in sight.', 'across');
    }

    private function cut(Canvas $canvas, Division $halves, bool $front): void
    {
        // In the middle of the gap, so that neither column is cut into.
        $at = $front ? $halves->spans()[0]['to'] : $halves->spans()[1]['from'];
        $canvas->step($front ? Task::Cut : Task::Pencil, $front
            ? 'Draw the line to cut along, at '.$canvas->tally->place($at).' from the binding. Pull the ribbons away; cut on a mat along a steel ruler, in light passes, fingers behind the blade’s path, never into the binding.'
            : 'The cut is the same on this face; draw nothing beyond it.', 'across');
        $canvas->line(Layer::Pencil, $at, 0, 0, $canvas->down);
    }
}
