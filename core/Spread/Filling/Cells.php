<?php

/*
 * Equal cells in columns and rows, each with a name or a number: twelve months, categories, bingo, swatches. Cells of a size that is
 * asked for go on on the next page; others share the part.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Pages;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\ByMonth;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Part\TakenUp;
use AmpleMargin\Spread\Setting\Field;

final class Cells implements ByMonth, GivesWay, OfTime, TakenUp
{
    /** Boxes a named cell is at least: its name, and two lines to write on. */
    private const WIDE = 4;
    private const TALL = 3;

    /** A container is a large cell to write in; its counts are said as those of any division. */
    public const CALLED = 'called';

    /** Boxes a numbered one is at least. */
    private const SMALL = 2;

    /** Columns nobody asked for: of named cells no more than four, or their names are cut short. */
    private const MOST = ['names' => 4, 'months' => 4, 'quarters' => 2, 'numbers' => 12];

    public function isByMonth(array $settings): bool
    {
        return 'months' === ($settings['of'] ?? null);
    }

    public function shapedBy(array $settings): array
    {
        return \in_array($settings['of'] ?? null, ['months', 'quarters', 'signs'], true) ? OwnPeriod::OF_MONTHS : [];
    }

    public function name(): string
    {
        return 'Cells';
    }

    public function purpose(): string
    {
        return 'Equal cells: the months of the book, names of your own, or numbers.';
    }

    public function fields(): array
    {
        return [
            Field::choice('of', 'Cells for', [
                'names' => 'names of your own',
                'months' => 'the months of the book',
                'quarters' => 'its quarters',
                'signs' => 'the signs of the sun',
                'numbers' => 'numbers',
            ]),
            Field::lines('cells', 'Cells')->when('of', ['names']),
            Field::count('count', 'How many', 1, 200)->when('of', ['numbers']),
            Field::count('across', 'Cells across', 1, 12),
            Field::count('cell', 'Boxes of a cell, across and down', 2, 30),
            Field::boxes('line', 'Boxes a line'),
            Field::choice('order', 'The cells follow one another', ['across' => 'along the rows', 'down' => 'down the columns']),
            Field::flag('shared', 'Shared among the pages there are, and not on each again', false),
            CellWords::field(),
            Field::choice(self::CALLED, 'They are called', ['cells' => 'cells', 'containers' => 'containers'])->unasked(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return max($this->least($asked, 0) > self::SMALL ? self::WIDE : self::SMALL, $asked->settings->countOrNull('cell') ?? 1);
    }

    public function least(Request $asked, int $wide): int
    {
        return $asked->settings->countOrNull('cell') ?? ('numbers' === $asked->settings->choice('of') ? self::SMALL : self::TALL);
    }

    public function tall(Request $asked, int $wide): int
    {
        $size = $asked->settings->countOrNull('cell');
        $count = \count($this->names($asked));
        if (null !== $size) {
            return (int) ceil($count / max(1, intdiv($wide + 1, $size + 1))) * ($size + 1) - 1;
        }
        $across = min($asked->settings->countOrNull('across') ?? 3, max(1, intdiv($wide + 1, self::WIDE + 1)));

        return (int) ceil($count / $across) * (2 * self::TALL + 1) - 1;
    }

    public function ways(Request $asked, Region $region): array
    {
        return [
            ['say' => 'As many across as fit', 'settings' => ['across' => null]],
            ['say' => 'Cells as large as the part has room for', 'settings' => ['cell' => null]],
            ['say' => 'Two across', 'settings' => ['across' => 2]],
            ['say' => 'One below another', 'settings' => ['across' => 1]],
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $names = $this->names($asked);
        $shared = $asked->settings->flag('shared') && null === $asked->settings->countOrNull('cell');
        $here = $shared ? Pages::evenly(\count($names), \count($names), $asked->pages) : \count($names);
        $divided = $this->arrange($asked, $region, $here);
        if (null === $divided) {
            [$wide, $tall] = [$this->narrowest($asked), $this->least($asked, $region->wide)];

            return new Filled(findings: [new Finding(
                $asked->id,
                Plural::of(\count($names), 'cell', 'cells')." of at least $wide × $tall boxes "
                    .(1 === \count($names) ? 'does' : 'do')." not fit in $region->wide × $region->tall. "
                    .(1 === \count($names) ? 'Take a larger page.' : 'Leave some out.'),
            )]);
        }
        [$columns, $rows] = $divided;
        $each = min($here, \count($columns->parts) * \count($rows->parts));
        $here = \array_slice($names, $from, $each);
        $places = self::places($here, $columns, $rows, $region, 'down' === $asked->settings->choice('order'));

        $one = $this->one($asked);
        $cells = 'cell' === $one;

        return new Filled(
            top: static fn (): array => $cells ? self::ticks($columns, $region->x) : [],
            side: static fn (): array => $cells ? self::ticks($rows, $region->y) : [],
            ticks: $cells ? [
                self::ends(Edge::Top, $columns, $region->x),
                self::ends(Edge::Side, $rows, $region->y),
            ] : [
                EdgeTicks::division(Edge::Top, $columns, 'across', $region->x),
                EdgeTicks::division(Edge::Side, $rows, 'down', $region->y),
            ],
            workings: static fn (): array => [
                ...self::cusps($asked),
                new Working('across', Plural::boxes($columns->size()).' wide', $columns->working()),
                new Working('down', Plural::boxes($rows->size()).' tall', $rows->working()
                    .(\count($names) > $each ? '; '.\count($here).' of '.\count($names).' here' : '')),
            ],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($asked, $places, $columns, $rows, $from, $one): void {
                    $canvas->step(Task::Ink, 'Rule the '.Plural::of(\count($places), $one, "{$one}s").'.', 'across');
                    foreach ($places as $i => [$name, $x, $y]) {
                        $canvas->frame(Layer::Ink, $x, $y, $columns->size(), $rows->size());
                        if ($rows->size() > 1) {
                            $canvas->room(
                                self::key($asked, $from + $i),
                                $name,
                                $x,
                                $y + 1,
                                $columns->size(),
                                $rows->size() - 1,
                                $asked->settings->boxes('line'),
                            );
                        }
                    }
                },
                write: static function (Canvas $canvas) use ($asked, $places, $columns, $rows, $from, $one): void {
                    self::label($canvas, $asked, $places, $columns->size(), $one);
                    CellWords::write($canvas, $asked, $places, $columns->size(), $rows->size(), $from);
                },
            ),
            findings: 0 === $from ? [
                ...CellWords::tooMany($asked, $names, $rows->size()),
                ...TooLong::in($asked, [...$names, ...$asked->settings->lines(CellWords::SETTING)], $columns->size(), "a $one"),
            ] : [],
            check: new Check($cells
                            ? static fn (): string => "Count one cell: {$columns->size()} × {$rows->size()} boxes."
                            : static fn (): string => 'Count one container: '.$asked->grid->tally->length($columns->size()).' × '
                                .$asked->grid->tally->length($rows->size()).'.', $cells ? null : 'across'),
            next: $from + \count($here) < \count($names) ? $from + \count($here) : null,
        );
    }

    /** One of them, within a sentence. */
    private function one(Request $asked): string
    {
        return 'containers' === $asked->settings->choice(self::CALLED) ? 'container' : 'cell';
    }

    /** @param list<array{string, int, int}> $places */
    private static function label(Canvas $canvas, Request $asked, array $places, int $wide, string $one): void
    {
        if ('numbers' === $asked->settings->choice('of')) {
            $canvas->step(Task::Write, 'Number the cells, each in its upper left box.', 'across');
            foreach ($places as [$name, $x, $y]) {
                $canvas->words(Layer::Writing, $x, $y, min(2, $wide), 1, $name, Align::Middle);
            }

            return;
        }
        $canvas->step(Task::Write, "Write each name in the first row of its $one.", 'across');
        foreach ($places as [$name, $x, $y]) {
            $canvas->words(Layer::Writing, Fraction::of(4 * $x + 1, 4), $y, Fraction::of(2 * $wide - 1, 2), 1, $name);
        }
    }

    /**
     * Columns and rows: of the size that is asked for, with a gap of a box; else as many columns as are asked for, or those
     * whose cells are nearest to square.
     *
     * @return array{Division, Division}|null
     */
    private function arrange(Request $asked, Region $region, int $count): ?array
    {
        $size = $asked->settings->countOrNull('cell');
        if (null !== $size) {
            $across = Division::ofSize($region->wide, max(1, intdiv($region->wide + 1, $size + 1)), $size, 1, 1);
            $down = Division::ofSize($region->tall, max(1, intdiv($region->tall + 1, $size + 1)), $size, 1, 1);

            return null === $across || null === $down ? null : [$across, $down];
        }
        $of = $asked->settings->choice('of');
        $said = $asked->settings->countOrNull('across');
        [$wide, $tall] = 'numbers' === $of ? [self::SMALL, self::SMALL] : [self::WIDE, self::TALL];
        $best = null;
        $worst = null;
        foreach (null === $said ? range(1, min($count, self::MOST[$of] ?? 4)) : [$said] as $some) {
            $columns = Division::containers($region->wide, $some);
            $rows = Division::containers($region->tall, intdiv($count + $some - 1, $some));
            if (null === $columns || null === $rows || $columns->size() < $wide || $rows->size() < $tall) {
                continue;
            }
            // Each empty place counts against it.
            $places = $some * \count($rows->parts);
            $ratio = Fraction::of($places * max($columns->size(), $rows->size()), $count * min($columns->size(), $rows->size()));
            if (null === $worst || $ratio->compare($worst) < 0) {
                [$best, $worst] = [[$columns, $rows], $ratio];
            }
        }

        return $best;
    }

    /**
     * @param list<string> $names
     *
     * @return list<array{string, int, int}> name, box across, box down
     */
    private static function places(array $names, Division $columns, Division $rows, Region $region, bool $isDown): array
    {
        $across = $columns->spans();
        $down = $rows->spans();
        [$wide, $tall] = [\count($across), \count($down)];

        return array_map(static fn (string $name, int $i): array => [
            $name,
            $region->x + $across[$isDown ? intdiv($i, $tall) : $i % $wide]['from']->floor(),
            $region->y + $down[$isDown ? $i % $tall : intdiv($i, $wide)]['from']->floor(),
        ], $names, array_keys($names));
    }

    /** Where the cells begin and end, within a page. */
    private static function ends(Edge $edge, Division $division, int $from): EdgeTicks
    {
        $spans = $division->spans();
        $ends = [$spans[0]['from']->plus($from), $spans[\count($spans) - 1]['to']->plus($from)];

        return new EdgeTicks($edge, $ends, 'where the cells begin and end', Filled::TOGETHER, true);
    }

    /** @return array<int, string> place → what */
    private static function ticks(Division $division, int $from): array
    {
        return array_fill_keys(
            array_map(static fn (Fraction $tick): int => $tick->floor() + $from, $division->ticks()),
            "cells: {$division->run()}",
        );
    }

    /** @return list<Working> at which hours the sun enters the signs, where the cells are theirs */
    private static function cusps(Request $asked): array
    {
        return 'signs' !== $asked->settings->choice('of')
            ? []
            : [new Working('signs', 'the days of the signs', SignSpan::cusps($asked->calendar->period->start))];
    }

    /** What a cell is known by: its month, its sign, or its place. */
    private static function key(Request $asked, int $nth): string
    {
        $month = $asked->calendar->period->months()[$nth] ?? null;

        return match ($asked->settings->choice('of')) {
            'months' => $month?->iso() ?? (string) $nth,
            'signs' => SignSpan::of($asked->calendar->period->start)[$nth]->key(),
            default => (string) $nth,
        };
    }

    /** @return list<string> */
    private function names(Request $asked): array
    {
        $of = $asked->settings->choice('of');
        if ('signs' === $of) {
            return array_map(
                static fn (SignSpan $span): string => $span->name($asked->calendar->names),
                SignSpan::of($asked->calendar->period->start),
            );
        }
        if ('numbers' === $of) {
            return array_map(strval(...), range(1, $asked->settings->countOrNull('count') ?? 12));
        }
        if ('names' === $of) {
            $names = $asked->settings->lines('cells');

            return [] === $names ? ['…'] : $names;
        }

        $names = $asked->calendar->names;
        $period = $asked->calendar->period;

        return 'quarters' === $of
            ? $names->quarters($period)
            : array_map(static fn (Month $month): string => $names->month($month->month), $period->months());
    }
}
