<?php

/* A month's letters and numbers, at any size, with the step that says where they go and the rows to copy. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class MonthFigures
{
    private readonly Fraction $wide;

    private readonly Fraction $tall;

    /**
     * @param int|Fraction $wide boxes a day; `$tall` boxes a row
     */
    public function __construct(
        private readonly Canvas $canvas,
        private readonly Request $request,
        int|Fraction $wide = 1,
        int|Fraction $tall = 1,
    ) {
        $this->wide = Fraction::from($wide);
        $this->tall = Fraction::from($tall);
    }

    /** Begins the step that copies a month: its first weekday, its days, the check that closes it. */
    public function begin(MonthGrid $grid, string $before = '', string $after = ''): void
    {
        $name = $this->request->calendar->names->monthAndYear($grid->month);
        $note = $grid->month->iso();
        $first = $this->request->calendar->names->weekday($grid->first->plus($grid->offset));
        $this->canvas->working($note, Plural::of($grid->rows, 'row', 'rows'), "$name: ".$grid->working());
        $this->canvas->step(
            Task::Write,
            "$name: {$before}the 1st is a $first, column "
                .($grid->offset + 1)
                ."; {$grid->month->days()} days. {$grid->closingCheck()}.$after",
            $note,
        );
        $this->canvas->copying($name, $this->initials(), $grid->figures(), ucfirst($grid->closingCheck()).'.');
    }

    /** The weekday letters in a row, each in the place of a day, `$tall` boxes tall. */
    public function letters(int|Fraction $x, int|Fraction $y, int|Fraction $tall): void
    {
        foreach ($this->initials() as $column => $letter) {
            $this->canvas->words(Layer::Writing, $this->wide->times($column)->plus($x), $y, $this->wide, $tall, $letter, Align::Middle);
        }
    }

    /** Every number in its place. @param Fraction|null $size boxes of a figure in the middle of its day; null for the whole day */
    public function days(MonthGrid $grid, int|Fraction $x, int|Fraction $y, ?Fraction $size = null): void
    {
        $wide = $size ?? $this->wide;
        $tall = $size ?? $this->tall;
        // Of each column and row once, not of each day.
        $lefts = array_map(fn (int $column): Fraction => $this->wide->times($column)->plus($x), range(0, 6));
        $tops = array_map(fn (int $row): Fraction => $this->tall->times($row)->plus($y), range(0, $grid->rows - 1));
        [$right, $lower] = [$this->wide->minus($wide)->dividedBy(2), $this->tall->minus($tall)->dividedBy(2)];
        $across = array_map(static fn (Fraction $left): Fraction => $left->plus($right), $lefts);
        $down = array_map(static fn (Fraction $top): Fraction => $top->plus($lower), $tops);
        $month = $grid->month->iso();
        for ($day = 1; $day <= $grid->month->days(); ++$day) {
            [$column, $row] = [$grid->column($day), $grid->row($day)];
            $this->canvas->day(\sprintf('%s-%02d', $month, $day), $lefts[$column], $tops[$row], $this->wide, $this->tall);
            $this->canvas->words(Layer::Writing, $across[$column], $down[$row], $wide, $tall, (string) $day, Align::Middle);
        }
    }

    /** @return list<string> from the first day of the week on */
    private function initials(): array
    {
        return array_map(
            fn (int $column): string => $this->request->calendar->names->weekdayInitial($this->request->calendar->first->plus($column)),
            range(0, 6),
        );
    }
}
