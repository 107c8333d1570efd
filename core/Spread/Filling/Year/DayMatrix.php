<?php

/* The day matrix: months across and days down, a box a day, days that do not exist struck out, a legend beside it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Filling\PenLegend;
use AmpleMargin\Spread\Page\Pages;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class DayMatrix implements Glance
{
    private const DAYS = 31;

    /** Boxes a day is wide at most. */
    private const WIDEST = 3;

    /** Boxes a legend beside the matrix needs, with one of air. */
    private const LEGEND = 7;

    public function fill(Request $asked, Region $region, array $months, int $page): Filled
    {
        $layout = $this->arrange($asked, $region, \count($months));
        if (null === $layout) {
            return new Filled(findings: [$this->tooLarge($asked, $region)]);
        }
        ['turned' => $turned, 'wide' => $wide, 'tall' => $tall, 'label' => $label] = $layout;
        $shares = array_chunk($months, $layout['months']);
        $share = $shares[$page] ?? throw new \LogicException("There is no page $page.");
        $here = new FromHere($asked, $region, 'the matrix');
        $top = $region->y + 1;
        $left = $region->x + $label;
        [$columns, $rows] = $turned ? [self::DAYS, \count($share)] : [\count($share), self::DAYS];
        $cells = new CellGrid($left, $top, $columns, $wide, $rows, $tall);
        $end = $region->y + $region->tall;
        [$legend, $legendAt] = $this->legend($asked, $region, $label + $columns * $wide + 1, $rows * $tall);
        $days = array_sum(array_map(static fn (Month $month): int => $month->days(), $share));

        return new Filled(
            ticks: $here->ticks([
                new EdgeTicks(Edge::Top, [$left, $left + $columns * $wide], 'the matrix', 'cells'),
                new EdgeTicks(Edge::Side, [$top, $top + $rows * $tall], 'the matrix', 'cells'),
            ]),
            workings: static fn (): array => [new Working(
                $here->note('cells'),
                "$columns × $rows cells",
                ($turned ? 'days across, months down, for 31 rows do not fit; ' : 'months across, days down; ')
                    ."$label + $columns × $wide = "
                    .($label + $columns * $wide)
                    .' of '
                    .Plural::boxes($region->wide)
                    ." across; $top + $rows × $tall = "
                    .($top + $rows * $tall)
                    ." of $end down",
            )],
            findings: 0 === $page ? PenLegend::sharedPens($asked) : [],
            layers: new Layers(
                band: static function (Canvas $canvas) use ($legend, $legendAt, $here): void {
                    if (null !== $legendAt) {
                        $legend->swatches($canvas, $legendAt[0], $legendAt[1], $here);
                    }
                },
                ink: function (Canvas $canvas) use ($here, $cells, $columns, $rows, $share, $turned): void {
                    $text = 'Rule the matrix: '.($columns + 1).' lines down, '.($rows + 1).' across.';
                    $here->step($canvas, Task::Ink, $text, 'cells');
                    $cells->keep($canvas);
                    $cells->rule($canvas);
                    $this->strike($canvas, $here, $cells, $share, $turned);
                },
                write: function (Canvas $canvas) use ($asked, $region, $here, $cells, $share, $months, $turned, $legend, $legendAt): void {
                    $this->labels($canvas, $asked, $region, $here, $cells, $share, $months, $turned);
                    if (null !== $legendAt) {
                        $legend->names($canvas, $legendAt[0], $legendAt[1], $here);
                    }
                },
            ),
            check: new Check("Count the cells that are left open: $days, one a day.", $here->note('cells')),
            next: isset($shares[$page + 1]) ? $page + 1 : null,
        );
    }

    /**
     * The legend beside the matrix or below it; nowhere where neither has room.
     *
     * @param int $left boxes to its right end, with one of air
     * @param int $tall boxes of its rows
     *
     * @return array{PenLegend, array{int, int}|null}
     */
    private function legend(Request $asked, Region $region, int $left, int $tall): array
    {
        $room = $region->wide - $left;
        $beside = PenLegend::asked($asked, $room);
        if ($beside->tall() > 0 && $beside->tall() <= $region->tall - 1 && $room >= self::LEGEND - 1) {
            return [$beside, [$region->x + $left, $region->y + 1]];
        }
        $below = PenLegend::asked($asked, $region->wide);
        $y = $tall + 2;

        return [$below, $below->tall() > 0 && $y + $below->tall() <= $region->tall ? [$region->x, $region->y + $y] : null];
    }

    /**
     * Months across and days down where 31 rows fit, else days across and months down.
     *
     * @return array{turned: bool, months: positive-int, wide: int, tall: int, label: int}|null boxes of a day, of the labels before the
     *     rows
     */
    private function arrange(Request $request, Region $region, int $months): ?array
    {
        $room = $region->tall - 1;
        if ($room >= self::DAYS && $region->wide >= 2) {
            $share = Pages::evenly($months, $region->wide - 1, $request->settings->countOrNull('pages') ?? 1);
            $beside = intdiv($region->wide - 1 - self::LEGEND, $share);
            $wide = min(self::WIDEST, max($beside, min(2, intdiv($region->wide - 1, $share))));

            return ['turned' => false, 'months' => $share, 'wide' => max(1, $wide), 'tall' => intdiv($room, self::DAYS), 'label' => 1];
        }
        $label = min(6, $region->wide - self::DAYS);
        if ($label < 2 || $room < 1) {
            return null;
        }
        $share = Pages::evenly($months, $room, $request->settings->countOrNull('pages') ?? 1);

        return ['turned' => true, 'months' => $share, 'wide' => 1, 'tall' => min(2, intdiv($room, $share)), 'label' => $label];
    }

    /** @param non-empty-list<Month> $share */
    private function strike(Canvas $canvas, FromHere $here, CellGrid $cells, array $share, bool $turned): void
    {
        $missing = array_sum(array_map(static fn (Month $month): int => self::DAYS - $month->days(), $share));
        if (0 === $missing) {
            return;
        }
        $here->step(
            $canvas,
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
    private function labels(
        Canvas $canvas,
        Request $request,
        Region $region,
        FromHere $here,
        CellGrid $cells,
        array $share,
        array $months,
        bool $turned,
    ): void {
        $names = $request->calendar->names;
        $text = $turned ? 'Write the months before the rows.' : 'Write the months above the columns.';
        $here->step($canvas, Task::Write, $text, 'cells');
        $label = $cells->x->minus($region->x);
        foreach ($share as $i => $month) {
            if (!$turned) {
                $short = $cells->wide->compare(1) > 0 ? $names->monthShort($month->month) : $names->monthInitial($month->month);
                $cells->words($canvas, $i, -1, $short);
                continue;
            }
            $name = $label->compare(3) > 0 ? $request->calendar->monthName($month, $months) : $names->monthShort($month->month);
            $canvas->words(Layer::Writing, $region->x, $cells->down($i), $label->minus(Fraction::of(1, 4)), $cells->tall, $name);
        }
        $here->step(
            $canvas,
            Task::Write,
            $turned ? 'Number the days along the top, 1 to 31.' : 'Number the days down the side, 1 to 31.',
            'cells',
        );
        for ($day = 0; $day < self::DAYS; ++$day) {
            $turned
                ? $cells->words($canvas, $day, -1, (string) ($day + 1))
                : $canvas->words(Layer::Writing, $region->x, $cells->down($day), 1, $cells->tall, (string) ($day + 1), Align::Middle);
        }
    }

    private function tooLarge(Request $request, Region $region): Finding
    {
        return new Finding(
            $request->id,
            'A day matrix needs 31 rows and one for the months, or 33 boxes across; '
                ."$region->wide × $region->tall boxes are left below the title.",
        );
    }
}
