<?php

/* One page of a table in its part: where its lines stand, and what is written at its edges. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Table;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Filling\DotMarks;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;

/** @internal to Spread */
final class TablePage
{
    private readonly CellGrid $cells;

    /** @var list<TableEntry> */
    private readonly array $columns;

    /** @var list<TableEntry> */
    private readonly array $rows;

    private readonly int $x;

    public function __construct(
        private readonly Request $asked,
        private readonly Region $region,
        private readonly Arranged $arranged,
        int $page,
    ) {
        $this->columns = $arranged->columnsOn($page);
        $this->rows = $arranged->rowsOn($page);
        $this->x = $region->x + $arranged->heads->strip;
        $this->cells = $arranged->cells($region, $page);
    }

    /** @return array<int, string> */
    public function ticksAcross(): array
    {
        $wide = $this->arranged->wide;
        $names = 0 === $this->arranged->heads->strip ? '' : "{$this->arranged->heads->strip} for the names, then ";
        $what = $this->arranged->isStrip() ? 'the strip' : "the table: $names".\count($this->columns).' × '.$wide;
        $at = $wide->equals(1) ? [0, \count($this->columns)] : range(0, \count($this->columns));

        return !$wide->isWhole() ? [] : array_fill_keys(array_map(fn (int $i): int => $this->x + $i * $wide->floor(), $at), $what);
    }

    /** @return list<EdgeTicks> where the names begin within a page; and between dots, where a column is so many and a half */
    public function ticks(): array
    {
        $begins = 0 === $this->arranged->heads->strip || 0 === $this->region->x
            ? []
            : [new EdgeTicks(Edge::Top, [$this->region->x], 'the names of the table', Filled::TOGETHER, true)];

        return $this->arranged->wide->isWhole() ? $begins : [...$begins, new EdgeTicks(
            Edge::Top,
            array_map(fn (int $i): Fraction => $this->cells->across($i), range(0, \count($this->columns))),
            'the table: '.\count($this->columns).' × '.$this->arranged->wide,
            Filled::TOGETHER,
        )];
    }

    /** @return array<int, string> */
    public function ticksDown(): array
    {
        $end = $this->cells->y->plus($this->cells->height());

        return [$this->cells->y->floor() => 'the table'] + ($end->isWhole() ? [$end->floor() => 'the table'] : []);
    }

    /** @return list<Working> */
    public function workings(): array
    {
        [$columns, $rows] = [\count($this->columns), $this->cells->rows];
        $arranged = $this->arranged;
        $left = $arranged->wide->times(-$columns)->plus($this->region->wide - $arranged->heads->strip);

        return [
            $arranged->isStrip() ? new Working(
                'columns',
                'a strip of '.Plural::boxes($arranged->heads->names),
                'for the names, written once',
            ) : new Working(
                'columns',
                Plural::of($columns, 'column', 'columns').' of '.Plural::boxes($arranged->wide),
                "{$this->region->wide} boxes = ".(0 === $arranged->heads->strip ? '' : "{$arranged->heads->strip} for the names + ")
                    ."$columns × $arranged->wide"
                    .($left->compare(0) > 0 ? " + $left left over" : '').$this->of($arranged->across, $columns),
            ),
            new Working(
                'rows',
                Plural::of($rows, 'row', 'rows'),
                "{$this->region->tall} boxes − {$arranged->heads->tall} for the headings; "
                    ."$rows × $arranged->line = {$this->cells->height()}"
                    .$this->toAdd().$this->of($arranged->down, \count($this->rows)),
            ),
        ];
    }

    public function band(Canvas $canvas): void
    {
        if ('banded' === $this->asked->settings->choice('look')) {
            $this->bandRows($canvas, $this->everyOther(), 'Band every other row, from the second on; in a group, from its second on.');
        } else {
            $heads = array_keys(array_filter($this->rows, static fn (TableEntry $row): bool => $row->heads));
            $this->bandRows($canvas, $heads, 'Band the rows that head a group.');
        }
    }

    /** @return list<int> every other row, counted anew from each heading of a group */
    private function everyOther(): array
    {
        $rows = [];
        $since = 0;
        for ($row = 0; $row < $this->cells->rows; ++$row) {
            $since = ($this->rows[$row]->heads ?? false) ? 0 : $since + 1;
            if ($since > 0 && 0 === $since % 2) {
                $rows[] = $row;
            }
        }

        return $rows;
    }

    /** @param list<int> $rows */
    private function bandRows(Canvas $canvas, array $rows, string $says): void
    {
        if ([] === $rows) {
            return;
        }
        $canvas->step(Task::Band, $says, 'rows');
        $wide = $this->cells->width()->plus($this->arranged->heads->strip);
        foreach ($rows as $row) {
            $canvas->band($this->region->x, $this->cells->down($row), $wide, $this->cells->tall);
        }
    }

    public function ink(Canvas $canvas): void
    {
        $this->cells->keep($canvas);
        $this->hours($canvas);
        $free = $this->cells->rows - \count($this->rows) - ($this->arranged->sum ? 1 : 0);
        if ($free > 0) {
            $y = $this->cells->down(\count($this->rows));
            [$strip, $line] = [$this->arranged->heads->strip, $this->cells->tall];
            if ($strip > 0) {
                $canvas->room('rows', 'rows to add', $this->region->x, $y, $strip, $line->times($free), $line);
            }
        }
        $heads = array_keys(array_filter($this->rows, static fn (TableEntry $row): bool => $row->heads));
        if ('dots' === $this->asked->settings->choice('look')) {
            $this->fifths($canvas);
        } else {
            $text = 'Rule '.($this->cells->rows + 1).' lines across, one every '
                .($this->cells->tall->equals(1) ? 'box' : Plural::boxes($this->cells->tall)).', the first '
                .$canvas->tally->place($this->cells->y).' down; and '.($this->cells->columns + 1).' lines down';
            [] === $heads
                ? $canvas->step(Task::Ink, "$text.", 'rows')
                : $canvas->step(Task::Ink, "$text, not through the rows that head a group.", 'rows', was: ["$text."]);
            $this->cells->ruleRows($canvas, $this->arranged->heads->strip);
            $this->cells->ruleColumns($canvas, whole: $heads);
        }
        $this->strike($canvas);
    }

    /** The places of a timetable: a weekday across and an hour down. */
    private function hours(Canvas $canvas): void
    {
        if (Axis::WEEKDAYS !== $this->arranged->across->of) {
            return;
        }
        foreach ($this->rows as $row => $entry) {
            if (1 !== preg_match('/^\d{1,2}[:.]\d{2}$/', $entry->name)) {
                continue;
            }
            foreach ($this->columns as $column => $head) {
                $canvas->day(
                    "hour-{$head->weekday?->value}-".\sprintf('%05s', strtr($entry->name, '.', ':')),
                    $this->cells->across($column),
                    $this->cells->down($row),
                    $this->cells->wide,
                    $this->cells->tall,
                    1,
                );
            }
        }
    }

    public function write(Canvas $canvas): void
    {
        (new TableNames($this->asked, $this->region, $this->arranged, $this->cells, $this->columns, $this->rows))->write($canvas);
    }

    public function check(): string
    {
        if ('all' !== $this->asked->settings->choice('shows')) {
            return $this->arranged->heads->names > 0
                ? 'Lay a leaf over the page: the strip stays in sight.'
                : 'Hold the leaf against the strip: the rows are level.';
        }
        $none = 0;
        foreach ($this->rows as $row) {
            $none += \count(array_filter($this->columns, static fn (TableEntry $column): bool => Arranged::isNone($row, $column)));
        }

        return 0 === $none
            ? 'Count the columns: '.\count($this->columns).'. Count the rows: '.$this->cells->rows.'.'
            : 'Count the cells that are left open: '.(\count($this->columns) * \count($this->rows) - $none).'.';
    }

    /** Days that do not exist are struck out. */
    private function strike(Canvas $canvas): void
    {
        $none = [];
        foreach ($this->rows as $row => $entry) {
            foreach ($this->columns as $column => $head) {
                if (Arranged::isNone($entry, $head)) {
                    $none[] = [$column, $row];
                }
            }
        }
        if ([] === $none) {
            return;
        }
        $canvas->step(
            Task::Ink,
            'Strike out the '.\count($none).' '.(1 === \count($none) ? 'cell of a day that does' : 'cells of days that do').' not exist.',
            'rows',
        );
        foreach ($none as [$column, $row]) {
            $this->cells->strike($canvas, $column, $row);
        }
    }

    /** No lines: a short stroke before every fifth column, so that nobody counts from the first. */
    private function fifths(Canvas $canvas): void
    {
        $canvas->step(Task::Ink, 'Make every fifth dot along each row larger, so that nobody counts from the first.', 'rows');
        for ($row = 0; $row < $this->cells->rows; ++$row) {
            for ($column = DotMarks::FIFTH; $column < $this->cells->columns; $column += DotMarks::FIFTH) {
                DotMarks::larger($canvas, $this->cells->across($column), $this->cells->down($row)->plus(Fraction::of(1, 2)));
            }
        }
    }

    /** Rows without a name yet. */
    private function toAdd(): string
    {
        $free = $this->cells->rows - \count($this->rows) - ($this->arranged->sum ? 1 : 0);

        return $free > 0 ? ', '.$free.' to add' : '';
    }

    /** Which of how many, where they are not all here. */
    private function of(Axis $axis, int $here): string
    {
        $all = \count($axis->entries);

        return $here < $all ? "; {$axis->counted($all)} in all" : '';
    }
}
