<?php

/* What is drawn in the block of a month: its name, letters, figures, quarters of days, lines beside it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Filling\MonthFigures;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\FromHere;

/** @internal to Spread */
final class BlockPainter
{
    private readonly Fraction $day;

    private readonly BlockAsked $asked;

    private readonly MonthFigures $figures;

    /** @param non-empty-list<Month> $months of the whole spread */
    public function __construct(
        private readonly Canvas $canvas,
        private readonly Request $request,
        private readonly BlockLayout $layout,
        private readonly array $months,
        private readonly bool $split,
        private readonly FromHere $here,
    ) {
        $this->asked = $layout->asked;
        $this->day = $layout->asked->day;
        $this->figures = new MonthFigures($canvas, $request, $this->day, $this->day);
    }

    /** @param list<array{int, int, int, MonthGrid}> $places */
    public function names(array $places): void
    {
        $names = $this->asked->name();
        $this->here->step(
            $this->canvas,
            Task::Write,
            'Write the name of each month in the first '
                .(1 === $names ? 'row' : Plural::of($names, 'row', 'rows'))
                .' of its block'
                .($this->layout->letters ? ', the weekday letters below it.' : '.'),
            'down',
        );
        foreach ($places as [$x, $y, , $grid]) {
            $this->canvas->words(
                Layer::Writing,
                $x,
                $y + $names - 1,
                $this->asked->wide(),
                1,
                $this->request->calendar->monthName($grid->month, $this->months),
            );
            if ($this->layout->letters) {
                $this->letters($x, Fraction::of($y + $names));
            }
        }
    }

    /** @param list<int> $columns where each begins, in boxes across */
    public function lettersOnce(array $columns, int $y): void
    {
        $this->here->step($this->canvas, Task::Write, 'Write the weekday letters once above each column of months.', 'across');
        foreach ($columns as $column) {
            $this->letters($column, Fraction::of($y));
        }
    }

    public function month(int $x, int $y, MonthGrid $grid): void
    {
        $this->figures->begin($grid, '', $this->asked->weekNumbers ? ' Week numbers stand before the rows.' : '');
        [$left, $top] = $this->corner($x, $y);
        $this->canvas->cells($left, $top, $this->day->times(7), $this->day->times($grid->rows));
        // With split days the figure stands in the middle of its day, where no line crosses it.
        $this->figures->days($grid, $left, $top, $this->split ? Fraction::of(1) : null);
        for ($row = 0; $this->asked->weekNumbers && $row < $grid->rows; ++$row) {
            $this->canvas->words(
                Layer::Pencil,
                $x,
                $this->day->times($row)->plus($top)->plus($this->day->minus(1)->dividedBy(2)),
                $this->day,
                1,
                (string) self::week($grid, $row),
                Align::Middle,
            );
        }
    }

    /**
     * The grid of each month's days, and short ticks that quarter each day round its figure.
     *
     * @param list<array{int, int, int, MonthGrid}> $places
     */
    public function quarters(array $places): void
    {
        // An eighth: longer ones read as strokes beside the figure.
        $tick = Fraction::of(1, 8);
        $cell = 'Rule the grid of each month: 8 lines down and one more than it has weeks across, one every '
            .($this->day->equals(1) ? 'box.' : Plural::boxes($this->day).'.');
        $this->here->step($this->canvas, Task::Ink, $cell, 'down', was: ['Rule the grid of each month, one cell a day.']);
        foreach ($places as [$x, $y, , $grid]) {
            [$left, $top] = $this->corner($x, $y);
            (new CellGrid($left, $top, 7, $this->day, $grid->rows, $this->day))->rule($this->canvas);
        }
        if ($this->day->compare(1) <= 0) {
            return;
        }
        $this->here->step(
            $this->canvas,
            Task::Ink,
            'Tick the middle of each side of a day, '
                .$tick
                .' box inwards: so each day has four corners to colour, and its figure stays free.',
            'down',
        );
        foreach ($places as [$x, $y, , $grid]) {
            $this->ticks($this->corner($x, $y), $grid, $tick);
        }
    }

    /**
     * Lines to write on beside each block.
     *
     * @param list<array{int, int, int, MonthGrid}> $places
     */
    public function notes(array $places, Division $across): void
    {
        $line = $this->request->settings->boxes('line');
        $wide = $across->size() - $this->asked->wide() - 1;
        $head = $this->asked->name();
        $this->here->step(
            $this->canvas,
            Task::Ink,
            'Rule lines beside each month, '
                .Plural::boxes($wide)
                .' long, from its name down to its last row, one every '
                .($line->equals(1) ? 'box' : Plural::boxes($line))
                .": the first $line below the name’s row.",
            'notes',
        );
        foreach ($places as [$x, $y, $rows, $grid]) {
            $from = $x + $this->asked->wide() + 1;
            $tall = $this->asked->tall($rows, $this->layout->letters) - $head;
            $lines = $this->canvas->room(
                $grid->month->iso(),
                $this->request->calendar->monthName($grid->month, $this->months),
                $from,
                $y + $head,
                $wide,
                $tall,
                $line,
            );
            for ($i = 1; $i <= $lines; ++$i) {
                $this->canvas->line(Layer::Ink, $from, $line->times($i)->plus($y + $head), $wide, 0);
            }
        }
    }

    /**
     * How many lines stand beside a month, and how long they are.
     *
     * @param int $rows date rows of its block
     *
     * @return array{string, string} figure and arithmetic
     */
    public static function noted(BlockLayout $layout, Fraction $line, int $rows, Division $across): array
    {
        $asked = $layout->asked;
        $tall = $asked->tall($rows, $layout->letters) - $asked->name();
        $lines = Fraction::of($tall)->dividedBy($line)->floor();

        return [
            $lines.(1 === $lines ? ' line' : ' lines').' a month',
            Plural::boxes($tall)
                ." beside the block ÷ $line a line = $lines; "
                .Plural::boxes($across->size())
                ." − {$asked->wide()} for the block − 1 beside it = "
                .Plural::boxes($across->size() - $asked->wide() - 1)
                .' a line',
        ];
    }

    /**
     * Along every side between two days one tick that reaches into both; at the end of a row or column into one.
     *
     * @param array{Fraction, Fraction} $corner
     */
    private function ticks(array $corner, MonthGrid $grid, Fraction $tick): void
    {
        $half = $this->day->dividedBy(2);
        $days = $grid->figures();
        $is = static fn (int $column, int $row): bool => isset($days[$row][$column]);
        $across = array_map(fn (int $column): Fraction => $this->day->times($column)->plus($corner[0]), range(0, 7));
        $down = array_map(fn (int $row): Fraction => $this->day->times($row)->plus($corner[1]), range(0, $grid->rows));
        for ($row = 0; $row <= $grid->rows; ++$row) {
            for ($column = 0; $column <= 7; ++$column) {
                [$here, $above, $before] = [$is($column, $row), $is($column, $row - 1), $is($column - 1, $row)];
                if ($here || $above) {
                    $this->canvas->line(
                        Layer::Ink,
                        $across[$column]->plus($half),
                        $above ? $down[$row]->minus($tick) : $down[$row],
                        0,
                        $here && $above ? $tick->times(2) : $tick,
                    );
                }
                if ($here || $before) {
                    $this->canvas->line(
                        Layer::Ink,
                        $before ? $across[$column]->minus($tick) : $across[$column],
                        $down[$row]->plus($half),
                        $here && $before ? $tick->times(2) : $tick,
                        0,
                    );
                }
            }
        }
    }

    /** In the lowest box of their row, so that they stand next to the days. */
    private function letters(int $x, Fraction $y): void
    {
        $this->figures->letters($this->corner($x, 0)[0], $y->plus($this->day)->minus(1), 1);
    }

    /** @return array{Fraction, Fraction} where the days of a block begin */
    private function corner(int $x, int $y): array
    {
        return [
            Fraction::of($x)->plus($this->asked->weekNumbers ? $this->day : 0),
            Fraction::of($y + $this->asked->name())->plus($this->layout->letters ? $this->day : 0),
        ];
    }

    /** The ISO 8601 week of a row: that of its Thursday, whatever day comes first. */
    private static function week(MonthGrid $grid, int $row): int
    {
        $first = Day::of($grid->month, 1)->plus(7 * $row - $grid->offset);

        return $first->plus(Weekday::Thursday->columnFrom($grid->first))->isoWeek();
    }
}
