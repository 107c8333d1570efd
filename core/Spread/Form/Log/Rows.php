<?php

/*
 * A row per month across the whole page: dates only, or a column for every category, so that a dull appointment
 * does not hide a good day. The same rows make the section for next year.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Listed;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Cells;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Table;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class Rows implements School
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

    public function layOut(Request $request, LogAsked $asked): Laid
    {
        $shares = $this->shares($request, $asked->months);

        return $this->rows(
            $request,
            $asked,
            $shares,
            array_map(static fn (int $i): ?string => 0 === $i ? $request->title : null, array_keys($shares)),
        );
    }

    /** A page of its own for the months after the last one, which fills up towards the end of the year. */
    public static function nextYear(Request $request, LogAsked $asked): Laid
    {
        $year = $asked->last()->year + 1;

        return (new self())->rows($request, $asked, [(new Month($year, 1))->run(12)], [(string) $year]);
    }

    /**
     * @param list<non-empty-list<Month>> $shares
     * @param list<string|null>           $titles of each page; null for none
     */
    private function rows(Request $request, LogAsked $asked, array $shares, array $titles): Laid
    {
        $pages = array_map(fn (array $months): ?array => $this->divide($request, $asked, \count($months)), $shares);
        $findings = [];
        foreach (array_keys($shares) as $i) {
            $findings[$i] = match (true) {
                null === $pages[$i] => [$this->tooMany($request)],
                null === $titles[$i] => [],
                default => Heading::findings($request, $titles[$i]),
            };
        }
        array_push($findings[0], ...$this->withoutColumn($request));

        return Laid::pages(
            $request->grid,
            $pages,
            fn (Canvas $canvas, array $divided, int $i) => $this->page($canvas, $request, $asked, $divided, $shares[$i], $titles[$i]),
            $findings,
        );
    }

    /** @return array{Division, Division}|null columns beside the names, and rows; null where no line is left */
    private function divide(Request $request, LogAsked $asked, int $months): ?array
    {
        $below = $this->below($request->grid->down, $request->grid->title)->left;
        $columns = Division::of($request->grid->across - self::name($request->grid->across), \count($this->categories($request)));
        $rows = $below < 1 ? null : Division::of($below, $months, 0, Remainder::After);

        return null === $columns || null === $rows || $columns->size() < self::CATEGORY || $asked->line->compare($rows->size()) > 0
            ? null
            : [$columns, $rows];
    }

    private function below(int $down, ?int $title): Subtraction
    {
        return Heading::below($down, $title)->less($this->byCategory ? 1 : 0, 'the categories');
    }

    /**
     * By category half the months stand on each page of an opening; dates only on as few pages as it takes.
     *
     * @param list<Month> $months
     *
     * @return list<non-empty-list<Month>>
     */
    private function shares(Request $request, array $months): array
    {
        $room = $this->below($request->grid->down, $request->grid->title)->left;
        $most = max(1, intdiv($room, $this->byCategory ? 3 : 2));
        $each = $this->byCategory ? min($most, $request->settings->count('months_per_page')) : $most;

        return array_chunk($months, Pages::evenly(\count($months), $each));
    }

    /**
     * @param array{Division, Division} $divided
     * @param non-empty-list<Month>     $months
     * @param string|null               $title   null for none
     */
    private function page(Canvas $canvas, Request $request, LogAsked $asked, array $divided, array $months, ?string $title): void
    {
        $top = Heading::boxes($canvas->down, $canvas->title);
        $head = $this->byCategory ? 1 : 0;
        $categories = $this->categories($request);
        $name = self::name($canvas->across);
        [$columns, $rows] = $divided;
        $from = $top + $head + $rows->before;
        $lines = Fraction::of($rows->size())->dividedBy($asked->line)->floor();
        $canvas->working(
            'across',
            Plural::boxes($columns->size()).' wide',
            Subtraction::from($canvas->across)->less($name, 'the names').'; '.$columns->working(),
        );
        $canvas->working(
            'down',
            Plural::boxes($rows->size()).' tall',
            $this->below($canvas->down, $canvas->title).'; '.$rows->working(),
        );
        $canvas->working(
            'lines',
            self::lines($lines).' a month'.($this->byCategory ? ' and category' : ''),
            Plural::boxes($rows->size())." ÷ $asked->line a line = ".self::lines($lines).' of '.Plural::boxes($columns->size()),
        );
        $left = $name + $columns->before;
        $table = new Table(
            new Cells($left, $from, \count($categories), $columns->size(), \count($months), $rows->size()),
            $name,
        );
        $ends = array_map(static fn (int $column): Fraction => $table->cells->across($column), range(0, \count($categories)));
        $canvas->tickAll(
            Edge::Top,
            array_values(array_filter($ends, static fn (Fraction $at): bool => $at->compare($canvas->across) < 0)),
            "names $name, then {$columns->run()}",
            'across',
        );
        $canvas->tickDivision(Edge::Side, $rows, 'down', $top + $head);
        $canvas->cells(0, $from, $name, $table->cells->height());
        $this->ink($canvas, $asked, $table);
        foreach ($months as $i => $month) {
            foreach (array_keys($categories) as $j) {
                $table->cells->room($canvas, $month->iso(), $request->calendar->names->monthAndYear($month), $j, $i, $asked->line);
            }
        }
        if (null !== $title) {
            Heading::writeIn($canvas, $request, new Region(0, 0, $canvas->across, $canvas->down), $title);
        }
        $canvas->step(Task::Write, 'Write the name of each month at the start of its row.', 'down');
        $table->names($canvas, $this->names($request, $months), 1);
        if ($head > 0) {
            $canvas->step(Task::Write, 'Write the categories above their columns.', 'across');
            $table->headings($canvas, $categories);
        }
        Closing::page(
            $canvas,
            'Count the rows: '
                .Plural::of(\count($months), 'month', 'months')
                .' of '
                .Plural::boxes($rows->size())
                .', '
                .Plural::boxes($table->cells->width())
                .' of lines.',
            'down',
        );
    }

    private function ink(Canvas $canvas, LogAsked $asked, Table $table): void
    {
        $cells = $table->cells;
        $canvas->step(
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
            $canvas->step(Task::Ink, 'Rule the lines to write on, one every '.Plural::boxes($asked->line).'.', 'lines');
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

    private function tooMany(Request $request): Finding
    {
        $categories = $this->categories($request);
        $name = self::name($request->grid->across);
        $fit = max(1, intdiv($request->grid->across - $name, self::CATEGORY));
        $says = \count($categories)
            .(1 === \count($categories) ? ' column' : ' categories')
            .' of at least '
            .self::CATEGORY
            ." boxes beside $name for the names do not fit on "
            .Plural::boxes($request->grid->across)
            .', or no line is left down the page.';

        return new Finding($request->id, $says.($this->byCategory ? " $fit would fit across." : ''));
    }
}
