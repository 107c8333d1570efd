<?php

/* A month's calendar: a cell a day, on an opening (four columns a page, the eighth for notes) or on one page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
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

final class MonthCells implements Form
{
    public function pages(Request $request): int
    {
        return 1 === $request->pages ? 1 : 2;
    }

    public function draw(Request $request): array
    {
        $grid = new MonthGrid($request->month ?? $request->period->start, $request->first);
        $pages = [];
        $done = 0;
        for ($i = 0; $i < $this->pages($request); ++$i) {
            $canvas = new Canvas($request->across, $request->down, $request->tally, $i, $done);
            $top = Heading::boxes($canvas->down);
            2 === $this->pages($request)
                ? $this->page($canvas, $request, $grid, $top, 4, 4 * $i)
                : $this->page($canvas, $request, $grid, $top, 7, 0);
            $done = $canvas->steps();
            $pages[] = $canvas->finish();
        }

        return $pages;
    }

    private function page(Canvas $canvas, Request $request, MonthGrid $grid, int $top, int $columns, int $firstColumn): void
    {
        $across = Division::of($canvas->across, $columns);
        $down = Division::of($canvas->down - $top - 1, $grid->rows);
        if (null === $across || null === $down || $down->size() < 2 || $across->size() < 2) {
            $canvas->finding(new Finding($request->id, "{$request->names->monthAndYear($grid->month)} needs $grid->rows rows of 2 boxes and $columns columns of 2; the page has $canvas->across × ".($canvas->down - $top - 1).' boxes below its title.'));

            return;
        }
        $canvas->working('rows', "$grid->rows rows", $grid->working());
        $canvas->working('across', "{$across->size()} boxes wide", $across->working());
        $canvas->working('down', "{$down->size()} boxes tall", "$canvas->down boxes − $top for the title − 1 for the weekdays = $down->side; ".$down->working());
        $canvas->tickDivision(Edge::Top, $across, 'across');
        $canvas->tickDivision(Edge::Side, $down, 'down', $top + 1);
        $last = min(7, $firstColumn + $columns) - $firstColumn;
        $this->ink($canvas, $across, $down, $grid, $top, $last);
        $this->figures($canvas, $request, $across, $down, $grid, $top, $firstColumn, $last);
        Closing::page($canvas, ucfirst($grid->closingCheck()).'.', 'rows');
    }

    private function ink(Canvas $canvas, Division $across, Division $down, MonthGrid $grid, int $top, int $columns): void
    {
        $canvas->step(Task::Ink, "Rule $columns columns and $grid->rows rows of cells.", 'across');
        $left = $across->before;
        $wide = $columns * $across->size();
        for ($row = 0; $row <= $grid->rows; ++$row) {
            $canvas->line(Layer::Ink, $left, $top + 1 + $down->before + $row * $down->size(), $wide, 0);
        }
        for ($column = 0; $column <= $columns; ++$column) {
            $canvas->line(Layer::Ink, $left + $column * $across->size(), $top + 1 + $down->before, 0, $grid->rows * $down->size());
        }
    }

    private function figures(Canvas $canvas, Request $request, Division $across, Division $down, MonthGrid $grid, int $top, int $firstColumn, int $columns): void
    {
        if (0 === $firstColumn) {
            Heading::write($canvas, $request, $request->names->monthAndYear($grid->month));
        }
        $canvas->step(Task::Write, 'Write the weekdays above the columns.', 'rows');
        for ($column = 0; $column < $columns; ++$column) {
            $canvas->words(Layer::Writing, $across->before + $column * $across->size(), $top + $down->before, $across->size(), 1, $request->names->weekdayShort($grid->first->plus($firstColumn + $column)), Align::Middle);
        }
        if ($columns < \count($across->parts)) {
            $canvas->words(Layer::Writing, $across->before + $columns * $across->size(), $top + $down->before, $across->size(), 1, 'Notes', Align::Middle);
        }
        $canvas->step(Task::Write, 'Write the numbers, each in the upper left box of its cell; the 1st stands in column '.($grid->offset + 1).'.', 'rows');
        for ($day = 1; $day <= $grid->month->days(); ++$day) {
            $column = $grid->column($day) - $firstColumn;
            if ($column >= 0 && $column < $columns) {
                $canvas->words(Layer::Writing, $across->before + $column * $across->size(), $top + 1 + $down->before + $grid->row($day) * $down->size(), 1, 1, (string) $day, Align::Middle);
            }
        }
    }
}
