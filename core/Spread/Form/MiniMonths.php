<?php

/* The year at a glance: a block per month, every number in its box, with the check that closes each month. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Request;

final class MiniMonths implements Form
{
    public function pages(Request $request): int
    {
        $layout = MiniMonthLayout::fit($request->across, $request->down - Heading::boxes($request->down), $request->period->length());

        return null === $layout ? 1 : intdiv($request->period->length() + $layout->months() - 1, $layout->months());
    }

    public function draw(Request $request): array
    {
        $months = $request->period->months();
        $top = Heading::boxes($request->down);
        $layout = MiniMonthLayout::fit($request->across, $request->down - $top, \count($months));
        if (null === $layout) {
            $canvas = new Canvas($request->across, $request->down, $request->tally);
            $canvas->finding(new Finding($request->id, "A month is 7 boxes wide and 8 tall with its name and weekdays; $request->across × ".($request->down - $top).' boxes are left on this page. Leave the year at a glance out of this book, or draw it in one with a finer pitch.', [[
                'say' => 'Leave it out',
                'edit' => ['type' => 'remove-spread', 'spread' => $request->id],
            ]]));

            return [$canvas->finish()];
        }
        $pages = [];
        $done = 0;
        foreach (array_chunk($months, max(1, $layout->months())) as $i => $share) {
            $canvas = new Canvas($request->across, $request->down, $request->tally, $i, $done);
            $this->page($canvas, $request, $layout, $share, $top, 0 === $i);
            $done = $canvas->steps();
            $pages[] = $canvas->finish();
        }

        return $pages;
    }

    /** @param list<Month> $months */
    private function page(Canvas $canvas, Request $request, MiniMonthLayout $layout, array $months, int $top, bool $titled): void
    {
        $canvas->working('across', "{$layout->across->gap} between", $layout->across->working());
        $canvas->working('down', "{$layout->down->gap} between", "$canvas->down boxes − $top for the title = {$layout->down->side}; ".$layout->down->working());
        $canvas->tickDivision(Edge::Top, $layout->across, 'across');
        $canvas->tickDivision(Edge::Side, $layout->down, 'down', $top);
        $places = [];
        foreach ($months as $i => $month) {
            $columns = \count($layout->across->parts);
            $places[] = [$layout->across->spans()[$i % $columns]['from']->floor(), $layout->down->spans()[intdiv($i, $columns)]['from']->floor() + $top, new MonthGrid($month, $request->first)];
        }
        if ($titled) {
            Heading::write($canvas, $request);
        }
        $canvas->step(Task::Write, 'Write the name of each month in the first row of its block'.($layout->letters ? ', the weekday letters in the second.' : '.'), 'down');
        foreach ($places as [$x, $y, $grid]) {
            $this->head($canvas, $request, $layout, $x, $y, $grid);
        }
        foreach ($places as [$x, $y, $grid]) {
            $this->month($canvas, $request, $x, $y + $layout->headRows(), $grid);
        }
        Closing::page($canvas, 'Check each month: its last number stands where its step says, and so does the last column.', 'down');
    }

    private function head(Canvas $canvas, Request $request, MiniMonthLayout $layout, int $x, int $y, MonthGrid $grid): void
    {
        $name = $request->period->start->year === $request->period->end->year ? $request->names->month($grid->month->month) : $request->names->monthAndYear($grid->month);
        $canvas->words(Layer::Writing, $x, $y, 7, 1, $name);
        for ($column = 0; $layout->letters && $column < 7; ++$column) {
            $canvas->words(Layer::Writing, $x + $column, $y + 1, 1, 1, $request->names->weekdayInitial($grid->first->plus($column)), Align::Middle);
        }
    }

    private function month(Canvas $canvas, Request $request, int $x, int $y, MonthGrid $grid): void
    {
        $name = $request->names->monthAndYear($grid->month);
        $note = $grid->month->iso();
        $canvas->working($note, "$grid->rows rows", "$name: ".$grid->working());
        $first = $request->names->weekday($grid->first->plus($grid->offset));
        $canvas->step(Task::Write, "$name: the 1st is a $first, column ".($grid->offset + 1)."; {$grid->month->days()} days. {$grid->closingCheck()}.", $note);
        for ($day = 1; $day <= $grid->month->days(); ++$day) {
            $canvas->words(Layer::Writing, $x + $grid->column($day), $y + $grid->row($day), 1, 1, (string) $day, Align::Middle);
        }
    }
}
