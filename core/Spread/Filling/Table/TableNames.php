<?php

/* What is written at the edges of one page of a table: headings above its columns, names before its rows. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Table;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class TableNames
{
    /**
     * @param list<TableEntry> $columns
     * @param list<TableEntry> $rows
     */
    public function __construct(
        private readonly Request $asked,
        private readonly Region $region,
        private readonly Arranged $arranged,
        private readonly CellGrid $cells,
        private readonly array $columns,
        private readonly array $rows,
    ) {
    }

    public function write(Canvas $canvas): void
    {
        $arranged = $this->arranged;
        if ('' !== $arranged->across->longestName()) {
            $canvas->step(Task::Write, $this->headed(), 'columns');
        }
        foreach (array_filter($this->columns, static fn (TableEntry $column): bool => '' !== $column->name) as $i => $column) {
            $arranged->heads->stacked ? $this->stack($canvas, $i, $column->name) : $this->cells->words(
                $canvas,
                $i,
                -1,
                $this->heading($column),
            );
        }
        if (Axis::WEEKS === $arranged->across->of && 2 === $arranged->heads->tall) {
            $this->monthsAboveWeeks($canvas);
        }
        if ($arranged->across->sayWeekdays() && 2 === $arranged->heads->tall) {
            $this->weekdaysAboveDays($canvas);
        }
        if (0 === $arranged->heads->names) {
            return;
        }
        if ($arranged->sum || '' !== $arranged->down->longestName()) {
            $canvas->step(
                Task::Write,
                $arranged->down->isFigures() ? 'Number the rows at their edge.' : 'Write the names of the rows before them, one a row.',
                'rows',
            );
        }
        foreach ($this->rows as $row => $entry) {
            $name = Axis::MONTHS === $arranged->down->of && $arranged->heads->names < 4 ? $entry->short : $entry->name;
            $this->named($canvas, $row, $name);
        }
        if ($arranged->sum) {
            $this->named($canvas, $this->cells->rows - 1, $this->asked->settings->text('sum_named'));
        }
    }

    /** The name of a row on the strip: a figure in the middle, words from its left edge. */
    private function named(Canvas $canvas, int $row, string $name): void
    {
        if ('' === $name) {
            return;
        }
        $strip = $this->arranged->heads->names;
        $y = $this->cells->down($row);
        if ($this->arranged->down->isFigures() && ctype_digit($name)) {
            $canvas->words(Layer::Writing, $this->region->x, $y, $strip, 1, $name, Align::Middle);
        } else {
            $canvas->words(Layer::Writing, Fraction::of(4 * $this->region->x + 1, 4), $y, Fraction::of(4 * $strip - 2, 4), 1, $name);
        }
    }

    private function headed(): string
    {
        return match (true) {
            $this->arranged->heads->stacked => 'Write the headings down their columns, a letter a box.',
            $this->arranged->across->isFigures() => 'Number the columns above them.',
            default => 'Write the headings above the columns.',
        };
    }

    private function heading(TableEntry $column): string
    {
        return match (true) {
            '' !== $column->above => $column->initial,
            $this->arranged->wide->compare($this->asked->boxesOf($column->name)) >= 0 => $column->name,
            $this->arranged->wide->compare(1) > 0 => $column->short,
            default => $column->initial,
        };
    }

    /** A heading down its column, ending just above it. */
    private function stack(Canvas $canvas, int $column, string $name): void
    {
        $letters = mb_str_split(mb_substr($name, 0, $this->arranged->heads->tall));
        $from = $this->cells->y->minus(\count($letters));
        foreach ($letters as $i => $letter) {
            if ('' !== trim($letter)) {
                $x = $this->cells->across($column);
                $canvas->words(Layer::Writing, $x, $from->plus($i), $this->cells->wide, 1, $letter, Align::Middle);
            }
        }
    }

    /** Above the first week that begins in each month its letter, so that figures can be read as days. */
    private function monthsAboveWeeks(Canvas $canvas): void
    {
        $canvas->step(Task::Write, 'Write each month above the first week that begins in it.', 'columns');
        foreach (Axis::firstsOfMonths($this->columns) as $i => $month) {
            $y = $this->cells->y->minus(2);
            $initial = $this->asked->calendar->names->monthInitial($month->month);
            $canvas->words(Layer::Writing, $this->cells->across($i), $y, $this->cells->wide, 1, $initial, Align::Middle);
        }
    }

    private function weekdaysAboveDays(Canvas $canvas): void
    {
        $canvas->step(Task::Write, 'Write each weekday’s letter above its day.', 'columns');
        foreach ($this->columns as $i => $column) {
            $y = $this->cells->y->minus(2);
            $canvas->words(Layer::Writing, $this->cells->across($i), $y, $this->cells->wide, 1, $column->above, Align::Middle);
        }
    }
}
