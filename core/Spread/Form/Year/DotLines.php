<?php

/* Dot lines: a line of 28 to 31 dots a month, days to be ringed or crossed, every fifth numbered so that nobody recounts. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

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
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form\MarkLegend;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class DotLines implements Way
{
    private const DAYS = 31;
    private const FIFTH = 5;

    public function layOut(Request $request, array $months): Laid
    {
        $legend = new MarkLegend($request);
        $layout = $this->arrange($request, $months);
        if (null === $layout) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                "A month's dot line needs at least 3 boxes for its name and 8 for dots, on lines of 2 boxes; {$request->grid->across} × "
                    .Heading::below($request->grid->down, $request->grid->title)->left
                    .' boxes are left below the title.',
            ));
        }

        return Laid::pages(
            $request->grid,
            array_chunk($months, $layout['months']),
            fn (Canvas $canvas, array $share, int $i) => $this->page($canvas, $request, $layout, $share, $months, 0 === $i),
            [[...$legend->tooMany(), ...Heading::findings($request)]],
        );
    }

    /**
     * The fewest lines a month, each as long as the page takes it: 31 dots on one, 16 and 15 on two, and so on.
     *
     * @param non-empty-list<Month> $months
     *
     * @return array{lines: int, dots: int, label: int, months: positive-int}|null
     */
    private function arrange(Request $request, array $months): ?array
    {
        $room = Heading::below($request->grid->down, $request->grid->title)->left - (new MarkLegend($request))->tall();
        for ($lines = 1; $lines <= 4; ++$lines) {
            $dots = intdiv(self::DAYS + $lines - 1, $lines);
            $label = min(6, $request->grid->across - $dots);
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
     * @param array{lines: int, dots: int, label: int, months: positive-int} $layout
     * @param non-empty-list<Month>                                         $share
     * @param non-empty-list<Month>                                         $months
     */
    private function page(Canvas $canvas, Request $request, array $layout, array $share, array $months, bool $titled): void
    {
        ['lines' => $lines, 'dots' => $dots, 'label' => $label] = $layout;
        $top = Heading::boxes($canvas->down, $canvas->title);
        $legend = new MarkLegend($request);
        $spans = ($down = Division::ofSize(
            $canvas->down - $top - $legend->tall(),
            \count($share),
            2 * $lines,
            0,
        ) ?? throw new \LogicException('As many months as fit are put on a page.'))->spans();
        $canvas->working(
            'down',
            2 * $lines.' boxes a month',
            (1 === $lines ? 'one line' : "$lines lines")
                ." of at most $dots dots, each with a row above it for its figures; "
                .$down->working(),
        );
        $canvas->working(
            'across',
            "$dots dots a line",
            Plural::boxes($label)." for the names + $dots dots, one a box = ".($label + $dots)." of $canvas->across",
        );
        $canvas->tickAll(Edge::Top, [$label], "names $label, then the dots", 'across');
        $canvas->tickDivision(Edge::Side, $down, 'down', $top);
        $canvas->step(Task::Ink, 'Dot a line for each month: as many dots as it has days.', 'across');
        foreach ($share as $i => $month) {
            for ($day = 1; $day <= $month->days(); ++$day) {
                [$x, $y] = self::at($spans[$i]['from']->floor() + $top, $layout, $day);
                $canvas->day(\sprintf('%s-%02d', $month->iso(), $day), $x, $y + 1, 1, 1);
                $canvas->ring(Layer::Ink, Fraction::of(3 * $x + 1, 3), Fraction::of(3 * $y + 4, 3), Fraction::of(1, 3), Fraction::of(1, 3));
            }
        }
        $legend->marks($canvas);
        if ($titled) {
            Heading::write($canvas, $request);
        }
        $legend->names($canvas);
        $canvas->step(Task::Write, 'Write the name of each month before its dots.', 'across');
        foreach ($share as $i => $month) {
            $name = $label > 4 ? YearMonths::name($request, $month, $months) : $request->calendar->names->monthShort($month->month);
            $canvas->words(Layer::Writing, 0, $spans[$i]['from']->plus($top + 1), Fraction::of(4 * $label - 1, 4), 1, $name);
        }
        $canvas->step(Task::Write, 'Number the first dot, every fifth, and the last above it.', 'down');
        foreach ($share as $i => $month) {
            foreach (self::numbered($month->days(), $dots) as $day) {
                [$x, $y] = self::at($spans[$i]['from']->floor() + $top, $layout, $day);
                $canvas->words(Layer::Writing, $x, $y, 1, 1, (string) $day, Align::Middle);
            }
        }
        Closing::page($canvas, 'The last figure of each line is the number of days of its month.', 'down');
    }

    /**
     * @param int                                                           $from   the box down where the month begins
     * @param array{lines: int, dots: int, label: int, months: positive-int} $layout
     *
     * @return array{int, int} the box across of a day's dot, and the box down of the figure above it
     */
    private static function at(int $from, array $layout, int $day): array
    {
        return [$layout['label'] + ($day - 1) % $layout['dots'], $from + 2 * intdiv($day - 1, $layout['dots'])];
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
