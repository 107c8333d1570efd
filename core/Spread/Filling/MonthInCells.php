<?php

/* One month with a cell a day, on one page or an opening with notes in its eighth column; or a line a day. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\Layout;
use AmpleMargin\Spread\Setting\Field;

final class MonthInCells implements Filling, HasLayouts, GivesWay
{
    public const WAYS = ['grid' => 'cells in weeks', 'lines' => 'a line a day'];

    /** The setting of a month's own calendar: it goes over as many pages as its month gives it. */
    public const GIVEN = 'given_pages';

    /** Boxes of a cell at least either way; of a line a day across. */
    private const CELL = 2;
    private const LINE = 6;

    public function name(): string
    {
        return 'Month in cells';
    }

    public function purpose(): string
    {
        return 'One month with a cell a day, or a line.';
    }

    public function fields(): array
    {
        return [
            Field::month('from', 'Month'),
            Field::choice('cells', 'Drawn as', self::WAYS),
            Field::count('pages', 'Pages', 1, 2, 1)->when('cells', ['grid']),
            Field::weekStart(),
            Field::text('notes_named', 'The column that is free is called', 'Notes'),
            Field::flag(self::GIVEN, 'On the pages its month gives it', false)->unasked(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        // A line a day, or half of an opening, says all that it would need.
        return $this->isWhole($asked) ? 7 * self::CELL : 1;
    }

    public function least(Request $asked, int $wide): int
    {
        return $this->isWhole($asked) ? 1 + 6 * self::CELL : 1;
    }

    private function isWhole(Request $asked): bool
    {
        return !$this->areLines($asked) && 7 === $this->columns($asked);
    }

    public function tall(Request $asked, int $wide): int
    {
        return 26;
    }

    public function ways(Request $asked, Region $region): array
    {
        return [['say' => 'Use cells', 'settings' => ['cells' => 'grid']]];
    }

    public function layouts(Request $request): array
    {
        return [
            new Layout('An opening, notes in the eighth column', ['pages' => 2, 'cells' => 'grid']),
            new Layout('One page', ['pages' => 1, 'cells' => 'grid']),
            new Layout('A line a day on one page', ['pages' => 1, 'cells' => 'lines']),
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        return $this->areLines($asked) ? $this->lines($asked, $region) : $this->cells($asked, $region, $from);
    }

    private function areLines(Request $asked): bool
    {
        return 'lines' === $asked->settings->choice('cells');
    }

    private function grid(Request $asked): MonthGrid
    {
        return new MonthGrid(
            $asked->calendar->month ?? $asked->settings->monthOrNull('from') ?? $asked->calendar->period->start,
            $asked->settings->weekStart($asked->calendar->first),
        );
    }

    /** Columns of a page: of an opening four, so that the eighth is free. */
    private function columns(Request $asked): int
    {
        $given = $asked->settings->flag(self::GIVEN) ? $asked->pages : 0;

        return 2 === ($given > 0 ? min(2, $given) : $asked->settings->countOrNull('pages') ?? 1) ? 4 : 7;
    }

    private function title(Request $asked, MonthGrid $grid): string
    {
        return $asked->calendar->names->monthAndYear($grid->month);
    }

    private static function head(Request $asked, Region $region): int
    {
        return Heading::boxes($region->tall, $asked->grid->title);
    }

    private static function below(Request $asked, Region $region): Subtraction
    {
        return Heading::below($region->tall, $asked->grid->title);
    }

    private function cells(Request $asked, Region $region, int $page): Filled
    {
        $grid = $this->grid($asked);
        $columns = $this->columns($asked);
        $pages = 4 === $columns ? 2 : 1;
        $first = $page * $columns;
        $below = self::below($asked, $region)->less(1, 'the weekdays');
        $across = Division::of($region->wide, $columns);
        $down = Division::of($below->left, $grid->rows);
        $next = $page + 1 < $pages ? $page + 1 : null;
        if (null === $across || null === $down || $down->size() < self::CELL || $across->size() < self::CELL) {
            return new Filled(findings: [new Finding(
                $asked->id,
                "{$this->title($asked, $grid)} needs "
                    .Plural::of($grid->rows, 'row', 'rows')
                    ." of 2 boxes and $columns columns of 2; the page has $region->wide × $below->left boxes below its title.",
            )], next: $next);
        }
        $top = $region->y + self::head($asked, $region) + 1;
        $here = new FromHere($asked, $region, 'the month');
        $cells = CellGrid::of($across, $down, $region->x, $top, min(7, $first + $columns) - $first);

        return new Filled(
            ticks: $here->ticks([
                EdgeTicks::division(Edge::Top, $across, 'across', $region->x),
                EdgeTicks::division(Edge::Side, $down, 'down', $top),
            ]),
            workings: static fn (): array => [
                new Working($here->note('rows'), Plural::of($grid->rows, 'row', 'rows'), $grid->working()),
                new Working($here->note('across'), Plural::boxes($across->size()).' wide', $across->working()),
                new Working($here->note('down'), Plural::boxes($down->size()).' tall', "$below; ".$down->working()),
            ],
            findings: 0 === $page ? Heading::findings($asked, $this->title($asked, $grid), $region->wide) : [],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($here, $cells, $page): void {
                    $text = "Rule $cells->columns columns and ".Plural::of($cells->rows, 'row', 'rows').' of cells.';
                    $here->step($canvas, Task::Ink, $text, 'across');
                    $cells->keep($canvas);
                    $cells->rule($canvas);
                    if (0 === $page) {
                        $cells->room($canvas, 'day', 'a day', 0, 0, 1);
                    }
                },
                write: fn (Canvas $canvas) => $this->figures($canvas, $asked, $region, $here, $cells, $grid, $first, $columns),
            ),
            check: new Check(ucfirst($grid->closingCheck()).'.', $here->note('rows')),
            next: $next,
        );
    }

    /** @param int $all columns of the page, those left over for notes among them */
    private function figures(
        Canvas $canvas,
        Request $asked,
        Region $region,
        FromHere $here,
        CellGrid $cells,
        MonthGrid $grid,
        int $first,
        int $all,
    ): void {
        if (0 === $first) {
            Heading::writeIn($canvas, $asked, $region, $this->title($asked, $grid));
        }
        $here->step($canvas, Task::Write, 'Write the weekdays above the columns.', 'rows');
        for ($column = 0; $column < $cells->columns; ++$column) {
            $cells->words($canvas, $column, -1, $asked->calendar->names->weekdayShort($grid->first->plus($first + $column)));
        }
        if ($cells->columns < $all) {
            $cells->words($canvas, $cells->columns, -1, $asked->settings->text('notes_named'));
        }
        $here->step(
            $canvas,
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

    /** The weekday's letter, the number, and the rest of the line to write on; a heavier week ends where the next begins. */
    private function lines(Request $asked, Region $region): Filled
    {
        $grid = $this->grid($asked);
        $days = $grid->month->days();
        $below = self::below($asked, $region);
        $name = $this->title($asked, $grid);
        if ($below->left < $days || $region->wide < self::LINE) {
            return new Filled(findings: [new Finding(
                $asked->id,
                "$name needs $days lines of 1 box and ".self::LINE." across; the page has $region->wide × $below->left boxes below its "
                    .'title. Use cells instead.',
            )]);
        }
        $top = $region->y + self::head($asked, $region);
        $here = new FromHere($asked, $region, 'the month');
        $ends = array_values(array_filter(range(1, $days - 1), static fn (int $day): bool => 6 === $grid->column($day)));

        return new Filled(
            ticks: $here->ticks([
                new EdgeTicks(Edge::Side, array_map(static fn (int $day): int => $top + $day, $ends), 'where a week ends', 'rows'),
            ]),
            workings: static fn (): array => [new Working(
                $here->note('rows'),
                "$days lines",
                "$below; $days × 1 + ".($below->left - $days).' left over',
            )],
            findings: Heading::findings($asked, $name, $region->wide),
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($here, $region, $ends, $top, $days): void {
                    $here->step($canvas, Task::Ink, 'Rule a line below every day that ends a week.', 'rows');
                    foreach ($ends as $day) {
                        $canvas->line(Layer::Ink, $region->x, $top + $day, $region->wide, 0);
                    }
                    $canvas->cells($region->x + 2, $top, $region->wide - 2, $days);
                    $canvas->room('day', 'a day', $region->x + 2, $top, $region->wide - 2, 1, Fraction::of(1));
                },
                write: fn (Canvas $canvas) => $this->line($canvas, $asked, $region, $here, $grid),
            ),
            check: new Check(
                "The last line is $days, a {$asked->calendar->names->weekday($grid->first->plus($grid->column($days)))}.",
                $here->note('rows'),
            ),
        );
    }

    private function line(Canvas $canvas, Request $asked, Region $region, FromHere $here, MonthGrid $grid): void
    {
        $names = $asked->calendar->names;
        $top = $region->y + self::head($asked, $region);
        Heading::writeIn($canvas, $asked, $region, $this->title($asked, $grid));
        $here->step(
            $canvas,
            Task::Write,
            'Write the number of each day in the first box of its line, the letter of its weekday in the second; the 1st is a '
                .$names->weekday($grid->first->plus($grid->offset)).'.',
            'rows',
        );
        for ($day = 1; $day <= $grid->month->days(); ++$day) {
            $y = $top + $day - 1;
            $initial = $names->weekdayInitial($grid->first->plus($grid->column($day)));
            $canvas->day(\sprintf('%s-%02d', $grid->month->iso(), $day), $region->x + 2, $y, $region->wide - 2, 1, 1);
            $canvas->words(Layer::Writing, $region->x, $y, 1, 1, (string) $day, Align::Middle);
            $canvas->words(Layer::Writing, $region->x + 1, $y, 1, 1, $initial, Align::Middle);
        }
    }
}
