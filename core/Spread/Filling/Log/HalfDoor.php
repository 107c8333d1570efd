<?php

/*
 * A future log with one cut leaf, half as wide as the page. Six columns of months stand on it and on the pages round
 * it, and four are in sight whichever way the leaf is turned: the first half of the year with the leaf to the right,
 * the second with it to the left.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class HalfDoor implements LogSchool
{
    private const COLUMNS = 6;

    /** Columns of months on each of the four pages, by their place: outer or inner half. */
    private const ON_PAGE = [[0 => 'left', 1 => 'right'], [2 => 'left'], [3 => 'right'], [4 => 'left', 5 => 'right']];

    public function fill(Request $asked, Region $region, LogAsked $log, int $page): Filled
    {
        if (!self::hasWholeLeaf($asked, $region)) {
            return new Filled(findings: 0 < $page ? [] : [new Finding(
                $asked->id,
                'A door of the future log is cut through the whole leaf, and would cut what stands above, beside or below it: '
                    .'give it the page from edge to edge, under its title alone.',
            )]);
        }
        $halves = Division::containers($region->wide, 2);
        $all = null === $halves ? null : MonthPlace::alike(
            $log,
            fn (array $photo): ?array => $this->places($log, $halves, $region, $photo),
        );
        $next = $page + 1 < \count(self::ON_PAGE) ? $page + 1 : null;
        if (null === $halves || null === $all) {
            return new Filled(findings: 0 < $page ? [] : [new Finding(
                $asked->id,
                'Half a page of '
                    .Plural::boxes($region->wide)
                    .' is too narrow for a month’s lines'
                    .$log->mini->says()
                    .', or no line is left.',
            )], next: $next);
        }
        $columns = array_values(array_intersect_key($all, self::ON_PAGE[$page]));
        $places = array_merge(...$columns);
        $isCut = 1 === $page || 2 === $page;
        $here = new FromHere($asked, $region, 'the future log');
        $rows = self::rows($columns, $region);
        $painter = static fn (Canvas $canvas): LogPainter => new LogPainter($canvas, $asked, $log, $here);

        return new Filled(
            ticks: $here->ticks([
                ...[] === $places && !$isCut ? [] : [EdgeTicks::division(Edge::Top, $halves, 'across', $region->x)],
                ...array_map(
                    static fn (Division $some, int $count): EdgeTicks => EdgeTicks::division(Edge::Side, $some, "down-$count", $region->y),
                    $rows,
                    array_keys($rows),
                ),
            ]),
            workings: static fn (): array => [
                new Working($here->note('across'), Plural::boxes($halves->size()).' wide', $halves->working()),
                ...array_map(static fn (Division $some, int $count): Working => new Working(
                    $here->note("down-$count"),
                    Plural::boxes($some->size()).' tall',
                    $region->sum().'; '.$some->working(),
                ), $rows, array_keys($rows)),
                ...LogPainter::lines($asked->calendar->names, $places, $here),
            ],
            layers: new Layers(
                pencil: function (Canvas $canvas) use ($asked, $isCut, $halves, $region, $page, $here, $painter, $places): void {
                    if ([] !== $places) {
                        $painter($canvas)->pencil($places);
                    }
                    if ($isCut) {
                        $this->cut($canvas, $here, $halves, $region->x, $asked->grid->down, 1 === $page);
                    }
                },
                ink: static function (Canvas $canvas) use ($painter, $places): void {
                    if ([] !== $places) {
                        $painter($canvas)->ink($places);
                    }
                },
                write: static function (Canvas $canvas) use ($painter, $places, $here, $page): void {
                    if ([] !== $places) {
                        $painter($canvas)->write($places);
                    } elseif (3 === $page) {
                        $text = 'No month stands here: keep the page for what has no month yet.';
                        $here->step($canvas, Task::Write, $text, null);
                    }
                },
            ),
            check: new Check(match (true) {
                [] === $places && 3 === $page => '',
                $isCut => 'Turn the leaf both ways: four columns are in sight each time.',
                default => 'Lay the cut leaf over this page: the outer half stays in sight.',
            }, $here->note('across')),
            next: $next,
        );
    }

    /** Nothing but a title stands on the leaf beside it: the knife spares no other part. */
    private static function hasWholeLeaf(Request $asked, Region $region): bool
    {
        return 0 === $region->x
            && $region->wide === $asked->grid->across
            && \in_array($region->y, [0, Heading::boxes($asked->grid->down, $asked->grid->title)], true)
            && $region->y + $region->tall === $asked->grid->down;
    }

    /**
     * How the height is divided, once for columns that have as many months as one another.
     *
     * @param list<list<MonthPlace>> $columns
     *
     * @return array<int, Division> months of a column → its division
     */
    private static function rows(array $columns, Region $region): array
    {
        $rows = [];
        foreach (array_filter(array_map(\count(...), $columns), static fn (int $count): bool => $count > 0) as $count) {
            $division = Division::containers($region->tall, $count);
            $rows += null === $division ? [] : [$count => $division];
        }

        return $rows;
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
     * @param array{int, int, bool} $photo
     *
     * @return array<int, list<MonthPlace>>|null column → its months
     */
    private function places(LogAsked $asked, Division $halves, Region $region, array $photo): ?array
    {
        $columns = $this->columns($asked);
        $places = [];
        foreach (self::ON_PAGE as $sides) {
            foreach ($sides as $column => $side) {
                $places[$column] = [];
                $rows = [] === $columns[$column] ? null : Division::containers($region->tall, \count($columns[$column]));
                foreach ($columns[$column] as $i => $month) {
                    $place = null === $rows ? null : MonthPlace::of(
                        $month,
                        new Region(
                            $halves->spans()['left' === $side ? 0 : 1]['from']->floor() + $region->x,
                            $rows->spans()[$i]['from']->floor() + $region->y,
                            $halves->size(),
                            $rows->size(),
                        ),
                        $asked,
                        $photo,
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

    /** @param int $x boxes to the left of the halves @param int $down of the page: the whole leaf is cut */
    private function cut(Canvas $canvas, FromHere $here, Division $halves, int $x, int $down, bool $front): void
    {
        // In the middle of the gap, so that neither column is cut into.
        $at = ($front ? $halves->spans()[0]['to'] : $halves->spans()[1]['from'])->plus($x);
        $here->step($canvas, $front ? Task::Cut : Task::Pencil, $front
            ? 'Draw the line to cut along, at '
                .$canvas->tally->place($at)
                .' from the binding. Pull the ribbons away; cut '.Caution::KNIFE.', never into the binding.'
            : 'The cut is the same on this face; draw nothing beyond it.', 'across');
        $canvas->line(Layer::Pencil, $at, 0, 0, $down);
    }
}
