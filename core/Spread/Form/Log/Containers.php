<?php

/* A container per month, two, three, four, six or any number to a page; or a column per month. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class Containers implements School
{
    /** Boxes a column per month is wide at least. From memory. */
    private const COLUMN = 4;

    public function __construct(private readonly bool $columns = false)
    {
    }

    public function layOut(Request $request, LogAsked $asked): Laid
    {
        $shares = array_chunk($asked->months, $this->perPage($request, $asked));
        $below = Heading::below($request->grid->down, $request->grid->title);
        $layout = $this->divide($request, $asked, $request->grid->across, $below->left);
        if (null === $layout) {
            return Laid::eachRefused($request->grid, $this->tooMany($request, $asked, $below->left), \count($shares));
        }
        $places = array_map(
            fn (array $months): ?array => $this->places(
                $months,
                $layout,
                Heading::boxes($request->grid->down, $request->grid->title),
                $asked,
            ),
            $shares,
        );

        return Laid::pages(
            $request->grid,
            $places,
            fn (Canvas $canvas, array $on, int $i) => $this->page($canvas, $request, $asked, $layout, $on, 0 === $i),
            array_map(fn (?array $on, int $i): array => match (true) {
                null === $on => [$this->tooMany($request, $asked, $below->left)],
                0 === $i => Heading::findings($request),
                default => [],
            }, $places, array_keys($places)),
        );
    }

    /**
     * @param array{Division, Division}  $layout
     * @param non-empty-list<MonthPlace> $places
     */
    private function page(Canvas $canvas, Request $request, LogAsked $asked, array $layout, array $places, bool $titled): void
    {
        $top = Heading::boxes($canvas->down, $canvas->title);
        [$columns, $rows] = $layout;
        $canvas->working('across', Plural::boxes($columns->size()).' wide', $columns->working());
        $canvas->working('down', Plural::boxes($rows->size()).' tall', Heading::below($canvas->down, $canvas->title).'; '.$rows->working());
        $painter = new LogPainter($canvas, $request, $asked);
        $painter->lines($places);
        $canvas->tickDivision(Edge::Top, $columns, 'across');
        $canvas->tickDivision(Edge::Side, $rows, 'down', $top);
        $painter->ink($places);
        if ($titled) {
            Heading::write($canvas, $request);
        }
        $painter->write($places);
        Closing::page($canvas, 'Count the lines below a month’s name: '.LogPainter::count($places).'.', 'lines');
    }

    /**
     * Months run down the columns, as a year is read.
     *
     * @param list<Month>               $months
     * @param array{Division, Division} $layout
     *
     * @return non-empty-list<MonthPlace>|null
     */
    private function places(array $months, array $layout, int $top, LogAsked $asked): ?array
    {
        [$columns, $rows] = $layout;
        [$across, $down] = [$columns->spans(), $rows->spans()];
        $places = [];
        foreach ($months as $i => $month) {
            $place = MonthPlace::of(
                $month,
                $across[intdiv($i, \count($down))]['from']->floor(),
                $down[$i % \count($down)]['from']->floor() + $top,
                $columns->size(),
                $rows->size(),
                $asked,
            );
            if (null === $place) {
                return null;
            }
            $places[] = $place;
        }

        return [] === $places ? null : $places;
    }

    /** @return array{Division, Division}|null */
    private function divide(Request $request, LogAsked $asked, int $across, int $down): ?array
    {
        $each = $this->perPage($request, $asked);
        if ($this->columns) {
            $columns = Division::of($across, $each);
            $rows = $down < 2 ? null : Division::of($down, 1);

            return null === $columns || null === $rows ? null : [$columns, $rows];
        }
        $wide = min($each, $request->settings->count('columns'));
        $columns = Division::containers($across, $wide);
        $rows = $down < 1 ? null : Division::containers($down, intdiv($each + $wide - 1, $wide));

        return null === $columns || null === $rows ? null : [$columns, $rows];
    }

    /** @return positive-int */
    private function perPage(Request $request, LogAsked $asked): int
    {
        if (!$this->columns) {
            return max(1, $request->settings->count('months_per_page'));
        }

        return Pages::evenly(\count($asked->months), max(1, intdiv($request->grid->across, self::COLUMN)));
    }

    private function tooMany(Request $request, LogAsked $asked, int $down): Finding
    {
        $each = $this->perPage($request, $asked);
        $with = ('none' === $asked->mini ? '' : " with mini months $asked->mini")
            .('frame' === $asked->extra
                ? ' and a frame ('.$asked->frameSays().')'
                : ('none' === $asked->extra ? '' : " and a $asked->extra"));

        return new Finding($request->id, $this->columns
            ? "A column per month$with needs ".self::COLUMN." boxes across and two down; {$request->grid->across} × $down are left."
            : Plural::of($each, 'month', 'months')." a page$with do not fit on {$request->grid->across} × $down boxes with a line each.");
    }
}
