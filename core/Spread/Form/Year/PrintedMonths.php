<?php

/*
 * Room for printed or stamped months, because writing is tedious. Their size is settled before printing: from the boxes,
 * or given in mm by the stamp or sticker at hand. `cutOut` draws the months themselves at that size, to print.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form\MonthFigures;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class PrintedMonths implements Way
{
    /** Rows of a printed month: its name, the letters, six rows of days. */
    private const ROWS = 8;

    public function layOut(Request $request, array $months): Laid
    {
        return $this->each($request, $months, function (
            Canvas $canvas,
            array $places,
            Division $across,
            Division $down,
            bool $titled,
        ) use ($request): void {
            [$wide, $tall] = $this->size($request);
            $top = Heading::boxes($canvas->down, $canvas->title);
            $said = self::mm($wide, $request->grid->pitch).' × '.self::mm($tall, $request->grid->pitch).' mm';
            $canvas->working(
                'size',
                $said,
                "$wide × $tall boxes of ".self::mm(Fraction::of(1), $request->grid->pitch).' mm; '.$across->working().'; '.$down->working(),
            );
            $canvas->tickDivision(Edge::Top, $across, 'across');
            $canvas->tickDivision(Edge::Side, $down, 'down', $top);
            $canvas->step(Task::Pencil, "Frame the place of each month, $said.", 'size');
            foreach ($places as [$x, $y]) {
                $canvas->frame(Layer::Pencil, $x, $y, $wide, $tall);
            }
            if ($titled) {
                Heading::write($canvas, $request);
            }
            $canvas->step(
                Task::Write,
                "Stick or stamp the months into their frames: $said each, as the sheet of months to cut out has them. Stamp on the "
                    .'closed half of the book, or slide a pad under the page.',
                'size',
            );
            foreach ($places as [$x, $y, $month]) {
                $canvas->words(Layer::Pencil, $x, $y, $wide, 1, $request->calendar->names->month($month->month), Align::Middle);
            }
            Closing::page($canvas, 'Lay a month into a frame before any glue: it is not larger.', 'size');
        }, Heading::findings($request));
    }

    /**
     * The months themselves where they go on the page, to print at true size and cut out.
     *
     * @param non-empty-list<Month> $months
     */
    public function cutOut(Request $request, array $months): Laid
    {
        return $this->each($request, $months, function (Canvas $canvas, array $places) use ($request, $months): void {
            [$wide, $tall] = $this->size($request);
            [$day, $row] = [$wide->dividedBy(7), $tall->dividedBy(self::ROWS)];
            $canvas->step(Task::Ink, 'Cut along the frames.');
            foreach ($places as [$x, $y, $month]) {
                $grid = new MonthGrid($month, $request->calendar->first);
                $canvas->frame(Layer::Ink, $x, $y, $wide, $tall);
                $canvas->words(Layer::Writing, $x, $y, $wide, $row, YearMonths::name($request, $month, $months), Align::Middle);
                $figures = new MonthFigures($canvas, $request, $day, $row);
                $figures->letters($x, $row->plus($y), $row);
                $figures->days($grid, $x, $row->times(2)->plus($y));
            }
        });
    }

    /**
     * @param non-empty-list<Month>                                                            $months
     * @param \Closure(Canvas, list<array{int, int, Month}>, Division, Division, bool): void $page
     * @param list<Finding>                                                                   $findings of the first page
     */
    private function each(Request $request, array $months, \Closure $page, array $findings = []): Laid
    {
        $layout = $this->arrange($request, \count($months));
        if (null === $layout) {
            return Laid::refused($request->grid, $this->tooLarge($request));
        }
        [$count, $across, $down] = $layout;
        $columns = \count($across->parts);

        return Laid::pages($request->grid, array_chunk(
            $months,
            max(1, intdiv(\count($months) + $count - 1, $count)),
        ), static function (Canvas $canvas, array $share, int $i) use ($page, $across, $down, $columns): void {
            $places = [];
            foreach ($share as $nth => $month) {
                $places[] = [
                    $across->spans()[$nth % $columns]['from']->floor(),
                    $down->spans()[intdiv($nth, $columns)]['from']->floor() + Heading::boxes($canvas->down, $canvas->title),
                    $month,
                ];
            }
            $page($canvas, $places, $across, $down, 0 === $i);
        }, [$findings]);
    }

    /**
     * @return array{int, Division, Division}|null pages, columns and rows of frames, each frame up to the next whole box
     */
    private function arrange(Request $request, int $months): ?array
    {
        [$wide, $tall] = array_map(static fn (Fraction $side): int => $side->ceil(), $this->size($request));
        $room = Heading::below($request->grid->down, $request->grid->title)->left;
        for ($pages = $request->settings->countOrNull('pages') ?? 1; $pages <= $months; ++$pages) {
            $share = intdiv($months + $pages - 1, $pages);
            for ($columns = 1; $columns <= $share; ++$columns) {
                $across = Division::ofSize($request->grid->across, $columns, $wide);
                $down = Division::ofSize($room, intdiv($share + $columns - 1, $columns), $tall);
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

    private function tooLarge(Request $request): Finding
    {
        [$wide, $tall] = $this->size($request);
        $room = Heading::below($request->grid->down, $request->grid->title)->left;
        $most = self::mm(
            Fraction::of($request->grid->across),
            $request->grid->pitch,
        ).' × '.self::mm(Fraction::of($room), $request->grid->pitch);

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
