<?php

/* The day matrix: months across and days down, a box a day, days that do not exist struck out, a legend beside it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Cells;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form\PenLegend;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class DayMatrix implements Way
{
    private const DAYS = 31;

    /** Boxes a day is wide at most. */
    private const WIDEST = 3;

    /** Boxes a legend beside the matrix needs, with one of air. */
    private const LEGEND = 7;

    public function layOut(Request $request, array $months): Laid
    {
        $layout = $this->arrange($request, \count($months));
        if (null === $layout) {
            return Laid::refused($request->grid, $this->tooLarge($request));
        }

        return Laid::pages(
            $request->grid,
            array_chunk($months, $layout['months']),
            fn (Canvas $canvas, array $share, int $i) => $this->page($canvas, $request, $layout, $share, $months, 0 === $i),
            [[...PenLegend::sharedPens($request), ...Heading::findings($request)]],
        );
    }

    /**
     * Months across and days down where 31 rows fit, else days across and months down.
     *
     * @return array{turned: bool, months: positive-int, wide: int, tall: int, label: int}|null boxes of a day, of the labels before the
     *     rows
     */
    private function arrange(Request $request, int $months): ?array
    {
        $room = Heading::below($request->grid->down, $request->grid->title)->left - 1;
        if ($room >= self::DAYS && $request->grid->across >= 2) {
            $share = Pages::evenly($months, $request->grid->across - 1, $request->settings->countOrNull('pages') ?? 1);
            $beside = intdiv($request->grid->across - 1 - self::LEGEND, $share);
            $wide = min(self::WIDEST, max($beside, min(2, intdiv($request->grid->across - 1, $share))));

            return ['turned' => false, 'months' => $share, 'wide' => max(1, $wide), 'tall' => intdiv($room, self::DAYS), 'label' => 1];
        }
        $label = min(6, $request->grid->across - self::DAYS);
        if ($label < 2 || $room < 1) {
            return null;
        }
        $share = Pages::evenly($months, $room, $request->settings->countOrNull('pages') ?? 1);

        return ['turned' => true, 'months' => $share, 'wide' => 1, 'tall' => min(2, intdiv($room, $share)), 'label' => $label];
    }

    /**
     * @param array{turned: bool, months: positive-int, wide: int, tall: int, label: int} $layout
     * @param non-empty-list<Month>                                                       $share
     * @param non-empty-list<Month>                                                       $months of the whole spread
     */
    private function page(Canvas $canvas, Request $request, array $layout, array $share, array $months, bool $titled): void
    {
        $top = Heading::boxes($canvas->down, $canvas->title) + 1;
        ['turned' => $turned, 'wide' => $wide, 'tall' => $tall, 'label' => $label] = $layout;
        [$columns, $rows] = $turned ? [self::DAYS, \count($share)] : [\count($share), self::DAYS];
        $canvas->working(
            'cells',
            "$columns × $rows cells",
            ($turned ? 'days across, months down, for 31 rows do not fit; ' : 'months across, days down; ')
                ."$label + $columns × $wide = "
                .($label + $columns * $wide)
                .' of '
                .Plural::boxes($canvas->across)
                ." across; $top + $rows × $tall = "
                .($top + $rows * $tall)
                ." of $canvas->down down",
        );
        $canvas->tickAll(
            Edge::Top,
            array_values(array_filter([$label, $label + $columns * $wide], static fn (int $at): bool => $at < $canvas->across)),
            'the matrix',
            'cells',
        );
        $canvas->tickAll(
            Edge::Side,
            array_values(array_filter([$top, $top + $rows * $tall], static fn (int $at): bool => $at < $canvas->down)),
            'the matrix',
            'cells',
        );
        $left = $label + $columns * $wide + 1;
        $legend = PenLegend::asked($request, $canvas->across - $left);
        $legendAt = $legend->tall() > 0 && $legend->tall() <= $canvas->down - $top && $canvas->across - $left >= self::LEGEND - 1
            ? [$left, $top]
            : null;
        if (null === $legendAt) {
            $legend = PenLegend::asked($request, $canvas->across);
            $below = $top + $rows * $tall + 1;
            $legendAt = $legend->tall() > 0 && $below + $legend->tall() <= $canvas->down ? [0, $below] : null;
        }
        if (null !== $legendAt) {
            $legend->swatches($canvas, ...$legendAt);
        }
        $cells = new Cells($label, $top, $columns, $wide, $rows, $tall);
        $canvas->step(Task::Ink, 'Rule the matrix: '.($columns + 1).' lines down, '.($rows + 1).' across.', 'cells');
        $cells->keep($canvas);
        $cells->rule($canvas);
        $this->strike($canvas, $cells, $share, $turned);
        if ($titled) {
            Heading::write($canvas, $request);
        }
        $this->labels($canvas, $request, $cells, $share, $months, $turned);
        if (null !== $legendAt) {
            $legend->names($canvas, ...$legendAt);
        }
        $days = array_sum(array_map(static fn (Month $month): int => $month->days(), $share));
        Closing::page($canvas, "Count the cells that are left open: $days, one a day.", 'cells');
    }

    /** @param non-empty-list<Month> $share */
    private function strike(Canvas $canvas, Cells $cells, array $share, bool $turned): void
    {
        $missing = array_sum(array_map(static fn (Month $month): int => self::DAYS - $month->days(), $share));
        if (0 === $missing) {
            return;
        }
        $canvas->step(
            Task::Ink,
            "Strike out the $missing ".(1 === $missing ? 'cell of a day that does' : 'cells of days that do').' not exist.',
            'cells',
        );
        foreach ($share as $i => $month) {
            for ($day = $month->days(); $day < self::DAYS; ++$day) {
                $turned ? $cells->strike($canvas, $day, $i) : $cells->strike($canvas, $i, $day);
            }
        }
    }

    /**
     * @param non-empty-list<Month> $share
     * @param non-empty-list<Month> $months
     */
    private function labels(Canvas $canvas, Request $request, Cells $cells, array $share, array $months, bool $turned): void
    {
        $names = $request->calendar->names;
        $canvas->step(Task::Write, $turned ? 'Write the months before the rows.' : 'Write the months above the columns.', 'cells');
        foreach ($share as $i => $month) {
            if (!$turned) {
                $short = $cells->wide->compare(1) > 0 ? $names->monthShort($month->month) : $names->monthInitial($month->month);
                $cells->words($canvas, $i, -1, $short);
                continue;
            }
            $name = $cells->x->compare(3) > 0 ? YearMonths::name($request, $month, $months) : $names->monthShort($month->month);
            $canvas->words(Layer::Writing, 0, $cells->down($i), $cells->x->minus(Fraction::of(1, 4)), $cells->tall, $name);
        }
        $canvas->step(
            Task::Write,
            $turned ? 'Number the days along the top, 1 to 31.' : 'Number the days down the side, 1 to 31.',
            'cells',
        );
        for ($day = 0; $day < self::DAYS; ++$day) {
            $turned
                ? $cells->words($canvas, $day, -1, (string) ($day + 1))
                : $canvas->words(Layer::Writing, 0, $cells->down($day), 1, $cells->tall, (string) ($day + 1), Align::Middle);
        }
    }

    private function tooLarge(Request $request): Finding
    {
        $room = Heading::below($request->grid->down, $request->grid->title)->left;

        return new Finding(
            $request->id,
            'A day matrix needs 31 rows and one for the months, or 33 boxes across; '
                ."{$request->grid->across} × $room boxes are left below the title.",
        );
    }
}
