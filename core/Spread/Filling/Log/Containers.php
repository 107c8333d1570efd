<?php

/* A container per month, two, three, four, six or any number to a page; or a column per month. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
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
final class Containers implements LogSchool
{
    /** Boxes a column per month is wide at least. From memory. */
    private const COLUMN = 4;

    public function __construct(private readonly bool $columns = false)
    {
    }

    public function fill(Request $asked, Region $region, LogAsked $log, int $page): Filled
    {
        $shares = $this->shares($asked, $region, $log);
        [$months, $each] = $shares[$page];
        $layout = $this->divide($asked, $region, $each);
        $next = isset($shares[$page + 1]) ? $page + 1 : null;
        $places = null === $layout ? null : MonthPlace::alike(
            $log,
            fn (array $photo): ?array => $this->places($months, $layout, $region, $log, $photo),
        )[0] ?? null;
        if (null === $layout || null === $places || [] === $places) {
            return new Filled(findings: [$this->tooMany($asked, $region, $log, $each)], next: $next);
        }
        [$columns, $rows] = $layout;
        $here = new FromHere($asked, $region, 'the future log');
        $painter = static fn (Canvas $canvas): LogPainter => new LogPainter($canvas, $asked, $log, $here);

        return new Filled(
            ticks: $here->ticks([
                EdgeTicks::division(Edge::Top, $columns, 'across', $region->x),
                EdgeTicks::division(Edge::Side, $rows, 'down', $region->y),
            ]),
            workings: static fn (): array => [
                new Working($here->note('across'), Plural::boxes($columns->size()).' wide', $columns->working()),
                new Working($here->note('down'), Plural::boxes($rows->size()).' tall', $region->sum().'; '.$rows->working()),
                ...LogPainter::lines($asked->calendar->names, $places, $here),
            ],
            layers: new Layers(
                pencil: null !== $log->mini->stuck ? static fn (Canvas $canvas) => $painter($canvas)->pencil($places) : null,
                ink: static fn (Canvas $canvas) => $painter($canvas)->ink($places),
                write: static fn (Canvas $canvas) => $painter($canvas)->write($places),
            ),
            check: new Check('Count the lines below a month’s name: '.LogPainter::count($places).'.', $here->note('lines')),
            next: $next,
        );
    }

    /**
     * Pages, each with its months and how many it has room for: those behind the first may stand closer.
     *
     * @return list<array{non-empty-list<Month>, positive-int}>
     */
    private function shares(Request $asked, Region $region, LogAsked $log): array
    {
        $each = $this->perPage($asked, $region, $log);
        $then = $this->columns ? null : $asked->settings->countOrNull('then_a_page');
        $first = null === $then ? \count($log->months) : $asked->settings->countOrNull('mini_for') ?? $each;

        return [
            ...self::paged(\array_slice($log->months, 0, max(1, $first)), $each),
            ...self::paged(\array_slice($log->months, max(1, $first)), max(1, $then ?? 1)),
        ];
    }

    /**
     * @param list<Month>  $months
     * @param positive-int $each   a page
     *
     * @return list<array{non-empty-list<Month>, positive-int}>
     */
    private static function paged(array $months, int $each): array
    {
        return array_map(static fn (array $some): array => [$some, $each], array_chunk($months, $each));
    }

    /**
     * Months run down the columns, as a year is read, or along the rows.
     *
     * @param list<Month>               $months
     * @param array{Division, Division} $layout
     * @param array{int, int, bool}     $photo
     *
     * @return array{non-empty-list<MonthPlace>}|null
     */
    private function places(array $months, array $layout, Region $region, LogAsked $log, array $photo): ?array
    {
        [$columns, $rows] = $layout;
        [$across, $down] = [$columns->spans(), $rows->spans()];
        $places = [];
        foreach ($months as $i => $month) {
            [$column, $row] = $log->along
                ? [$i % \count($across), intdiv($i, \count($across))]
                : [intdiv($i, \count($down)), $i % \count($down)];
            $place = MonthPlace::of(
                $month,
                new Region(
                    $across[$column]['from']->floor() + $region->x,
                    $down[$row]['from']->floor() + $region->y,
                    $columns->size(),
                    $rows->size(),
                ),
                $log,
                $photo,
            );
            if (null === $place) {
                return null;
            }
            $places[] = $place;
        }

        return [] === $places ? null : [$places];
    }

    /** @return array{Division, Division}|null */
    private function divide(Request $request, Region $region, int $each): ?array
    {
        [$across, $down] = [$region->wide, $region->tall];
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
    private function perPage(Request $request, Region $region, LogAsked $log): int
    {
        if (!$this->columns) {
            return max(1, $request->settings->count('months_per_page'));
        }

        return Pages::evenly(\count($log->months), max(1, intdiv($region->wide, self::COLUMN)));
    }

    private function tooMany(Request $request, Region $region, LogAsked $log, int $each): Finding
    {
        $with = $log->mini->says().$log->with->says();

        return new Finding($request->id, $this->columns
            ? "A column per month$with needs ".self::COLUMN." boxes across and two down; $region->wide × $region->tall are left."
            : Plural::of($each, 'month', 'months')." a page$with do not fit on $region->wide × $region->tall boxes with a line each.");
    }
}
