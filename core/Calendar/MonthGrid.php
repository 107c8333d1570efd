<?php

/* A month as rows of weeks: which number goes in which box, and the checks that close it. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

final class MonthGrid
{
    /** Boxes before the 1st, 0 to 6. */
    public readonly int $offset;

    /** 4, 5 or 6. */
    public readonly int $rows;

    public function __construct(public readonly Month $month, public readonly Weekday $first)
    {
        $this->offset = $month->firstWeekday()->columnFrom($first);
        $this->rows = intdiv($this->offset + $month->days() + 6, 7);
    }

    /** The column (0 to 6) of a day of the month. */
    public function column(int $day): int
    {
        return ($this->offset + $day - 1) % 7;
    }

    /** The row (0 to 5) of a day of the month. */
    public function row(int $day): int
    {
        return intdiv($this->offset + $day - 1, 7);
    }

    /**
     * The numbers that stand in one column, top to bottom.
     *
     * @return list<int>
     */
    public function columnReads(int $column): array
    {
        $days = [];
        for ($day = 1 + ($column - $this->offset + 7) % 7; $day <= $this->month->days(); $day += 7) {
            $days[] = $day;
        }

        return $days;
    }

    /**
     * The whole month as it stands on paper, row by row.
     *
     * @return list<list<int|null>> null for a box that stays empty
     */
    public function figures(): array
    {
        $rows = array_fill(0, $this->rows, array_fill(0, 7, null));
        for ($day = 1; $day <= $this->month->days(); ++$day) {
            $rows[$this->row($day)][$this->column($day)] = $day;
        }

        return array_map(array_values(...), array_values($rows));
    }

    public function working(): string
    {
        return "($this->offset before the 1st + {$this->month->days()} days) ÷ 7, rounded up = $this->rows rows";
    }

    /** "31 must land in row 6, column 1; the last column reads 2, 9, 16, 23, 30". */
    public function closingCheck(): string
    {
        $last = $this->month->days();

        return \sprintf(
            '%d must land in row %d, column %d; the last column reads %s',
            $last,
            $this->row($last) + 1,
            $this->column($last) + 1,
            implode(', ', $this->columnReads(6)),
        );
    }
}
