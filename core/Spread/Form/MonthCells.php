<?php

/* A month's calendar: a cell a day, on an opening (four columns a page, the eighth for notes) or on one page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

final class MonthCells implements Form, HasLayouts
{
    public const WAYS = ['grid' => 'cells in weeks', 'lines' => 'a line a day'];

    public function fields(): array
    {
        return [
            Field::month('from', 'Month'),
            Field::choice('cells', 'Drawn as', self::WAYS),
            Field::count('pages', 'Pages', 1, 2, 2)->when('cells', ['grid']),
            Field::weekStart(),
        ];
    }

    public function pages(Request $request): int
    {
        return self::isLines($request) || 1 === ($request->pages > 0 ? $request->pages : $request->settings->count('pages'))
            ? 1
            : 2;
    }

    public function draw(Request $request): array
    {
        if (self::isLines($request)) {
            return [$this->lines($request)];
        }
        $grid = new MonthGrid(self::month($request), $request->first);
        $opening = 2 === $this->pages($request);

        return Pages::draw(
            $request,
            $opening ? [0, 4] : [0],
            fn (Canvas $canvas, int $column) => $this->page(
                $canvas,
                $request,
                $grid,
                Heading::boxes($canvas->down),
                $opening ? 4 : 7,
                $column,
            ),
        );
    }

    public function layouts(Request $request): array
    {
        return [
            new Layout('An opening, notes in the eighth column', ['pages' => 2, 'cells' => 'grid']),
            new Layout('One page', ['pages' => 1, 'cells' => 'grid']),
            new Layout('A line a day on one page', ['pages' => 1, 'cells' => 'lines']),
        ];
    }

    private static function isLines(Request $request): bool
    {
        return 'lines' === $request->settings->choice('cells');
    }

    private static function month(Request $request): Month
    {
        return $request->month ?? $request->settings->monthOrNull('from') ?? $request->period->start;
    }

    private function page(Canvas $canvas, Request $request, MonthGrid $grid, int $top, int $columns, int $firstColumn): void
    {
        $across = Division::of($canvas->across, $columns);
        $down = Division::of($canvas->down - $top - 1, $grid->rows);
        if (null === $across || null === $down || $down->size() < 2 || $across->size() < 2) {
            $canvas->finding(new Finding(
                $request->id,
                "{$request->names->monthAndYear($grid->month)} needs "
                    .Plural::of($grid->rows, 'row', 'rows')
                    ." of 2 boxes and $columns columns of 2; the page has $canvas->across × "
                    .($canvas->down - $top - 1)
                    .' boxes below its title.',
            ));

            return;
        }
        $canvas->working('rows', Plural::of($grid->rows, 'row', 'rows'), $grid->working());
        $canvas->working('across', Plural::boxes($across->size()).' wide', $across->working());
        $canvas->working(
            'down',
            Plural::boxes($down->size()).' tall',
            Plural::boxes($canvas->down)." − $top for the title − 1 for the weekdays = $down->side; ".$down->working(),
        );
        $canvas->tickDivision(Edge::Top, $across, 'across');
        $canvas->tickDivision(Edge::Side, $down, 'down', $top + 1);
        $last = min(7, $firstColumn + $columns) - $firstColumn;
        $this->ink($canvas, $across, $down, $grid, $top, $last);
        if (0 === $firstColumn) {
            $canvas->room('day', 'a day', $across->before, $top + 1 + $down->before, $across->size(), $down->size(), Fraction::of(1));
        }
        $this->figures($canvas, $request, $across, $down, $grid, $top, $firstColumn, $last);
        Closing::page($canvas, ucfirst($grid->closingCheck()).'.', 'rows');
    }

    private function ink(Canvas $canvas, Division $across, Division $down, MonthGrid $grid, int $top, int $columns): void
    {
        $canvas->step(Task::Ink, "Rule $columns columns and ".Plural::of($grid->rows, 'row', 'rows').' of cells.', 'across');
        $left = $across->before;
        $wide = $columns * $across->size();
        $canvas->cells($left, $top + 1 + $down->before, $wide, $grid->rows * $down->size());
        for ($row = 0; $row <= $grid->rows; ++$row) {
            $canvas->line(Layer::Ink, $left, $top + 1 + $down->before + $row * $down->size(), $wide, 0);
        }
        for ($column = 0; $column <= $columns; ++$column) {
            $canvas->line(Layer::Ink, $left + $column * $across->size(), $top + 1 + $down->before, 0, $grid->rows * $down->size());
        }
    }

    private function figures(
        Canvas $canvas,
        Request $request,
        Division $across,
        Division $down,
        MonthGrid $grid,
        int $top,
        int $firstColumn,
        int $columns,
    ): void {
        if (0 === $firstColumn) {
            Heading::write($canvas, $request, $request->names->monthAndYear($grid->month));
        }
        $canvas->step(Task::Write, 'Write the weekdays above the columns.', 'rows');
        for ($column = 0; $column < $columns; ++$column) {
            $canvas->words(
                Layer::Writing,
                $across->before + $column * $across->size(),
                $top + $down->before,
                $across->size(),
                1,
                $request->names->weekdayShort($grid->first->plus($firstColumn + $column)),
                Align::Middle,
            );
        }
        if ($columns < \count($across->parts)) {
            $canvas->words(
                Layer::Writing,
                $across->before + $columns * $across->size(),
                $top + $down->before,
                $across->size(),
                1,
                'Notes',
                Align::Middle,
            );
        }
        $canvas->step(
            Task::Write,
            'Write the numbers, each in the upper left box of its cell; the 1st stands in column '.($grid->offset + 1).'.',
            'rows',
        );
        for ($day = 1; $day <= $grid->month->days(); ++$day) {
            $column = $grid->column($day) - $firstColumn;
            if ($column >= 0 && $column < $columns) {
                $canvas->words(
                    Layer::Writing,
                    $across->before + $column * $across->size(),
                    $top + 1 + $down->before + $grid->row($day) * $down->size(),
                    1,
                    1,
                    (string) $day,
                    Align::Middle,
                );
            }
        }
    }

    /** A line a day: the weekday's letter, the number, and the rest of the page to write on; a heavier week ends where the next begins. */
    private function lines(Request $request): PageDrawing
    {
        $month = self::month($request);
        $grid = new MonthGrid($month, $request->first);
        $canvas = new Canvas($request->across, $request->down, $request->tally);
        $top = Heading::boxes($canvas->down);
        $room = $canvas->down - $top;
        if ($room < $month->days() || $canvas->across < 6) {
            $canvas->finding(new Finding(
                $request->id,
                "{$request->names->monthAndYear($month)} needs {$month->days()} lines of 1 box and 6 across; the page has $canvas->across × $room boxes below its title. Use cells instead.",
                [['say' => 'Use cells', 'edit' => ['type' => 'set-spread', 'spread' => $request->id, 'settings' => ['cells' => 'grid']]]],
            ));

            return $canvas->finish();
        }
        $canvas->working(
            'rows',
            "{$month->days()} lines",
            Plural::boxes($canvas->down)." − $top for the title = $room; {$month->days()} × 1 + ".($room - $month->days()).' left over',
        );
        $ends = array_values(array_filter(range(1, $month->days() - 1), static fn (int $day): bool => 6 === $grid->column($day)));
        $canvas->tickAll(Edge::Side, array_map(static fn (int $day): int => $top + $day, $ends), 'where a week ends', 'rows');
        $canvas->step(Task::Ink, 'Rule a line below every day that ends a week.', 'rows');
        foreach ($ends as $day) {
            $canvas->line(Layer::Ink, 0, $top + $day, $canvas->across, 0);
        }
        $canvas->cells(2, $top, $canvas->across - 2, $month->days());
        $canvas->room('day', 'a day', 2, $top, $canvas->across - 2, 1, Fraction::of(1));
        Heading::write($canvas, $request, $request->names->monthAndYear($month));
        $canvas->step(
            Task::Write,
            'Write the number of each day in the first box of its line, the letter of its weekday in the second; the 1st is a '
                .$request->names->weekday($grid->first->plus($grid->offset))
                .'.',
            'rows',
        );
        for ($day = 1; $day <= $month->days(); ++$day) {
            $canvas->words(Layer::Writing, 0, $top + $day - 1, 1, 1, (string) $day, Align::Middle);
            $canvas->words(
                Layer::Writing,
                1,
                $top + $day - 1,
                1,
                1,
                $request->names->weekdayInitial($grid->first->plus($grid->column($day))),
                Align::Middle,
            );
        }
        Closing::page(
            $canvas,
            'The last line is '.$month->days().', a '.$request->names->weekday($grid->first->plus($grid->column($month->days()))).'.',
            'rows',
        );

        return $canvas->finish();
    }
}
