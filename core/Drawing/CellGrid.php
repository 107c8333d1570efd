<?php

/* Columns and rows of equal cells on a page: where each stands, and how they are ruled, kept free and written in. All in boxes. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;

final class CellGrid
{
    public readonly Fraction $x;

    public readonly Fraction $y;

    public readonly Fraction $wide;

    public readonly Fraction $tall;

    /**
     * @param int|Fraction $x    left edge of the first column
     * @param int|Fraction $y    upper edge of the first row
     * @param int          $columns 1 or more
     * @param int|Fraction $wide of one cell
     * @param int          $rows 1 or more
     * @param int|Fraction $tall of one cell
     */
    public function __construct(
        int|Fraction $x,
        int|Fraction $y,
        public readonly int $columns,
        int|Fraction $wide,
        public readonly int $rows,
        int|Fraction $tall,
    ) {
        $this->x = Fraction::from($x);
        $this->y = Fraction::from($y);
        $this->wide = Fraction::from($wide);
        $this->tall = Fraction::from($tall);
    }

    /**
     * Cells without gaps as two divisions have them, the sides beginning at (x, y).
     *
     * @param int|null $columns fewer of them than the division has
     */
    public static function of(Division $across, Division $down, int $x = 0, int $y = 0, ?int $columns = null): self
    {
        return new self(
            $x + $across->before,
            $y + $down->before,
            $columns ?? \count($across->parts),
            $across->size(),
            \count($down->parts),
            $down->size(),
        );
    }

    /** Left edge of a column, from 0; the right edge of the last one is that of the column after it. */
    public function across(int $column): Fraction
    {
        return $this->wide->times($column)->plus($this->x);
    }

    /** Upper edge of a row, from 0. */
    public function down(int $row): Fraction
    {
        return $this->tall->times($row)->plus($this->y);
    }

    /** Boxes all columns take together. */
    public function width(): Fraction
    {
        return $this->wide->times($this->columns);
    }

    /** Boxes all rows take together. */
    public function height(): Fraction
    {
        return $this->tall->times($this->rows);
    }

    /** Kept to be filled in, though nothing is written there yet. */
    public function keep(Canvas $canvas): void
    {
        $canvas->cells($this->x, $this->y, $this->width(), $this->height());
    }

    /** A line above and below every row. @param int|Fraction $before boxes they begin further left */
    public function ruleRows(Canvas $canvas, int|Fraction $before = 0): void
    {
        for ($row = 0; $row <= $this->rows; ++$row) {
            $canvas->line(Layer::Ink, $this->x->minus($before), $this->down($row), $this->width()->plus($before), 0);
        }
    }

    /**
     * A line on either side of every column.
     *
     * @param int|Fraction $above boxes they begin further up
     * @param list<int>    $whole rows they do not go through
     */
    public function ruleColumns(Canvas $canvas, int|Fraction $above = 0, array $whole = []): void
    {
        for ($column = 0; $column <= $this->columns; ++$column) {
            $from = $this->y->minus($above);
            foreach ([...$whole, $this->rows] as $row) {
                if ($this->down($row)->compare($from) > 0) {
                    $canvas->line(Layer::Ink, $this->across($column), $from, 0, $this->down($row)->minus($from));
                }
                $from = $this->down(min($this->rows, $row + 1));
            }
        }
    }

    /** Both: the whole grid. */
    public function rule(Canvas $canvas): void
    {
        $this->ruleRows($canvas);
        $this->ruleColumns($canvas);
    }

    /** The grid of the first so many cells, row after row: the last row ends with the last of them. */
    public function ruleFirst(Canvas $canvas, int $cells): void
    {
        $last = $cells - ($this->rows - 1) * $this->columns;
        $short = $this->wide->times($last);
        for ($row = 0; $row <= $this->rows; ++$row) {
            $isLast = $row > $this->rows - (1 === $this->rows ? 2 : 1);
            $canvas->line(Layer::Ink, $this->x, $this->down($row), $isLast ? $short : $this->width(), 0);
        }
        for ($column = 0; $column <= $this->columns; ++$column) {
            $rows = $column > $last ? $this->rows - 1 : $this->rows;
            if ($rows > 0) {
                $canvas->line(Layer::Ink, $this->across($column), $this->y, 0, $this->tall->times($rows));
            }
        }
    }

    /** A diagonal through a cell that stands for nothing, from its lower left corner. */
    public function strike(Canvas $canvas, int $column, int $row): void
    {
        $canvas->line(Layer::Ink, $this->across($column), $this->down($row + 1), $this->wide, $this->tall->times(-1));
    }

    /** Room to write in a cell. @param int|Fraction $line boxes a line */
    public function room(Canvas $canvas, string $for, string $name, int $column, int $row, int|Fraction $line): void
    {
        $canvas->room($for, $name, $this->across($column), $this->down($row), $this->wide, $this->tall, $line);
    }

    /**
     * Words in a cell; with row −1 in the box above the column.
     *
     * @param int|Fraction|null $tall boxes from the cell's upper edge they stand in; null for the whole cell
     */
    public function words(
        Canvas $canvas,
        int $column,
        int $row,
        string $text,
        Align $align = Align::Middle,
        int|Fraction|null $tall = null,
    ): void {
        $y = -1 === $row ? $this->y->minus($tall ?? 1) : $this->down($row);
        $canvas->words(
            Layer::Writing,
            $this->across($column),
            $y,
            $this->wide,
            -1 === $row ? $tall ?? 1 : $tall ?? $this->tall,
            $text,
            $align,
        );
    }
}
