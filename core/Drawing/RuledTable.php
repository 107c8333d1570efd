<?php

/* A table: a strip of names at the left of equal columns, and a row of headings above them. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Counting\Fraction;

final class RuledTable
{
    /** Boxes of air before a name ends at its column. */
    private const AIR = [1, 4];

    /**
     * @param int|Fraction $strip boxes of the names, from the left edge to the first column or a little before it
     * @param int          $x     boxes to the left of it
     */
    public function __construct(public readonly CellGrid $cells, private readonly int|Fraction $strip, private readonly int $x = 0)
    {
    }

    /** Rows ruled through the strip, and a line on either side of every column. */
    public function rule(Canvas $canvas): void
    {
        $this->cells->ruleRows($canvas, $this->cells->x->minus($this->x));
        $this->cells->ruleColumns($canvas);
    }

    /** The rows only. */
    public function ruleRows(Canvas $canvas): void
    {
        $this->cells->ruleRows($canvas, $this->cells->x->minus($this->x));
    }

    /** Strip and columns are kept to be filled in. */
    public function keep(Canvas $canvas): void
    {
        $canvas->cells($this->x, $this->cells->y, $this->strip, $this->cells->height());
        $this->cells->keep($canvas);
    }

    /**
     * The names of the rows, from the first on.
     *
     * @param list<string>      $names
     * @param int|Fraction|null $tall  boxes from the row's upper edge they stand in; null for the whole row
     */
    public function names(Canvas $canvas, array $names, int|Fraction|null $tall = null): void
    {
        foreach ($names as $row => $name) {
            $this->name($canvas, $row, $name, $tall);
        }
    }

    /** The name of one row. @param int|Fraction|null $tall as above */
    public function name(Canvas $canvas, int $row, string $name, int|Fraction|null $tall = null): void
    {
        $wide = Fraction::from($this->strip)->minus(Fraction::of(...self::AIR));
        $canvas->words(Layer::Writing, $this->x, $this->cells->down($row), $wide, $tall ?? $this->cells->tall, $name);
    }

    /** @param list<string> $headings of the columns, in the box above them */
    public function headings(Canvas $canvas, array $headings): void
    {
        foreach ($headings as $column => $heading) {
            $this->cells->words($canvas, $column, -1, $heading);
        }
    }
}
