<?php

/* Cells in columns and rows, each with a name: twelve months, categories, a board. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Filling;
use AmpleMargin\Spread\Form\Containers;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

final class Cells implements Filling
{
    /** Boxes a cell is at least: its name, and two lines to write on. */
    private const WIDE = 4;
    private const TALL = 3;

    public function name(): string
    {
        return 'Cells';
    }

    public function purpose(): string
    {
        return 'Equal cells, each with a name: the months of the book, or names of your own.';
    }

    public function fields(): array
    {
        return [
            Field::choice('of', 'Cells for', ['names' => 'names of your own', 'months' => 'the months of the book']),
            Field::lines('cells', 'Cells')->when('of', ['names']),
            Field::count('across', 'Cells across', 1, 12),
            Field::boxes('line', 'Boxes a line'),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return self::WIDE;
    }

    public function least(Request $asked, int $wide): int
    {
        return self::TALL;
    }

    public function tall(Request $asked, int $wide): int
    {
        $across = min($asked->settings->countOrNull('across') ?? 3, max(1, intdiv($wide + 1, self::WIDE + 1)));

        return (int) ceil(\count($this->names($asked)) / $across) * (2 * self::TALL + 1) - 1;
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $names = $this->names($asked);
        $divided = Containers::arrange($region->wide, $region->tall, \count($names), min(4, $asked->settings->countOrNull('across') ?? 0));
        if (null === $divided) {
            return new Filled(findings: [new Finding(
                $asked->id,
                \count($names).' cells of at least '.self::WIDE.' × '.self::TALL.' boxes do not fit in '
                    ."$region->wide × $region->tall. Leave some out.",
            )]);
        }
        [$columns, $rows] = $divided;
        $places = $this->places($names, $columns, $rows, $region);

        return new Filled(
            top: self::ticks($columns, $region->x),
            side: self::ticks($rows, $region->y),
            workings: [
                ['across', Plural::boxes($columns->size()).' wide', $columns->working()],
                ['down', Plural::boxes($rows->size()).' tall', $rows->working()],
            ],
            ink: static function (Canvas $canvas) use ($asked, $places, $columns, $rows): void {
                $canvas->step(Task::Ink, 'Rule the '.Plural::of(\count($places), 'cell', 'cells').'.', 'across');
                foreach ($places as $i => [$name, $x, $y]) {
                    $canvas->frame(Layer::Ink, $x, $y, $columns->size(), $rows->size());
                    $canvas->room((string) $i, $name, $x, $y + 1, $columns->size(), $rows->size() - 1, $asked->settings->boxes('line'));
                }
            },
            write: static function (Canvas $canvas) use ($places, $columns): void {
                $canvas->step(Task::Write, 'Write each name in the first row of its cell.', 'across');
                foreach ($places as [$name, $x, $y]) {
                    $canvas->words(Layer::Writing, Fraction::of(4 * $x + 1, 4), $y, Fraction::of(2 * $columns->size() - 1, 2), 1, $name);
                }
            },
            check: "Count one cell: {$columns->size()} × {$rows->size()} boxes.",
        );
    }

    /**
     * @param list<string> $names
     *
     * @return list<array{string, int, int}> name, box across, box down
     */
    private function places(array $names, Division $columns, Division $rows, Region $region): array
    {
        $across = $columns->spans();
        $down = $rows->spans();

        return array_map(static fn (string $name, int $i): array => [
            $name,
            $region->x + $across[$i % \count($across)]['from']->floor(),
            $region->y + $down[intdiv($i, \count($across))]['from']->floor(),
        ], $names, array_keys($names));
    }

    /** @return array<int, string> place → what */
    private static function ticks(Division $division, int $from): array
    {
        $ticks = [];
        foreach ($division->ticks() as $tick) {
            $ticks[$tick->floor() + $from] = "cells: {$division->run()}";
        }

        return $ticks;
    }

    /** @return list<string> */
    private function names(Request $asked): array
    {
        if ('months' !== $asked->settings->choice('of')) {
            $names = $asked->settings->lines('cells');

            return [] === $names ? ['…'] : $names;
        }

        return array_map(
            static fn (Month $month): string => $asked->calendar->names->month($month->month),
            $asked->calendar->period->months(),
        );
    }
}
