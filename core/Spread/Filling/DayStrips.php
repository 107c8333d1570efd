<?php

/*
 * A strip of days for every month of the book, and beside it what is done that month: 31 boxes in one row where the page is
 * wide enough, else in rows of 16 and 15. Days a month does not have are struck out.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Listed;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Pages;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Part\TakenUp;
use AmpleMargin\Spread\Setting\Field;

final class DayStrips implements TakenUp, OfTime
{
    private const DAYS = 31;

    /** Boxes of the names at least: a short month and a word. */
    private const NAMES = 5;

    public function shapedBy(array $settings): array
    {
        return OwnPeriod::OF_MONTHS;
    }

    public function name(): string
    {
        return 'Strips of days';
    }

    public function purpose(): string
    {
        return 'A box a day for every month of the book, and beside it what is done that month.';
    }

    public function fields(): array
    {
        return [
            Field::lines('challenges', 'Challenges, in the order of the months; after an arrow → the goal it serves')->doneOneByOne(),
            Field::count('strip', 'Boxes of the names', self::NAMES, 40),
            Field::choice('days', 'A day is', ['boxes' => 'a box', 'dots' => 'a dot, every fifth marked']),
        ];
    }

    public function narrowest(Request $asked): int
    {
        // Three rows of 11 are as many as anybody reads as one month.
        return ($asked->settings->countOrNull('strip') ?? self::NAMES) + 11;
    }

    public function least(Request $asked, int $wide): int
    {
        return $this->rows($asked, $wide) + ($this->areDots($asked) ? 1 : 0);
    }

    public function tall(Request $asked, int $wide): int
    {
        return \count($asked->calendar->months()) * ($this->rows($asked, $wide) + 1) - 1;
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $rows = $this->rows($asked, $region->wide);
        $columns = self::columns($rows);
        $strip = $asked->settings->countOrNull('strip') ?? $region->wide - $columns;
        $months = $asked->calendar->months();
        $dots = $this->areDots($asked);
        // Between boxes stays one; dots need none where room is short, but the last of them are not on the edge.
        $step = $dots && \count($months) * ($rows + 1) > $region->tall ? $rows : $rows + 1;
        $fit = intdiv($dots ? $region->tall - 1 : $region->tall + 1, $step);
        $each = Pages::evenly(\count($months), max(1, $fit));
        $here = \array_slice($months, $from, $each, true);
        $grids = array_map(
            static fn (int $i): CellGrid => new CellGrid($region->x + $strip, $region->y + ($i - $from) * $step, $columns, 1, $rows, 1),
            array_combine(array_keys($here), array_keys($here)),
        );
        $lengths = implode(' and ', self::lengths($rows));
        $what = Plural::of(\count($here), 'month', 'months').' of '.Plural::boxes($rows).($step > $rows ? ', a box between' : '');
        $ticks = array_fill_keys(array_map(static fn (CellGrid $grid): int => $grid->y->floor(), $grids), $what);

        return new Filled(
            top: array_fill_keys([$region->x + $strip, $region->x + $strip + $columns], "the days: $strip for the names, then $columns"),
            side: $ticks,
            workings: static fn (): array => [new Working(
                'strips',
                "rows of $lengths",
                "$region->wide boxes = $strip for the names + $columns".self::over($region->wide - $strip - $columns)
                    .'; '.self::DAYS.' days = '.implode(' + ', self::lengths($rows)),
            )],
            findings: 0 === $from ? $this->findings($asked, $strip, $rows) : [],
            layers: new Layers(
                ink: static fn (Canvas $canvas) => $dots
                                ? self::dot($canvas, $grids, $here)
                                : self::rule($canvas, $grids, $here, $lengths),
                write: fn (Canvas $canvas) => $this->write($canvas, $asked, $region->x, $strip, $here, $grids, $rows),
            ),
            check: new Check('Count the '.($dots ? 'dots' : 'boxes').' left open in each strip: they are the days of its month.'),
            next: $from + $each < \count($months) ? $from + $each : null,
        );
    }

    /**
     * @param array<int, CellGrid>  $grids
     * @param array<int, Month> $months
     */
    private static function rule(Canvas $canvas, array $grids, array $months, string $lengths): void
    {
        $canvas->step(Task::Ink, "Rule a strip of days for each month: $lengths boxes.", 'strips');
        foreach ($grids as $grid) {
            $grid->keep($canvas);
            $grid->ruleFirst($canvas, self::DAYS);
        }
        $canvas->step(Task::Ink, 'Strike out the boxes of days that do not exist.', 'strips');
        foreach ($months as $i => $month) {
            for ($none = $month->days(); $none < self::DAYS; ++$none) {
                $grids[$i]->strike($canvas, $none % $grids[$i]->columns, intdiv($none, $grids[$i]->columns));
            }
        }
    }

    /**
     * The dots that are there already, below each row of boxes: every fifth larger, those of no day struck through.
     *
     * @param array<int, CellGrid>  $grids
     * @param array<int, Month> $months
     */
    private static function dot(Canvas $canvas, array $grids, array $months): void
    {
        $place = static fn (CellGrid $grid, int $day): array => [
            $grid->across(($day - 1) % $grid->columns),
            $grid->down(intdiv($day - 1, $grid->columns) + 1),
        ];
        $canvas->step(Task::Ink, 'A dot a day, from the first dot of each strip on. Make every fifth larger.', 'strips');
        foreach ($grids as $i => $grid) {
            $grid->keep($canvas);
            for ($day = DotMarks::FIFTH; $day <= $months[$i]->days(); $day += DotMarks::FIFTH) {
                DotMarks::larger($canvas, ...$place($grid, $day));
            }
        }
        $canvas->step(Task::Ink, 'Strike through the dots of days that do not exist.', 'strips');
        $wide = Fraction::of(1, 3);
        foreach ($months as $i => $month) {
            for ($none = $month->days() + 1; $none <= self::DAYS; ++$none) {
                [$x, $y] = $place($grids[$i], $none);
                $canvas->line(Layer::Ink, $x->minus($wide), $y->plus($wide), $wide->times(2), $wide->times(-2));
            }
        }
    }

    /**
     * @param array<int, Month> $months
     * @param array<int, CellGrid>  $grids
     */
    private function write(Canvas $canvas, Request $asked, int $x, int $strip, array $months, array $grids, int $rows): void
    {
        $challenges = $this->challenges($asked);
        $canvas->step(Task::Write, 'Write each month before its strip'.([] === $challenges ? '.' : ', and its challenge below.'), 'strips');
        $left = Fraction::of(4 * $x + 1, 4);
        $wide = Fraction::of(2 * $strip - 1, 2);
        foreach ($months as $i => $month) {
            $names = $asked->calendar->names;
            $long = $names->month($month->month);
            $name = $asked->boxesOf($long) > $strip ? $names->monthShort($month->month) : $long;
            $challenge = $challenges[$i] ?? '';
            if (1 === $rows) {
                $canvas->words(Layer::Writing, $left, $grids[$i]->y, $wide, 1, '' === $challenge ? $name : "$name: $challenge");
                continue;
            }
            $canvas->words(Layer::Writing, $left, $grids[$i]->y, $wide, 1, $name);
            if ('' !== $challenge) {
                $canvas->words(Layer::Writing, $left, $grids[$i]->down(1), $wide, 1, $challenge);
            }
        }
        if ($this->areDots($asked)) {
            return;
        }
        $canvas->step(Task::Write, 'Number the days.', 'strips');
        foreach ($months as $i => $month) {
            foreach (range(1, $month->days()) as $day) {
                [$column, $row] = [($day - 1) % $grids[$i]->columns, intdiv($day - 1, $grids[$i]->columns)];
                $grids[$i]->words($canvas, $column, $row, (string) $day, Align::Middle);
            }
        }
    }

    /** @return list<Finding> */
    private function findings(Request $asked, int $strip, int $rows): array
    {
        $findings = [];
        $months = \count($asked->calendar->months());
        $more = array_map(Heading::quoted(...), \array_slice($asked->settings->lines('challenges'), $months));
        if ([] !== $more) {
            $findings[] = new Finding(
                $asked->id,
                Plural::of(\count($more), 'challenge has', 'challenges have').' no month, '.Listed::all($more).': there '
                    .(1 === $months ? 'is 1 month.' : "are $months months."),
                [],
                false,
            );
        }
        foreach ($this->challenges($asked) as $challenge) {
            $boxes = $asked->boxesOf($challenge);
            if ($boxes > $strip) {
                $findings[] = new Finding(
                    $asked->id,
                    "“{$challenge}” takes ".Plural::boxes($boxes)." {$asked->hand()->said()}; before its strip it has $strip. Shorten it.",
                    [],
                    false,
                );
            }
        }

        return $findings;
    }

    /** @return list<string> what is done in each month, without the goal it serves */
    private function challenges(Request $asked): array
    {
        return array_map(
            static fn (string $line): string => Challenge::read($line)->says,
            \array_slice($asked->settings->lines('challenges'), 0, \count($asked->calendar->months())),
        );
    }

    private function areDots(Request $asked): bool
    {
        return 'dots' === $asked->settings->choice('days');
    }

    /** Rows a month's days take beside the names. */
    private function rows(Request $asked, int $wide): int
    {
        $room = max(1, $wide - ($asked->settings->countOrNull('strip') ?? self::NAMES));

        return max(1, intdiv(self::DAYS + $room - 1, $room));
    }

    private static function columns(int $rows): int
    {
        return intdiv(self::DAYS + $rows - 1, $rows);
    }

    /** @return list<int> days a row: 16 and 15 */
    private static function lengths(int $rows): array
    {
        $columns = self::columns($rows);

        return array_map(static fn (int $row): int => min($columns, self::DAYS - $row * $columns), range(0, $rows - 1));
    }

    private static function over(int $left): string
    {
        return $left > 0 ? " + $left left over" : '';
    }
}
