<?php

/* Dot lines: a line of 28 to 31 dots a month, days to be ringed or crossed, every fifth numbered so that nobody recounts. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Pages;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class DotLines implements Glance
{
    private const DAYS = 31;
    private const FIFTH = 5;

    public function fill(Request $asked, Region $region, array $months, int $page): Filled
    {
        $legend = new MarkLegend($asked, $region);
        $layout = $this->arrange($asked, $region, $months);
        if (null === $layout) {
            return new Filled(findings: [new Finding(
                $asked->id,
                "A month's dot line needs at least 3 boxes for its name and 8 for dots, on lines of 2 boxes; $region->wide × $region->tall"
                    .' boxes are left below the title.',
            )]);
        }
        ['lines' => $lines, 'dots' => $dots, 'label' => $label] = $layout;
        $shares = array_chunk($months, $layout['months']);
        $share = $shares[$page] ?? throw new \LogicException("There is no page $page.");
        $here = new FromHere($asked, $region, 'the dot lines');
        $down = Division::ofSize(
            $region->tall - $legend->tall(),
            \count($share),
            2 * $lines,
            0,
        ) ?? throw new \LogicException('As many months as fit are put on a page.');
        $tops = array_map(static fn (array $span): int => $span['from']->floor() + $region->y, $down->spans());

        return new Filled(
            ticks: $here->ticks([
                new EdgeTicks(Edge::Top, [$region->x + $label], "names $label, then the dots", 'across'),
                EdgeTicks::division(Edge::Side, $down, 'down', $region->y),
            ]),
            workings: static fn (): array => [
                new Working(
                    $here->note('down'),
                    2 * $lines.' boxes a month',
                    (1 === $lines ? 'one line' : "$lines lines")
                        ." of at most $dots dots, each with a row above it for its figures; "
                        .$down->working(),
                ),
                new Working(
                    $here->note('across'),
                    "$dots dots a line",
                    Plural::boxes($label)." for the names + $dots dots, one a box = ".($label + $dots)." of $region->wide",
                ),
            ],
            findings: 0 === $page ? $legend->tooMany() : [],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($here, $share, $tops, $region, $layout, $legend): void {
                    $here->step($canvas, Task::Ink, 'Dot a line for each month: as many dots as it has days.', 'across');
                    foreach ($share as $i => $month) {
                        for ($day = 1; $day <= $month->days(); ++$day) {
                            [$x, $y] = self::at($region->x, $tops[$i], $layout, $day);
                            $canvas->day(\sprintf('%s-%02d', $month->iso(), $day), $x, $y + 1, 1, 1);
                            $third = Fraction::of(1, 3);
                            $canvas->ring(Layer::Ink, Fraction::of(3 * $x + 1, 3), Fraction::of(3 * $y + 4, 3), $third, $third);
                        }
                    }
                    $legend->marks($canvas, $here);
                },
                write: static function (Canvas $canvas) use ($asked, $here, $share, $months, $tops, $region, $layout, $legend): void {
                    $legend->names($canvas, $here);
                    self::write($canvas, $asked, $here, $share, $months, $tops, $region, $layout);
                },
            ),
            check: new Check('The last figure of each line is the number of days of its month.', $here->note('down')),
            next: isset($shares[$page + 1]) ? $page + 1 : null,
        );
    }

    /**
     * @param non-empty-list<Month>                                         $share
     * @param non-empty-list<Month>                                         $months of all pages
     * @param array<int, int>                                               $tops
     * @param array{lines: int, dots: int, label: int, months: positive-int} $layout
     */
    private static function write(
        Canvas $canvas,
        Request $asked,
        FromHere $here,
        array $share,
        array $months,
        array $tops,
        Region $region,
        array $layout,
    ): void {
        $label = $layout['label'];
        $here->step($canvas, Task::Write, 'Write the name of each month before its dots.', 'across');
        foreach ($share as $i => $month) {
            $name = $label > 4 ? $asked->calendar->monthName($month, $months) : $asked->calendar->names->monthShort($month->month);
            $canvas->words(Layer::Writing, $region->x, $tops[$i] + 1, Fraction::of(4 * $label - 1, 4), 1, $name);
        }
        $here->step($canvas, Task::Write, 'Number the first dot, every fifth, and the last above it.', 'down');
        foreach ($share as $i => $month) {
            foreach (self::numbered($month->days(), $layout['dots']) as $day) {
                [$x, $y] = self::at($region->x, $tops[$i], $layout, $day);
                $canvas->words(Layer::Writing, $x, $y, 1, 1, (string) $day, Align::Middle);
            }
        }
    }

    /**
     * The fewest lines a month, each as long as the page takes it: 31 dots on one, 16 and 15 on two, and so on.
     *
     * @param non-empty-list<Month> $months
     *
     * @return array{lines: int, dots: int, label: int, months: positive-int}|null
     */
    private function arrange(Request $request, Region $region, array $months): ?array
    {
        $room = $region->tall - (new MarkLegend($request, $region))->tall();
        for ($lines = 1; $lines <= 4; ++$lines) {
            $dots = intdiv(self::DAYS + $lines - 1, $lines);
            $label = min(6, $region->wide - $dots);
            if ($label < 3 || $room < 2 * $lines) {
                continue;
            }
            $most = intdiv($room + 1, 2 * $lines + 1);
            $most = max(1, 0 === $most ? intdiv($room, 2 * $lines) : $most);

            return [
                'lines' => $lines,
                'dots' => $dots,
                'label' => $label,
                'months' => Pages::evenly(\count($months), $most, $request->settings->countOrNull('pages') ?? 1),
            ];
        }

        return null;
    }

    /**
     * @param int                                                           $x      the box across where its name begins
     * @param int                                                           $from   the box down where the month begins
     * @param array{lines: int, dots: int, label: int, months: positive-int} $layout
     *
     * @return array{int, int} the box across of a day's dot, and the box down of the figure above it
     */
    private static function at(int $x, int $from, array $layout, int $day): array
    {
        return [$x + $layout['label'] + ($day - 1) % $layout['dots'], $from + 2 * intdiv($day - 1, $layout['dots'])];
    }

    /** @return list<int> */
    private static function numbered(int $days, int $dots): array
    {
        return array_values(array_filter(
            range(1, $days),
            static fn (int $day): bool => 0 === $day % self::FIFTH || $day === $days || 1 === $day % $dots || 1 === $dots,
        ));
    }
}
