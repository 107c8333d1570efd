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
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Request;

final class Rows implements School
{
    /** Boxes the names take, and what a category needs at least. From memory. */
    private const NAME = 4;
    private const CATEGORY = 4;

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

        return $this->rows($request, $asked, $shares, array_map(static fn (int $i): ?string => 0 === $i ? $request->title : null, array_keys($shares)));
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
        $below = $this->below($request->grid->down)->left;
        $columns = Division::of($request->grid->across - self::name($request->grid->across), \count($this->categories($request)));
        $rows = $below < 1 ? null : Division::of($below, $months, 0, Remainder::After);

        return null === $columns || null === $rows || $columns->size() < self::CATEGORY || $asked->line->compare($rows->size()) > 0
            ? null
            : [$columns, $rows];
    }

    private function below(int $down): Subtraction
    {
        return Heading::below($down)->less($this->byCategory ? 1 : 0, 'the categories');
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
        $room = $this->below($request->grid->down)->left;
        $most = max(1, intdiv($room, $this->byCategory ? 3 : 2));
        $each = $this->byCategory ? min($most, $request->settings->count('months_per_page')) : $most;

        return array_chunk($months, Pages::evenly(\count($months), $each));
    }

    /**
     * @param array{Division, Division} $divided
     * @param list<Month>               $months
     * @param string|null               $title   null for none
     */
    private function page(Canvas $canvas, Request $request, LogAsked $asked, array $divided, array $months, ?string $title): void
    {
        $top = Heading::boxes($canvas->down);
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
            $this->below($canvas->down).'; '.$rows->working(),
        );
        $canvas->working(
            'lines',
            self::lines($lines).' a month'.($this->byCategory ? ' and category' : ''),
            Plural::boxes($rows->size())." ÷ $asked->line a line = ".self::lines($lines).' of '.Plural::boxes($columns->size()),
        );
        $left = $name + $columns->before;
        $wide = \count($categories) * $columns->size();
        $canvas->tickAll(
            Edge::Top,
            array_values(array_filter(
                array_map(static fn (int $i): int => $left + $i * $columns->size(), range(0, \count($categories))),
                static fn (int $at): bool => $at < $canvas->across,
            )),
            "names $name, then {$columns->run()}",
            'across',
        );
        $canvas->tickDivision(Edge::Side, $rows, 'down', $top + $head);
        $canvas->cells(0, $from, $name, \count($months) * $rows->size());
        $this->ink($canvas, $asked, $from, $rows->size(), \count($months), $left, $columns->size(), \count($categories));
        foreach ($months as $i => $month) {
            foreach (array_keys($categories) as $j) {
                $canvas->room(
                    $month->iso(),
                    $request->calendar->names->monthAndYear($month),
                    $left + $j * $columns->size(),
                    $from + $i * $rows->size(),
                    $columns->size(),
                    $rows->size(),
                    $asked->line,
                );
            }
        }
        if (null !== $title) {
            Heading::write($canvas, $request, $title);
        }
        $this->write($canvas, $request, $asked, $months, $name, $from, $rows->size());
        if ($head > 0) {
            $canvas->step(Task::Write, 'Write the categories above their columns.', 'across');
            foreach ($categories as $j => $category) {
                $canvas->words(Layer::Writing, $left + $j * $columns->size(), $from - 1, $columns->size(), 1, $category, Align::Middle);
            }
        }
        Closing::page(
            $canvas,
            'Count the rows: '
                .Plural::of(\count($months), 'month', 'months')
                .' of '
                .Plural::boxes($rows->size())
                .', '
                .Plural::boxes($wide)
                .' of lines.',
            'down',
        );
    }

    private function ink(Canvas $canvas, LogAsked $asked, int $from, int $tall, int $months, int $left, int $wide, int $categories): void
    {
        $canvas->step(
            Task::Ink,
            'Rule '
                .($months + 1)
                .' lines across, one every '
                .(1 === $tall ? 'box' : Plural::boxes($tall))
                .(1 === $categories ? '' : ', and '.($categories + 1).' down')
                .'.',
            'down',
        );
        for ($i = 0; $i <= $months; ++$i) {
            $canvas->line(Layer::Ink, 0, $from + $i * $tall, $left + $categories * $wide, 0);
        }
        for ($j = 0; $categories > 1 && $j <= $categories; ++$j) {
            $canvas->line(Layer::Ink, $left + $j * $wide, $from, 0, $months * $tall);
        }
        if ($asked->ruled) {
            $canvas->step(Task::Ink, 'Rule the lines to write on, one every '.Plural::boxes($asked->line).'.', 'lines');
            for ($i = 0; $i < $months; ++$i) {
                for ($line = $asked->line; $line->compare($tall) < 0; $line = $line->plus($asked->line)) {
                    $canvas->line(Layer::Ink, $left, $line->plus($from + $i * $tall), $categories * $wide, 0);
                }
            }
        }
    }

    /** @param list<Month> $months */
    private function write(Canvas $canvas, Request $request, LogAsked $asked, array $months, int $name, int $from, int $tall): void
    {
        $canvas->step(Task::Write, 'Write the name of each month at the start of its row.', 'down');
        $one = (false !== end($months)) && $months[0]->year === end($months)->year;
        foreach ($months as $i => $month) {
            $canvas->words(
                Layer::Writing,
                0,
                $from + $i * $tall,
                Fraction::of(4 * $name - 1, 4),
                1,
                $one ? $request->calendar->names->monthShort($month->month) : $request->calendar->names->monthShort($month->month).' '.$month->year,
            );
        }
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
        $named = \array_slice($request->settings->lines('categories'), 0, 8);

        return [] === $named ? ['…'] : $named;
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
