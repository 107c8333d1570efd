<?php

/* The future log: a container per month, and how many lines each leaves for writing. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Request;

final class FutureLog implements Form
{
    public function pages(Request $request): int
    {
        return intdiv(\count($this->months($request)) + $this->perPage($request) - 1, $this->perPage($request));
    }

    public function draw(Request $request): array
    {
        $pages = [];
        $done = 0;
        foreach (array_chunk($this->months($request), $this->perPage($request)) as $i => $months) {
            $canvas = new Canvas($request->across, $request->down, $request->tally, $i, $done);
            $top = Heading::boxes($canvas->down);
            $this->page($canvas, $request, $months, $top, 0 === $i);
            $done = $canvas->steps();
            $pages[] = $canvas->finish();
        }

        return $pages;
    }

    /** @param list<Month> $months */
    private function page(Canvas $canvas, Request $request, array $months, int $top, bool $titled): void
    {
        $layout = Containers::arrange($canvas->across, $canvas->down - $top, $this->perPage($request), min($this->perPage($request), $request->settings->count('columns', 2, 1, 4)));
        if (null === $layout) {
            $canvas->finding(new Finding($request->id, "{$this->perPage($request)} months a page do not fit on $canvas->across × ".($canvas->down - $top).' boxes with two lines each. Put fewer on a page.', $this->fewer($request)));

            return;
        }
        [$columns, $rows] = $layout;
        $line = $request->settings->count('line', 1, 1, 2);
        $lines = intdiv($rows->size() - 1, $line);
        $canvas->working('across', "{$columns->size()} boxes wide", $columns->working());
        $canvas->working('down', "{$rows->size()} boxes tall", "$canvas->down boxes − $top for the title = $rows->side; ".$rows->working());
        $canvas->working('lines', "$lines lines a month", "{$rows->size()} boxes − 1 for the name = ".($rows->size() - 1).", ÷ $line a line = $lines lines of {$columns->size()} boxes");
        $canvas->tickDivision(Edge::Top, $columns, 'across');
        $canvas->tickDivision(Edge::Side, $rows, 'down', $top);
        $places = $this->rule($canvas, $months, $columns, $rows, $top);
        if ($titled) {
            Heading::write($canvas, $request);
        }
        $this->names($canvas, $request, $places, $columns->size());
        Closing::page($canvas, "Count the lines below a month’s name: $lines.", 'lines');
    }

    /**
     * @param list<Month> $months
     *
     * @return list<array{Fraction, Fraction, Month}> where each month's container begins
     */
    private function rule(Canvas $canvas, array $months, Division $columns, Division $rows, int $top): array
    {
        $across = $columns->spans();
        $down = $rows->spans();
        $canvas->step(Task::Ink, 'Rule the '.\count($months).' containers, and a line under each name’s row.', 'down');
        $places = [];
        foreach ($months as $i => $month) {
            // Months run down the columns, as a year is read.
            $x = $across[intdiv($i, \count($down))]['from'];
            $y = $down[$i % \count($down)]['from']->plus($top);
            $places[] = [$x, $y, $month];
            $canvas->frame(Layer::Ink, $x, $y, $columns->size(), $rows->size());
            $canvas->line(Layer::Ink, $x, $y->plus(1), $columns->size(), 0);
        }

        return $places;
    }

    /** @param list<array{Fraction, Fraction, Month}> $places */
    private function names(Canvas $canvas, Request $request, array $places, int $wide): void
    {
        $canvas->step(Task::Write, 'Write the names of the months, down the first column and then the next.', 'lines');
        foreach ($places as [$x, $y, $month]) {
            $name = $request->period->contains($month) && $request->period->start->year === $request->period->end->year
                ? $request->names->month($month->month)
                : $request->names->monthAndYear($month);
            $canvas->words(Layer::Writing, $x->plus(Fraction::of(1, 4)), $y, Fraction::of(2 * $wide - 1, 2), 1, $name);
        }
    }

    /** @return list<Month> the period's, and those beyond its end */
    private function months(Request $request): array
    {
        $months = $request->period->months();
        for ($i = 1; $i <= $request->settings->count('months_beyond', 0, 0, 12); ++$i) {
            $months[] = $request->period->end->plus($i);
        }

        return $months;
    }

    /** @return positive-int */
    private function perPage(Request $request): int
    {
        return max(1, $request->settings->count('months_per_page', 6, 1, 12));
    }

    /** @return list<array{say: string, edit: array<string, mixed>}> */
    private function fewer(Request $request): array
    {
        $fewer = intdiv($this->perPage($request), 2);

        return $fewer < 1 ? [] : [['say' => "Put $fewer on a page", 'edit' => ['type' => 'set-spread', 'spread' => $request->id, 'settings' => ['months_per_page' => $fewer, 'columns' => $fewer < 4 ? 1 : 2]]]];
    }
}
