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
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class HalfDoor implements School
{
    private const COLUMNS = 6;

    /** Columns of months on each of the four pages, by their place: outer or inner half. */
    private const ON_PAGE = [[0 => 'left', 1 => 'right'], [2 => 'left'], [3 => 'right'], [4 => 'left', 5 => 'right']];

    public function layOut(Request $request, LogAsked $asked): Laid
    {
        $room = Heading::below($request->grid->down, $request->grid->title)->left;
        $halves = Division::containers($request->grid->across, 2);
        $head = Heading::boxes($request->grid->down, $request->grid->title);
        $places = null === $halves || $room < 1 ? null : $this->places($asked, $halves, $head, $room);
        if (null === $halves || null === $places) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                'Half a page of '
                    .Plural::boxes($request->grid->across)
                    .' is too narrow for a month’s lines'
                    .('none' === $asked->mini ? '' : " with a mini month $asked->mini")
                    .', or no line is left.',
            ), \count(self::ON_PAGE));
        }

        return Laid::pages(
            $request->grid,
            array_keys(self::ON_PAGE),
            fn (Canvas $canvas, int $i) => $this->page(
                $canvas,
                $request,
                $asked,
                $i,
                $halves,
                array_values(array_intersect_key($places, self::ON_PAGE[$i])),
            ),
            [Heading::findings($request)],
        );
    }

    /**
     * The months of each column: as many in each, the first columns one more where they do not divide.
     *
     * @return list<list<Month>>
     */
    private function columns(LogAsked $asked): array
    {
        [$each, $more] = [intdiv(\count($asked->months), self::COLUMNS), \count($asked->months) % self::COLUMNS];
        $columns = [];
        for ($column = 0, $from = 0; $column < self::COLUMNS; ++$column) {
            $count = $each + ($column < $more ? 1 : 0);
            $columns[] = \array_slice($asked->months, $from, $count);
            $from += $count;
        }

        return $columns;
    }

    /**
     * @return array<int, list<MonthPlace>>|null column → its months
     */
    private function places(LogAsked $asked, Division $halves, int $top, int $tall): ?array
    {
        $columns = $this->columns($asked);
        $places = [];
        foreach (self::ON_PAGE as $sides) {
            foreach ($sides as $column => $side) {
                $places[$column] = [];
                $rows = [] === $columns[$column] ? null : Division::containers($tall, \count($columns[$column]));
                foreach ($columns[$column] as $i => $month) {
                    $place = null === $rows ? null : MonthPlace::of(
                        $month,
                        $halves->spans()['left' === $side ? 0 : 1]['from']->floor(),
                        $rows->spans()[$i]['from']->floor() + $top,
                        $halves->size(),
                        $rows->size(),
                        $asked,
                    );
                    if (null === $place) {
                        return null;
                    }
                    $places[$column][] = $place;
                }
            }
        }

        return $places;
    }

    /** @param list<list<MonthPlace>> $columns of this page */
    private function page(Canvas $canvas, Request $request, LogAsked $asked, int $i, Division $halves, array $columns): void
    {
        $top = Heading::boxes($canvas->down, $canvas->title);
        $places = array_merge(...$columns);
        $painter = new LogPainter($canvas, $request, $asked);
        $canvas->working('across', Plural::boxes($halves->size()).' wide', $halves->working());
        if ([] !== $places || 1 === $i || 2 === $i) {
            $canvas->tickDivision(Edge::Top, $halves, 'across');
        }
        $this->tickRows($canvas, $columns, $top);
        if (1 === $i || 2 === $i) {
            $this->cut($canvas, $halves, 1 === $i);
        }
        if ([] !== $places) {
            $painter->lines($places);
            $painter->ink($places);
        }
        if (0 === $i) {
            Heading::write($canvas, $request);
        }
        if ([] !== $places) {
            $painter->write($places);
        }
        if ([] === $places && 3 === $i) {
            $canvas->step(Task::Write, 'No month stands here: keep the page for what has no month yet.');

            return;
        }
        Closing::page(
            $canvas,
            1 === $i || 2 === $i
                ? 'Turn the leaf both ways: four columns are in sight each time.'
                : 'Lay the cut leaf over this page: the outer half stays in sight.',
            'across',
        );
    }

    /**
     * Once for columns that have as many months as one another.
     *
     * @param list<list<MonthPlace>> $columns
     */
    private function tickRows(Canvas $canvas, array $columns, int $top): void
    {
        foreach (array_unique(array_filter(array_map(\count(...), $columns), static fn (int $count): bool => $count > 0)) as $count) {
            $rows = Division::containers($canvas->down - $top, $count);
            if (null !== $rows) {
                $canvas->working(
                    "down-$count",
                    Plural::boxes($rows->size()).' tall',
                    Heading::below($canvas->down, $canvas->title).'; '.$rows->working(),
                );
                $canvas->tickDivision(Edge::Side, $rows, "down-$count", $top);
            }
        }
    }

    private function cut(Canvas $canvas, Division $halves, bool $front): void
    {
        // In the middle of the gap, so that neither column is cut into.
        $at = $front ? $halves->spans()[0]['to'] : $halves->spans()[1]['from'];
        $canvas->step($front ? Task::Cut : Task::Pencil, $front
            ? 'Draw the line to cut along, at '
                .$canvas->tally->place($at)
                .' from the binding. Pull the ribbons away; cut '.Caution::KNIFE.', never into the binding.'
            : 'The cut is the same on this face; draw nothing beyond it.', 'across');
        $canvas->line(Layer::Pencil, $at, 0, 0, $canvas->down);
    }
}
