<?php

/*
 * A row per month across the whole page: dates only, or a column for every category, so that a dull appointment
 * does not hide a good day. The same rows make the section for next year.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Listed;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\RuledTable;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Pages;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class MonthRows implements LogSchool
{
    /** Boxes the names take, and what a category needs at least. From memory. */
    private const NAME = 4;
    private const CATEGORY = 4;

    /** Columns of categories. From memory. */
    private const MOST = 8;

    /** Columns that fit beside the names. */
    public static function mostCategories(int $across): int
    {
        return intdiv($across - self::name($across), self::CATEGORY);
    }

    private static function name(int $across): int
    {
        return min(self::NAME, intdiv($across, 3));
    }

    /** @param bool $byCategory a column for each of the setting "categories" */
    public function __construct(private readonly bool $byCategory = false)
    {
    }

    public function fill(Request $asked, Region $region, LogAsked $log, int $page): Filled
    {
        $shares = $this->shares($asked, $region, $log->months);
        $months = $shares[$page] ?? throw new \LogicException("There is no page $page.");
        $divided = $this->divide($asked, $region, $log, \count($months));
        $next = isset($shares[$page + 1]) ? $page + 1 : null;
        $findings = 0 === $page ? $this->withoutColumn($asked) : [];

        if (0 === $page && null !== $divided) {
            array_push($findings, ...TooLong::in($asked, $this->categories($asked), $divided[0]->size(), 'a category’s column'));
        }

        return null === $divided
            ? new Filled(findings: [$this->tooMany($asked, $region), ...$findings], next: $next)
            : $this->page($asked, $region, $log, $divided, $months, $findings, $next);
    }

    /** @return array{Division, Division}|null columns beside the names, and rows; null where no line is left */
    private function divide(Request $request, Region $region, LogAsked $asked, int $months): ?array
    {
        $below = $this->below($region)->left;
        $columns = Division::of($region->wide - self::name($region->wide), \count($this->categories($request)));
        $rows = $below < 1 ? null : Division::of($below, $months, 0, Remainder::After);

        return null === $columns || null === $rows || $columns->size() < self::CATEGORY || $asked->line->compare($rows->size()) > 0
            ? null
            : [$columns, $rows];
    }

    private function below(Region $region): Subtraction
    {
        return $region->sum()->less($this->byCategory ? 1 : 0, 'the categories');
    }

    /**
     * By category half the months stand on each page of an opening; dates only on as few pages as it takes.
     *
     * @param list<Month> $months
     *
     * @return list<non-empty-list<Month>>
     */
    private function shares(Request $request, Region $region, array $months): array
    {
        $room = $this->below($region)->left;
        $most = max(1, intdiv($room, $this->byCategory ? 3 : 2));
        $each = $this->byCategory ? min($most, $request->settings->count('months_per_page')) : $most;

        return array_chunk($months, Pages::evenly(\count($months), $each));
    }

    /**
     * @param array{Division, Division} $divided
     * @param non-empty-list<Month>     $months
     * @param list<Finding>             $findings
     */
    private function page(
        Request $asked,
        Region $region,
        LogAsked $log,
        array $divided,
        array $months,
        array $findings,
        ?int $next,
    ): Filled {
        [$columns, $rows] = $divided;
        $head = $this->byCategory ? 1 : 0;
        $categories = $this->categories($asked);
        $name = self::name($region->wide);
        $from = $region->y + $head + $rows->before;
        $lines = Fraction::of($rows->size())->dividedBy($log->line)->floor();
        $left = $region->x + $name + $columns->before;
        $cells = new CellGrid($left, $from, \count($categories), $columns->size(), \count($months), $rows->size());
        $table = new RuledTable($cells, $name, $region->x);
        $here = new FromHere($asked, $region, 'the future log');

        return new Filled(
            ticks: $here->ticks([
                new EdgeTicks(
                    Edge::Top,
                    array_map(static fn (int $column): Fraction => $cells->across($column), range(0, \count($categories))),
                    "names $name, then {$columns->run()}",
                    'across',
                ),
                EdgeTicks::division(Edge::Side, $rows, 'down', $region->y + $head),
            ]),
            workings: fn (): array => [
                new Working(
                    $here->note('across'),
                    Plural::boxes($columns->size()).' wide',
                    Subtraction::from($region->wide)->less($name, 'the names').'; '.$columns->working(),
                ),
                new Working($here->note('down'), Plural::boxes($rows->size()).' tall', $this->below($region).'; '.$rows->working()),
                new Working(
                    $here->note('lines'),
                    self::lines($lines).' a month'.($this->byCategory ? ' and category' : ''),
                    Plural::boxes($rows->size())." ÷ $log->line a line = ".self::lines($lines).' of '.Plural::boxes($columns->size()),
                ),
            ],
            findings: $findings,
            layers: new Layers(
                ink: function (Canvas $canvas) use ($asked, $region, $here, $log, $table, $cells, $months, $categories, $name, $from): void {
                    $canvas->cells($region->x, $from, $name, $cells->height());
                    $this->ink($canvas, $here, $log, $table);
                    foreach ($months as $i => $month) {
                        foreach (array_keys($categories) as $j) {
                            $cells->room($canvas, $month->iso(), $asked->calendar->names->monthAndYear($month), $j, $i, $log->line);
                        }
                    }
                },
                write: function (Canvas $canvas) use ($asked, $here, $table, $months, $categories, $head): void {
                    $here->step($canvas, Task::Write, 'Write the name of each month at the start of its row.', 'down');
                    $table->names($canvas, $this->names($asked, $months), 1);
                    if ($head > 0) {
                        $here->step($canvas, Task::Write, 'Write the categories above their columns.', 'across');
                        $table->headings($canvas, $categories);
                    }
                },
            ),
            check: new Check('Count the rows: '
                            .Plural::of(\count($months), 'month', 'months')
                            .' of '
                            .Plural::boxes($rows->size())
                            .', '
                            .Plural::boxes($cells->width())
                            .' of lines.', $here->note('down')),
            next: $next,
        );
    }

    private function ink(Canvas $canvas, FromHere $here, LogAsked $asked, RuledTable $table): void
    {
        $cells = $table->cells;
        $here->step(
            $canvas,
            Task::Ink,
            'Rule '
                .($cells->rows + 1)
                .' lines across, one every '
                .($cells->tall->equals(1) ? 'box' : Plural::boxes($cells->tall))
                .(1 === $cells->columns ? '' : ', and '.($cells->columns + 1).' down')
                .'.',
            'down',
        );
        1 === $cells->columns ? $table->ruleRows($canvas) : $table->rule($canvas);
        if ($asked->ruled) {
            $here->step($canvas, Task::Ink, 'Rule the lines to write on, one every '.Plural::boxes($asked->line).'.', 'lines');
            for ($row = 0; $row < $cells->rows; ++$row) {
                for ($line = $asked->line; $line->compare($cells->tall) < 0; $line = $line->plus($asked->line)) {
                    $canvas->line(Layer::Ink, $cells->x, $line->plus($cells->down($row)), $cells->width(), 0);
                }
            }
        }
    }

    /**
     * @param non-empty-list<Month> $months
     *
     * @return list<string> with the year where they are of more than one
     */
    private function names(Request $request, array $months): array
    {
        $one = $months[0]->year === $months[\count($months) - 1]->year;

        return array_map(
            static fn (Month $month): string => $request->calendar->names->monthShort($month->month).($one ? '' : " $month->year"),
            $months,
        );
    }

    private static function lines(int $count): string
    {
        return $count.(1 === $count ? ' line' : ' lines');
    }

    /** @return non-empty-list<string> one without a name where the rows are of dates only */
    private function categories(Request $request): array
    {
        if (!$this->byCategory) {
            return [''];
        }
        $named = \array_slice($request->settings->lines('categories'), 0, self::MOST);

        return [] === $named ? ['…'] : $named;
    }

    /** @return list<Finding> categories beyond those that have a column */
    private function withoutColumn(Request $request): array
    {
        $more = $this->byCategory ? \array_slice($request->settings->lines('categories'), self::MOST) : [];

        return [] === $more ? [] : [new Finding(
            $request->id,
            'More than '.self::MOST.' columns are not read across: '.Plural::of(\count($more), 'category has', 'categories have').' none, '
                .Listed::all(array_map(Heading::quoted(...), $more)).'. What is known of '.(1 === \count($more) ? 'it' : 'them')
                .' stands in the last column.',
            [],
            false,
        )];
    }

    private function tooMany(Request $request, Region $region): Finding
    {
        $categories = $this->categories($request);
        $name = self::name($region->wide);
        $fit = max(1, intdiv($region->wide - $name, self::CATEGORY));
        $says = \count($categories)
            .(1 === \count($categories) ? ' column' : ' categories')
            .' of at least '
            .self::CATEGORY
            ." boxes beside $name for the names do not fit on "
            .Plural::boxes($region->wide)
            .', or no line is left down the page.';

        return new Finding($request->id, $says.($this->byCategory ? " $fit would fit across." : ''));
    }
}
