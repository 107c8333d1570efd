<?php

/* The day matrix: months across and days down, a box a day, days that do not exist struck out, a legend beside it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
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
     * @return array{turned: bool, months: positive-int, wide: int, tall: int, label: int}|null boxes of a day, of the labels before the rows
     */
    private function arrange(Request $request, int $months): ?array
    {
        $room = Heading::below($request->grid->down)->left - 1;
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
        $top = Heading::boxes($canvas->down) + 1;
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
        $this->rule($canvas, $label, $top, $columns * $wide, $rows * $tall, $wide, $tall);
        $this->strike($canvas, $layout, $share, $top);
        if ($titled) {
            Heading::write($canvas, $request);
        }
        $this->labels($canvas, $request, $layout, $share, $months, $top);
        if (null !== $legendAt) {
            $legend->names($canvas, ...$legendAt);
        }
        $days = array_sum(array_map(static fn (Month $month): int => $month->days(), $share));
        Closing::page($canvas, "Count the cells that are left open: $days, one a day.", 'cells');
    }

    private function rule(Canvas $canvas, int $x, int $y, int $across, int $down, int $wide, int $tall): void
    {
        $canvas->cells($x, $y, $across, $down);
        $canvas->step(
            Task::Ink,
            'Rule the matrix: '.(intdiv($across, $wide) + 1).' lines down, '.(intdiv($down, $tall) + 1).' across.',
            'cells',
        );
        for ($at = 0; $at <= $across; $at += $wide) {
            $canvas->line(Layer::Ink, $x + $at, $y, 0, $down);
        }
        for ($at = 0; $at <= $down; $at += $tall) {
            $canvas->line(Layer::Ink, $x, $y + $at, $across, 0);
        }
    }

    /**
     * @param array{turned: bool, months: positive-int, wide: int, tall: int, label: int} $layout
     * @param non-empty-list<Month>                                                       $share
     */
    private function strike(Canvas $canvas, array $layout, array $share, int $top): void
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
            for ($day = $month->days() + 1; $day <= self::DAYS; ++$day) {
                [$column, $row] = $layout['turned'] ? [$day - 1, $i] : [$i, $day - 1];
                $canvas->line(
                    Layer::Ink,
                    $layout['label'] + $column * $layout['wide'],
                    $top + ($row + 1) * $layout['tall'],
                    $layout['wide'],
                    -$layout['tall'],
                );
            }
        }
    }

    /**
     * @param array{turned: bool, months: positive-int, wide: int, tall: int, label: int} $layout
     * @param non-empty-list<Month>                                                       $share
     * @param non-empty-list<Month>                                                       $months
     */
    private function labels(Canvas $canvas, Request $request, array $layout, array $share, array $months, int $top): void
    {
        ['turned' => $turned, 'wide' => $wide, 'tall' => $tall, 'label' => $label] = $layout;
        $canvas->step(Task::Write, $turned ? 'Write the months before the rows.' : 'Write the months above the columns.', 'cells');
        foreach ($share as $i => $month) {
            $turned
                ? $canvas->words(
                    Layer::Writing,
                    0,
                    $top + $i * $tall,
                    Fraction::of(4 * $label - 1, 4),
                    $tall,
                    $label > 3 ? YearMonths::name($request, $month, $months) : $request->calendar->names->monthShort($month->month),
                )
                : $canvas->words(
                    Layer::Writing,
                    $label + $i * $wide,
                    $top - 1,
                    $wide,
                    1,
                    $wide > 1 ? $request->calendar->names->monthShort($month->month) : $request->calendar->names->monthInitial($month->month),
                    Align::Middle,
                );
        }
        $canvas->step(
            Task::Write,
            $turned ? 'Number the days along the top, 1 to 31.' : 'Number the days down the side, 1 to 31.',
            'cells',
        );
        for ($day = 1; $day <= self::DAYS; ++$day) {
            $turned
                ? $canvas->words(Layer::Writing, $label + ($day - 1) * $wide, $top - 1, $wide, 1, (string) $day, Align::Middle)
                : $canvas->words(Layer::Writing, 0, $top + ($day - 1) * $tall, 1, $tall, (string) $day, Align::Middle);
        }
    }

    private function tooLarge(Request $request): Finding
    {
        $room = Heading::below($request->grid->down)->left;

        return new Finding(
            $request->id,
            'A day matrix needs 31 rows and one for the months, or 33 boxes across; '
                ."{$request->grid->across} × $room boxes are left below the title.",
        );
    }
}
