<?php

/*
 * The key: each symbol drawn by strokes, with the states it turns into by adding strokes, and what the colours of the
 * pens stand for. It lays itself out: the roomiest rows that leave room to add, in one column or two, on one page or two.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Key\KeyCheck;
use AmpleMargin\Key\KeyMark;
use AmpleMargin\Key\KeyReader;
use AmpleMargin\Key\StarterKeys;
use AmpleMargin\Key\Stroke;
use AmpleMargin\Key\SymbolSet;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class Legend implements Form, HasLayouts
{
    /** Rows to keep free for symbols to come. From memory. */
    private const ROOM = 4;

    /** Boxes a column needs: the symbol with air round it, and a name. */
    private const NARROWEST = 9;

    public function fields(): array
    {
        return [
            Field::choice('set', 'Symbols to begin with', array_map(static fn (array $about): string => $about[0], StarterKeys::all())),
            Field::count('key_columns', 'Columns', 1, 2),
            Field::flag('colours', 'What the colours stand for', false),
            Field::boxes('row', 'Boxes a row', '2')->unasked(),
            Field::drawn('symbols', 'Symbols'),
        ];
    }

    public function layOut(Request $request): Laid
    {
        $set = $this->set($request);
        $marks = $set->marks();
        ['row' => $row, 'columns' => $columns, 'pages' => $count, 'each' => $each] = $this->arrange($request, \count($marks));
        $shares = [];
        for ($i = 0; $i < $count; ++$i) {
            $share = \array_slice($marks, $i * $each, $each);
            $shares[] = [] === $share ? null : $share;
        }

        return Laid::pages(
            $request->grid,
            $shares,
            fn (Canvas $canvas, array $share, int $i) => $this->page(
                $canvas,
                $request,
                $share,
                $row,
                $columns,
                0 === $i,
                $i === $count - 1,
                \count($marks),
                $each * $count,
            ),
            [[
                ...$this->findings($request, $set, $each * $count, $columns),
                ...(0 === $each || [] === $marks ? [] : Heading::findings($request)),
            ]],
        );
    }

    public function layouts(Request $request): array
    {
        return [
            new Layout('One column, 2 boxes a row', ['key_columns' => 1, 'row' => '2']),
            new Layout('One column, 1½ boxes a row', ['key_columns' => 1, 'row' => '1.5']),
            new Layout('One column, 1 box a row', ['key_columns' => 1, 'row' => '1']),
            new Layout('Two columns, 2 boxes a row', ['key_columns' => 2, 'row' => '2']),
            new Layout('Two columns, 1½ boxes a row', ['key_columns' => 2, 'row' => '1.5']),
        ];
    }

    private function set(Request $request): SymbolSet
    {
        return KeyReader::setting($request->settings->drawn('symbols'))
            ?? StarterKeys::set($request->settings->choice('set'));
    }

    /** @return array{row: Fraction, columns: int, pages: int, each: int} boxes a row, marks a page; each 0 where not one row fits */
    private function arrange(Request $request, int $count): array
    {
        $row = $request->settings->boxesOrNull('row');
        $rows = null === $row ? [Fraction::of(2), Fraction::of(3, 2), Fraction::of(1)] : [$row];
        $wide = $request->settings->countOrNull('key_columns');
        $columns = null === $wide ? [1, 2] : [$wide];
        foreach ([self::ROOM, 0] as $spare) {
            foreach ($rows as $row) {
                foreach ($columns as $wide) {
                    $arranged = $this->with($request, $row, $wide);
                    if ($arranged['each'] >= $count + $spare) {
                        return $arranged;
                    }
                }
            }
        }
        $last = $this->with(
            $request,
            end($rows),
            1 === \count($columns) || $request->grid->across < 2 * self::NARROWEST + 1 ? $columns[0] : 2,
        );

        return 0 === $last['each'] ? $last : ['pages' => min(4, intdiv($count + $last['each'] - 1, $last['each']))] + $last;
    }

    /** @return array{row: Fraction, columns: int, pages: int, each: int} */
    private function with(Request $request, Fraction $row, int $columns): array
    {
        $fits = $request->grid->across >= $columns * self::NARROWEST + $columns - 1;
        $room = Heading::below($request->grid->down, $request->grid->title)->left - $this->foot($request);
        $rows = $fits && $room > 0 ? Fraction::of($room)->dividedBy($row)->floor() : 0;

        return ['row' => $row, 'columns' => $columns, 'pages' => 1, 'each' => $rows * $columns];
    }

    private function foot(Request $request): int
    {
        return $request->settings->flag('colours') ? 1 + (new PenLegend($request->palette, $request->grid->across))->tall() : 0;
    }

    /** @return list<Finding> */
    private function findings(Request $request, SymbolSet $set, int $room, int $wide): array
    {
        $count = \count($set->marks());
        $findings = match (true) {
            0 === $room => [new Finding(
                $request->id,
                'The key needs '
                    .($wide * (self::NARROWEST + 1) - 1)
                    ." boxes across for $wide "
                    .(1 === $wide ? 'column' : 'columns')
                    ." and a row below the title; the page has {$request->grid->across} × {$request->grid->down}.",
            )],
            $room < $count => [new Finding(
                $request->id,
                "The key has $count marks and room for $room. Take fewer boxes a row, or two columns.",
                [Offer::settings($request->id, 'Let the key lay itself out', ['row' => null, 'key_columns' => null])],
            )],
            $room < $count + self::ROOM => [new Finding(
                $request->id,
                'The key leaves '.Plural::of($room - $count, 'row', 'rows').' for symbols to come.',
                [],
                false,
            )],
            default => [],
        };
        if (null !== $request->settings->drawn('symbols')) {
            foreach (KeyCheck::problemsOf($set, $request->grid->pitch) as $problem) {
                $findings[] = new Finding($request->id, $problem->says, [], $problem->stops);
            }
        }

        return $findings;
    }

    /** @param non-empty-list<KeyMark> $marks */
    private function page(
        Canvas $canvas,
        Request $request,
        array $marks,
        Fraction $row,
        int $columns,
        bool $first,
        bool $last,
        int $all,
        int $room,
    ): void {
        $top = Heading::boxes($canvas->down, $canvas->title);
        $across = Division::containers($canvas->across, $columns)
            ?? Division::of($canvas->across, 1)
            ?? throw new \LogicException('Every page is a box wide.');
        $below = Heading::below($canvas->down, $canvas->title)->less($this->foot($request), 'the colours');
        $free = $below->left;
        $rows = max(1, Fraction::of($free)->dividedBy($row)->floor());
        $canvas->working(
            'rows',
            Plural::of($rows, 'row', 'rows').($columns > 1 ? ' a column' : ''),
            "$below; $free ÷ $row a row = "
                .Plural::of($rows, 'row', 'rows')
                .($columns > 1 ? " in $columns columns" : '')
                ."; $all marks, "
                .Plural::of(max(0, $room - $all), 'row', 'rows')
                .' to add',
        );
        if ($columns > 1) {
            $canvas->working('columns', Plural::boxes($across->size()).' wide', $across->working());
            $canvas->tickDivision(Edge::Top, $across, 'columns');
        }
        $legend = new PenLegend($request->palette, $canvas->across);
        $colours = $last && $this->foot($request) > 0;
        if ($colours) {
            $legend->swatches($canvas, 0, $canvas->down - $legend->tall());
        }
        $places = [];
        foreach ($marks as $i => $mark) {
            $places[] = [$mark, $across->spans()[intdiv($i, $rows)]['from']->floor(), $row->times($i % $rows)->plus($top)];
        }
        $this->spare($canvas, $across, $rows, $row, \count($marks), $top);
        $this->strokes($canvas, $places, $row);
        if ($first) {
            Heading::write($canvas, $request);
        }
        $canvas->step(Task::Write, 'Write what each stands for, from the third box of its column.', 'rows');
        foreach ($places as [$mark, $x, $y]) {
            $canvas->words(Layer::Writing, $x + 3, $y, $across->size() - 3, 1, $mark->name);
        }
        if ($colours) {
            $legend->names($canvas, 0, $canvas->down - $legend->tall());
        }
        Closing::page($canvas, 'Check that each state is its symbol with strokes added, so that it can be reached in ink.', 'rows');
    }

    /** Rows left for symbols to come, column by column. */
    private function spare(Canvas $canvas, Division $across, int $rows, Fraction $row, int $used, int $top): void
    {
        foreach ($across->spans() as $column => $span) {
            $taken = min($rows, max(0, $used - $column * $rows));
            if ($taken < $rows) {
                $canvas->room(
                    'rows',
                    'rows to add',
                    $span['from'],
                    $row->times($taken)->plus($top),
                    $across->size(),
                    $row->times($rows - $taken),
                    $row,
                );
            }
        }
    }

    /** @param list<array{KeyMark, int, Fraction}> $places */
    private function strokes(Canvas $canvas, array $places, Fraction $row): void
    {
        $canvas->step(
            Task::Ink,
            'Draw the symbols, one every '
                .($row->equals(1) ? 'box' : Plural::boxes($row))
                .', each in the second box of its column; a state is its symbol with strokes added.',
            'rows',
        );
        foreach ($places as [$mark, $x, $y]) {
            foreach ($mark->strokes as $stroke) {
                $canvas->line(
                    Layer::Ink,
                    self::at($stroke->x)->plus($x + 1),
                    self::at($stroke->y)->plus($y),
                    Fraction::of($stroke->toX - $stroke->x, 5),
                    Fraction::of($stroke->toY - $stroke->y, 5),
                );
            }
        }
    }

    /** A dot of the symbol's grid, which stands four fifths of a box large in the middle of its box. */
    private static function at(int $dot): Fraction
    {
        return Fraction::of(2 * $dot + 5 - Stroke::GRID, 10);
    }
}
