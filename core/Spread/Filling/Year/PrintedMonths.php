<?php

/*
 * Room for printed or stamped months, because writing is tedious. Their size is settled before printing: from the boxes,
 * or given in mm by the stamp or sticker at hand. `cutOut` draws the months themselves at that size, to print.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Spread\Filling\MonthFigures;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class PrintedMonths implements Glance
{
    /** How a stamp comes out whole. */
    public const STAMPING = 'Stamp on the closed half of the book, or slide a pad under the page.';

    /** Rows of a printed month: its name, the letters, six rows of days. */
    private const ROWS = 8;

    public function fill(Request $asked, Region $region, array $months, int $page): Filled
    {
        $layout = $this->arrange($asked, $region, \count($months));
        if (null === $layout) {
            return new Filled(findings: [$this->tooLarge($asked, $region)]);
        }
        [, $across, $down] = $layout;
        $pages = $this->places($region, $months, $layout);
        $places = $pages[$page] ?? throw new \LogicException("There is no page $page.");
        [$wide, $tall] = $this->size($asked);
        $pitch = $asked->grid->pitch;
        $said = self::mm($wide, $pitch).' × '.self::mm($tall, $pitch).' mm';
        $here = new FromHere($asked, $region, 'the months');

        return new Filled(
            ticks: $here->ticks([
                EdgeTicks::division(Edge::Top, $across, 'across', $region->x),
                EdgeTicks::division(Edge::Side, $down, 'down', $region->y),
            ]),
            workings: static fn (): array => [new Working(
                $here->note('size'),
                $said,
                "$wide × $tall boxes of ".self::mm(Fraction::of(1), $pitch).' mm; '.$across->working().'; '.$down->working(),
            )],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($here, $places, $wide, $tall, $said): void {
                    $here->step($canvas, Task::Pencil, "Frame the place of each month, $said.", 'size');
                    foreach ($places as [$x, $y]) {
                        $canvas->frame(Layer::Pencil, $x, $y, $wide, $tall);
                    }
                },
                write: static function (Canvas $canvas) use ($asked, $here, $places, $wide, $said): void {
                    $text = "Stick or stamp the months into their frames: $said each, as the sheet of months to cut out has them. "
                        .self::STAMPING;
                    $here->step($canvas, Task::Write, $text, 'size');
                    foreach ($places as [$x, $y, $month]) {
                        $canvas->words(Layer::Pencil, $x, $y, $wide, 1, $asked->calendar->names->month($month->month), Align::Middle);
                    }
                },
            ),
            check: new Check('Lay a month into a frame before any glue: it is not larger.', $here->note('size')),
            next: isset($pages[$page + 1]) ? $page + 1 : null,
        );
    }

    /**
     * The months themselves where they go on the page, to print at true size and cut out.
     *
     * @param non-empty-list<Month> $months
     *
     * @return list<PageDrawing>
     */
    public function cutOut(Request $asked, Region $region, array $months): array
    {
        $layout = $this->arrange($asked, $region, \count($months));
        [$wide, $tall] = $this->size($asked);
        [$day, $row] = [$wide->dividedBy(7), $tall->dividedBy(self::ROWS)];

        return array_map(static function (array $places) use ($asked, $months, $wide, $tall, $day, $row): PageDrawing {
            $canvas = new Canvas($asked->grid->across, $asked->grid->down, $asked->grid->tally);
            $canvas->step(Task::Ink, 'Cut along the frames.');
            foreach ($places as [$x, $y, $month]) {
                $grid = new MonthGrid($month, $asked->calendar->first);
                $canvas->frame(Layer::Ink, $x, $y, $wide, $tall);
                $canvas->words(Layer::Writing, $x, $y, $wide, $row, $asked->calendar->monthName($month, $months), Align::Middle);
                $figures = new MonthFigures($canvas, $asked, $day, $row);
                $figures->letters($x, $row->plus($y), $row);
                $figures->days($grid, $x, $row->times(2)->plus($y));
            }

            return $canvas->finish();
        }, null === $layout ? [] : $this->places($region, $months, $layout));
    }

    /**
     * Where each month stands, page after page.
     *
     * @param non-empty-list<Month>            $months
     * @param array{int, Division, Division}   $layout
     *
     * @return list<list<array{int, int, Month}>> box across, box down
     */
    private function places(Region $region, array $months, array $layout): array
    {
        [$count, $across, $down] = $layout;
        $columns = \count($across->parts);

        return array_map(static fn (array $share): array => array_map(static fn (Month $month, int $nth): array => [
            $region->x + $across->spans()[$nth % $columns]['from']->floor(),
            $region->y + $down->spans()[intdiv($nth, $columns)]['from']->floor(),
            $month,
        ], $share, array_keys($share)), array_chunk($months, max(1, intdiv(\count($months) + $count - 1, $count))));
    }

    /**
     * @return array{int, Division, Division}|null pages, columns and rows of frames, each frame up to the next whole box
     */
    private function arrange(Request $request, Region $region, int $months): ?array
    {
        [$wide, $tall] = array_map(static fn (Fraction $side): int => $side->ceil(), $this->size($request));
        for ($pages = $request->settings->countOrNull('pages') ?? 1; $pages <= $months; ++$pages) {
            $share = intdiv($months + $pages - 1, $pages);
            for ($columns = 1; $columns <= $share; ++$columns) {
                $across = Division::ofSize($region->wide, $columns, $wide);
                $down = Division::ofSize($region->tall, intdiv($share + $columns - 1, $columns), $tall);
                if (null !== $across && null !== $down) {
                    return [intdiv($months + $share - 1, $share), $across, $down];
                }
            }
        }

        return null;
    }

    /** @return array{Fraction, Fraction} boxes across and down of one month */
    private function size(Request $request): array
    {
        $asked = BlockAsked::read($request->settings, false);
        $wide = $request->settings->countOrNull('printed_width');
        $tall = $request->settings->countOrNull('printed_height');

        return [
            null === $wide ? Fraction::of($asked->wide()) : Fraction::of($wide * 1_000, $request->grid->pitch),
            null === $tall ? Fraction::of($asked->tall(6, true)) : Fraction::of($tall * 1_000, $request->grid->pitch),
        ];
    }

    private function tooLarge(Request $request, Region $region): Finding
    {
        [$wide, $tall] = $this->size($request);
        $most = self::mm(
            Fraction::of($region->wide),
            $request->grid->pitch,
        ).' × '.self::mm(Fraction::of($region->tall), $request->grid->pitch);

        return new Finding(
            $request->id,
            'A printed month of '
                .self::mm($wide, $request->grid->pitch)
                .' × '
                .self::mm($tall, $request->grid->pitch)
                ." mm does not fit below the title: $most mm are there. Print them smaller.",
        );
    }

    /** Boxes as mm, to the tenth. */
    private static function mm(Fraction $boxes, int $pitch): string
    {
        return Millimetres::rounded($boxes->numerator * $pitch / $boxes->denominator / 1_000, 1);
    }
}
