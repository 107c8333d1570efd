<?php

/* The marks of a key and what they stand for, in one column or two, with rows for those to come; the colours of the pens below. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Key\KeyCheck;
use AmpleMargin\Key\KeyMark;
use AmpleMargin\Key\KeyReader;
use AmpleMargin\Key\StarterKeys;
use AmpleMargin\Key\Stroke;
use AmpleMargin\Key\SymbolSet;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\Layout;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

final class KeyMarks implements Filling, HasLayouts, GivesWay
{
    /** Whether its symbols are its own, as those of the key itself are, or those of the book's key. */
    public const WHOSE = 'symbols_of';
    public const OWN = 'own';

    /** Rows to keep free for symbols to come. From memory. */
    private const ROOM = 4;

    /** Boxes a column needs: the symbol with air round it, and a name; and of two rows. */
    private const NARROWEST = 9;
    private const TALL = 2;

    /** Pages one takes at most where its marks do not fit. */
    private const MOST_PAGES = 4;

    public function name(): string
    {
        return 'Key';
    }

    public function purpose(): string
    {
        return 'The marks of the book’s key, and what they mean.';
    }

    public function fields(): array
    {
        return [
            Field::choice(self::WHOSE, 'Symbols', ['book' => 'of the book’s key', self::OWN => 'its own']),
            Field::choice('set', 'Symbols to begin with', array_map(static fn (array $about): string => $about[0], StarterKeys::all()))
                ->when(self::WHOSE, [self::OWN]),
            Field::count('key_columns', 'Columns', 1, 2),
            Field::flag('colours', 'What the colours stand for', false)->when(self::WHOSE, [self::OWN]),
            Field::boxes('row', 'Boxes a row', '2')->unasked(),
            Field::drawn('symbols', 'Symbols'),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return self::NARROWEST;
    }

    public function least(Request $asked, int $wide): int
    {
        return self::TALL;
    }

    public function tall(Request $asked, int $wide): int
    {
        return 5 * self::TALL;
    }

    public function ways(Request $asked, Region $region): array
    {
        return [['say' => 'Let the key lay itself out', 'settings' => ['row' => null, 'key_columns' => null]]];
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

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $own = self::OWN === $asked->settings->choice(self::WHOSE);
        $settings = $own ? $asked->settings : new Settings(
            [self::WHOSE => self::OWN] + $asked->settings->over([], ['key_columns' => 'key_columns']) + $asked->book->key,
            $this->fields(),
        );
        $asked = $asked->asking($settings);
        $set = KeyReader::setting($settings->drawn('symbols')) ?? StarterKeys::set($settings->choice('set'));
        $marks = $set->marks();
        ['row' => $row, 'columns' => $columns, 'pages' => $pages, 'each' => $each] = $this->arrange($asked, $region, \count($marks));
        $findings = 0 === $from ? $this->findings($asked, $region, $set, $each * $pages, $columns) : [];
        $here = \array_slice($marks, $from * $each, $each);
        if (0 === $each || [] === $here) {
            return new Filled(findings: $findings);
        }
        $across = Division::containers($region->wide, $columns)
            ?? Division::of($region->wide, 1)
            ?? throw new \LogicException('Every part is a box wide.');
        $rows = max(1, Fraction::of($region->tall - $this->foot($asked, $region))->dividedBy($row)->floor());
        $places = [];
        foreach ($here as $i => $mark) {
            $x = $region->x + $across->spans()[intdiv($i, $rows)]['from']->floor();
            $places[] = [$mark, $x, $row->times($i % $rows)->plus($region->y)];
        }
        $counted = new FromHere($asked, $region, 'the key');
        $legend = new PenLegend($asked->palette, $region->wide);
        $last = $from === $pages - 1 && $this->foot($asked, $region) > 0;
        $foot = $region->y + $region->tall - $legend->tall();

        return new Filled(
            ticks: $columns > 1 ? $counted->ticks([EdgeTicks::division(Edge::Top, $across, 'columns', $region->x)]) : [],
            workings: fn (): array => [
                new Working($counted->note('rows'), ...$this->working($asked, $region, $row, $columns, \count($marks), $each * $pages)),
                ...$columns > 1 ? [new Working($counted->note('columns'), Plural::boxes($across->size()).' wide', $across->working())] : [],
            ],
            findings: $findings,
            layers: new Layers(
                band: static function (Canvas $canvas) use ($legend, $region, $foot, $last, $counted): void {
                    if ($last) {
                        $legend->swatches($canvas, $region->x, $foot, $counted);
                    }
                },
                ink: function (Canvas $canvas) use ($across, $region, $rows, $row, $here, $places, $counted): void {
                    $this->spare($canvas, $across, $region, $rows, $row, \count($here));
                    $this->strokes($canvas, $places, $row, $counted);
                },
                write: static function (Canvas $canvas) use ($places, $across, $legend, $region, $foot, $last, $counted): void {
                    $counted->step($canvas, Task::Write, 'Write what each stands for, from the third box of its column.', 'rows');
                    foreach ($places as [$mark, $x, $y]) {
                        $canvas->words(Layer::Writing, $x + 3, $y, $across->size() - 3, 1, $mark->name);
                    }
                    if ($last) {
                        $legend->names($canvas, $region->x, $foot, $counted);
                    }
                },
            ),
            check: new Check(
                'Check that each state is its symbol with strokes added, so that it can be reached in ink.',
                $counted->note('rows'),
            ),
            next: $from + 1 < $pages ? $from + 1 : null,
        );
    }

    /** @return array{string, string} figure and arithmetic */
    private function working(Request $asked, Region $region, Fraction $row, int $columns, int $all, int $room): array
    {
        $below = $region->sum()->less($this->foot($asked, $region), 'the colours');
        $rows = max(1, Fraction::of($below->left)->dividedBy($row)->floor());

        return [
            Plural::of($rows, 'row', 'rows').($columns > 1 ? ' a column' : ''),
            "$below; $below->left ÷ $row a row = "
                .Plural::of($rows, 'row', 'rows')
                .($columns > 1 ? " in $columns columns" : '')
                ."; $all marks, "
                .Plural::of(max(0, $room - $all), 'row', 'rows')
                .' to add',
        ];
    }

    /** @return array{row: Fraction, columns: int, pages: int, each: int} boxes a row, marks a page; each 0 where not one row fits */
    private function arrange(Request $asked, Region $region, int $count): array
    {
        $row = $asked->settings->boxesOrNull('row');
        $rows = null === $row ? [Fraction::of(2), Fraction::of(3, 2), Fraction::of(1)] : [$row];
        $wide = $asked->settings->countOrNull('key_columns');
        $columns = null === $wide ? [1, 2] : [$wide];
        foreach ([self::ROOM, 0] as $spare) {
            foreach ($rows as $row) {
                foreach ($columns as $wide) {
                    $arranged = $this->with($asked, $region, $row, $wide);
                    if ($arranged['each'] >= $count + $spare) {
                        return $arranged;
                    }
                }
            }
        }
        $last = $this->with(
            $asked,
            $region,
            end($rows),
            1 === \count($columns) || $region->wide < 2 * self::NARROWEST + 1 ? $columns[0] : 2,
        );

        return 0 === $last['each'] ? $last : ['pages' => min(self::MOST_PAGES, intdiv($count + $last['each'] - 1, $last['each']))] + $last;
    }

    /** @return array{row: Fraction, columns: int, pages: int, each: int} */
    private function with(Request $asked, Region $region, Fraction $row, int $columns): array
    {
        $fits = $region->wide >= $columns * self::NARROWEST + $columns - 1;
        $room = $region->tall - $this->foot($asked, $region);
        $rows = $fits && $room > 0 ? Fraction::of($room)->dividedBy($row)->floor() : 0;

        return ['row' => $row, 'columns' => $columns, 'pages' => 1, 'each' => $rows * $columns];
    }

    private function foot(Request $asked, Region $region): int
    {
        return $asked->settings->flag('colours') ? 1 + (new PenLegend($asked->palette, $region->wide))->tall() : 0;
    }

    /** @return list<Finding> */
    private function findings(Request $asked, Region $region, SymbolSet $set, int $room, int $wide): array
    {
        $count = \count($set->marks());
        $findings = match (true) {
            0 === $room => [new Finding(
                $asked->id,
                'The key needs '
                    .($wide * (self::NARROWEST + 1) - 1)
                    ." boxes across for $wide "
                    .(1 === $wide ? 'column' : 'columns')
                    ." and a row; the part has $region->wide × $region->tall.",
            )],
            $room < $count => [new Finding(
                $asked->id,
                "The key has $count marks and room for $room. Take fewer boxes a row, or two columns.",
            )],
            $room < $count + self::ROOM => [new Finding(
                $asked->id,
                'The key leaves '.Plural::of($room - $count, 'row', 'rows').' for symbols to come.',
                [],
                false,
            )],
            default => [],
        };
        if (null !== $asked->settings->drawn('symbols')) {
            foreach (KeyCheck::problemsOf($set, $asked->grid->pitch) as $problem) {
                $findings[] = new Finding($asked->id, $problem->says, [], $problem->stops);
            }
        }

        return $findings;
    }

    /** Rows left for symbols to come, column by column. */
    private function spare(Canvas $canvas, Division $across, Region $region, int $rows, Fraction $row, int $used): void
    {
        foreach ($across->spans() as $column => $span) {
            $taken = min($rows, max(0, $used - $column * $rows));
            if ($taken < $rows) {
                $canvas->room(
                    'rows',
                    'rows to add',
                    $span['from']->plus($region->x),
                    $row->times($taken)->plus($region->y),
                    $across->size(),
                    $row->times($rows - $taken),
                    $row,
                );
            }
        }
    }

    /** @param list<array{KeyMark, int, Fraction}> $places */
    private function strokes(Canvas $canvas, array $places, Fraction $row, FromHere $here): void
    {
        $here->step(
            $canvas,
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
