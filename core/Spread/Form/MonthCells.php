<?php

/* A month's calendar: a cell a day, on an opening (four columns a page, the eighth for notes) or on one page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Cells;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Filling\MonthInCells;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class MonthCells implements Form, HasLayouts, HasParts
{
    use OpensAsParts;

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

    public function isByMonth(): bool
    {
        return true;
    }

    public function parting(Request $request): Piece
    {
        return Leaf::of(new MonthInCells())->with($request->settings->over([], ['from', 'cells', 'week_start']));
    }

    public function layOut(Request $request): Laid
    {
        $month = $request->calendar->month ?? $request->settings->monthOrNull('from') ?? $request->calendar->period->start;
        $grid = new MonthGrid($month, $request->calendar->first);
        if ('lines' === $request->settings->choice('cells')) {
            return $this->lines($request, $grid);
        }
        $opening = 2 === ($request->pages > 0 ? min(2, $request->pages) : $request->settings->count('pages'));

        return $this->cells($request, $grid, $opening ? [0, 4] : [0], $opening ? 4 : 7);
    }

    public function layouts(Request $request): array
    {
        return [
            new Layout('An opening, notes in the eighth column', ['pages' => 2, 'cells' => 'grid']),
            new Layout('One page', ['pages' => 1, 'cells' => 'grid']),
            new Layout('A line a day on one page', ['pages' => 1, 'cells' => 'lines']),
        ];
    }

    /** @param non-empty-list<int> $pages the first column of each */
    private function cells(Request $request, MonthGrid $grid, array $pages, int $columns): Laid
    {
        $below = Heading::below($request->grid->down, $request->grid->title)->less(1, 'the weekdays');
        $across = Division::of($request->grid->across, $columns);
        $down = Division::of($below->left, $grid->rows);
        if (null === $across || null === $down || $down->size() < 2 || $across->size() < 2) {
            $why = new Finding(
                $request->id,
                "{$request->calendar->names->monthAndYear($grid->month)} needs "
                    .Plural::of($grid->rows, 'row', 'rows')
                    ." of 2 boxes and $columns columns of 2; the page has {$request->grid->across} × $below->left boxes below its title.",
            );

            return Laid::eachRefused($request->grid, $why, \count($pages));
        }
        $title = $request->calendar->names->monthAndYear($grid->month);

        return Laid::pages($request->grid, $pages, function (
            Canvas $canvas,
            int $first,
        ) use ($request, $grid, $across, $down, $below, $columns): void {
            $top = Heading::boxes($canvas->down, $canvas->title);
            $canvas->working('rows', Plural::of($grid->rows, 'row', 'rows'), $grid->working());
            $canvas->working('across', Plural::boxes($across->size()).' wide', $across->working());
            $canvas->working('down', Plural::boxes($down->size()).' tall', "$below; ".$down->working());
            $canvas->tickDivision(Edge::Top, $across, 'across');
            $canvas->tickDivision(Edge::Side, $down, 'down', $top + 1);
            $cells = Cells::of($across, $down, 0, $top + 1, min(7, $first + $columns) - $first);
            $this->ink($canvas, $cells);
            if (0 === $first) {
                $cells->room($canvas, 'day', 'a day', 0, 0, 1);
            }
            $this->figures($canvas, $request, $cells, $grid, $first, $columns);
            Closing::page($canvas, ucfirst($grid->closingCheck()).'.', 'rows');
        }, [Heading::findings($request, $title)]);
    }

    private function ink(Canvas $canvas, Cells $cells): void
    {
        $canvas->step(Task::Ink, "Rule $cells->columns columns and ".Plural::of($cells->rows, 'row', 'rows').' of cells.', 'across');
        $cells->keep($canvas);
        $cells->rule($canvas);
    }

    /** @param int $all columns of the page, those left over for notes among them */
    private function figures(Canvas $canvas, Request $request, Cells $cells, MonthGrid $grid, int $first, int $all): void
    {
        if (0 === $first) {
            Heading::write($canvas, $request, $request->calendar->names->monthAndYear($grid->month));
        }
        $canvas->step(Task::Write, 'Write the weekdays above the columns.', 'rows');
        for ($column = 0; $column < $cells->columns; ++$column) {
            $cells->words($canvas, $column, -1, $request->calendar->names->weekdayShort($grid->first->plus($first + $column)));
        }
        if ($cells->columns < $all) {
            $cells->words($canvas, $cells->columns, -1, 'Notes');
        }
        $canvas->step(
            Task::Write,
            'Write the numbers, each in the upper left box of its cell; the 1st stands in column '.($grid->offset + 1).'.',
            'rows',
        );
        for ($day = 1; $day <= $grid->month->days(); ++$day) {
            $column = $grid->column($day) - $first;
            if ($column >= 0 && $column < $cells->columns) {
                $at = [$cells->across($column), $cells->down($grid->row($day))];
                $canvas->words(Layer::Writing, $at[0], $at[1], 1, 1, (string) $day, Align::Middle);
                // Below its number, or beside it where a cell is that low.
                $low = $cells->tall->compare(2) < 0;
                $canvas->day(
                    \sprintf('%s-%02d', $grid->month->iso(), $day),
                    $at[0]->plus($low ? 1 : 0),
                    $at[1]->plus($low ? 0 : 1),
                    $cells->wide->minus($low ? 1 : 0),
                    $cells->tall->minus($low ? 0 : 1),
                    1,
                );
            }
        }
    }

    /** A line a day: the weekday's letter, the number, and the rest of the page to write on; a heavier week ends where the next begins. */
    private function lines(Request $request, MonthGrid $grid): Laid
    {
        $days = $grid->month->days();
        $below = Heading::below($request->grid->down, $request->grid->title);
        $name = $request->calendar->names->monthAndYear($grid->month);
        if ($below->left < $days || $request->grid->across < 6) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                "$name needs $days lines of 1 box and 6 across; the page has {$request->grid->across} × $below->left boxes below its "
                    .'title. Use cells instead.',
                [Offer::settings($request->id, 'Use cells', ['cells' => 'grid'])],
            ));
        }

        return Laid::page(
            $request->grid,
            fn (Canvas $canvas) => $this->line($canvas, $request, $grid, $below),
            Heading::findings($request, $name),
        );
    }

    private function line(Canvas $canvas, Request $request, MonthGrid $grid, Subtraction $below): void
    {
        $month = $grid->month;
        $top = Heading::boxes($canvas->down, $canvas->title);
        $canvas->working(
            'rows',
            "{$month->days()} lines",
            "$below; {$month->days()} × 1 + ".($below->left - $month->days()).' left over',
        );
        $ends = array_values(array_filter(range(1, $month->days() - 1), static fn (int $day): bool => 6 === $grid->column($day)));
        $canvas->tickAll(Edge::Side, array_map(static fn (int $day): int => $top + $day, $ends), 'where a week ends', 'rows');
        $canvas->step(Task::Ink, 'Rule a line below every day that ends a week.', 'rows');
        foreach ($ends as $day) {
            $canvas->line(Layer::Ink, 0, $top + $day, $canvas->across, 0);
        }
        $canvas->cells(2, $top, $canvas->across - 2, $month->days());
        $canvas->room('day', 'a day', 2, $top, $canvas->across - 2, 1, Fraction::of(1));
        Heading::write($canvas, $request, $request->calendar->names->monthAndYear($month));
        $canvas->step(
            Task::Write,
            'Write the number of each day in the first box of its line, the letter of its weekday in the second; the 1st is a '
                .$request->calendar->names->weekday($grid->first->plus($grid->offset))
                .'.',
            'rows',
        );
        for ($day = 1; $day <= $month->days(); ++$day) {
            $canvas->day(\sprintf('%s-%02d', $month->iso(), $day), 2, $top + $day - 1, $canvas->across - 2, 1, 1);
            $canvas->words(Layer::Writing, 0, $top + $day - 1, 1, 1, (string) $day, Align::Middle);
            $canvas->words(
                Layer::Writing,
                1,
                $top + $day - 1,
                1,
                1,
                $request->calendar->names->weekdayInitial($grid->first->plus($grid->column($day))),
                Align::Middle,
            );
        }
        Closing::page(
            $canvas,
            'The last line is '
                .$month->days()
                .', a '
                .$request->calendar->names->weekday($grid->first->plus($grid->column($month->days())))
                .'.',
            'rows',
        );
    }
}
