<?php

/*
 * A door group: a left page, cut leaves, a right page. The leaves are cut narrower, so that what is written once on
 * the uncovered strip stays in sight beside every face; each face carries one month.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class Doors implements Form, HasLayouts
{
    private const MOST_LEAVES = 12;

    /** Boxes a row is tall at most. */
    private const TALLEST = 3;

    /** Boxes an amount needs across: "1250" (common practice, no source). */
    private const AMOUNT = 4;

    public function fields(): array
    {
        return [
            Field::lines('items', 'Items'),
            Field::lines('columns', 'Columns on each face'),
            Field::flag('sum', 'A row for the sum', true),
            Field::count('leaves', 'Cut leaves', 1, self::MOST_LEAVES),
            Field::count('strip', 'Boxes of the strip', 2, 20, 8),
        ];
    }

    /** 2 + 2d pages for d cut leaves; two months to a leaf. Source: handbook, "Doors, tabs and other cuts" (common practice, no source). */
    public function layOut(Request $request): Laid
    {
        $months = $request->calendar->period->months();
        $last = 1 + 2 * $this->leaves($request);
        $strip = $this->strip($request);
        if ($strip < 1 || Heading::below($request->grid->down)->left < 3) {
            $why = new Finding(
                $request->id,
                'A door needs a strip to keep in sight and a face beside it; '.Plural::boxes($request->grid->across).' across are too few.',
            );

            return Laid::eachRefused($request->grid, $why, $last + 1);
        }

        return Laid::pages(
            $request->grid,
            range(0, $last),
            fn (Canvas $canvas, int $i) => 0 === $i || $i === $last
                ? $this->outer($canvas, $request, $strip, 0 === $i)
                : $this->face($canvas, $request, $strip, $i, $months[$i - 1] ?? null),
            [[...$this->tooMany($request), ...Heading::findings($request)]],
        );
    }

    /** @return list<Finding> */
    private function tooMany(Request $request): array
    {
        ['rows' => $rows, 'sum' => $sum] = $this->rows($request);
        $items = \count($request->settings->lines('items'));

        return $items <= $rows - ($sum ? 1 : 0) ? [] : [new Finding(
            $request->id,
            "$items items need more than the ".Plural::of($rows, 'row', 'rows').' there are below the headings. Leave some out.',
        )];
    }

    public function layouts(Request $request): array
    {
        return array_map(
            static fn (int $strip): Layout => new Layout('A strip of '.Plural::boxes($strip), ['strip' => $strip]),
            [4, 6, 8, 10, 12],
        );
    }

    private function leaves(Request $request): int
    {
        return $request->settings->countOrNull('leaves') ?? min(self::MOST_LEAVES, intdiv($request->calendar->period->length() + 1, 2));
    }

    /** Boxes of the outer edge that the cut leaves uncover; at least one box of face stays beside it. */
    private function strip(Request $request): int
    {
        return min($request->settings->count('strip'), $request->grid->across - 4);
    }

    /**
     * Rows for the items and a third more, with one for the sum; all rows the page has where there are no items. As tall
     * as they fit, three boxes at most.
     *
     * @return array{rows: int, tall: int, sum: bool} boxes a row
     */
    private function rows(Request $request): array
    {
        $free = $request->grid->down - Heading::boxes($request->grid->down) - 1;
        $items = \count($request->settings->lines('items'));
        $sum = $request->settings->flag('sum');
        $wanted = 0 === $items ? $free : $items + intdiv($items + 2, 3) + ($sum ? 1 : 0);
        $rows = max(1, min($free, $wanted));

        return ['rows' => $rows, 'tall' => max(1, min(self::TALLEST, intdiv($free, $rows))), 'sum' => $sum && $rows > 1];
    }

    /** The page the leaves lie on: items down the outer edge, written once. */
    private function outer(Canvas $canvas, Request $request, int $strip, bool $left): void
    {
        ['rows' => $rows, 'tall' => $tall, 'sum' => $sum] = $this->rows($request);
        $top = Heading::boxes($canvas->down) + 1;
        $x = $left ? 0 : $canvas->across - $strip;
        $edge = $left ? $strip : $canvas->across - $strip;
        $items = \array_slice($request->settings->lines('items'), 0, $rows - ($sum ? 1 : 0));
        $canvas->working(
            'strip',
            Plural::boxes($strip).' in sight',
            Subtraction::from($canvas->across)->less($strip, 'the strip').' for each face',
        );
        $canvas->working(
            'rows',
            Plural::of($rows, 'row', 'rows').' of '.Plural::boxes($tall),
            $this->rowWords(\count($items), $rows, $tall, $sum, $canvas->down - $top),
        );
        $canvas->tickAll(
            Edge::Top,
            [$edge],
            $left ? "strip $strip, face ".($canvas->across - $strip) : 'face '.($canvas->across - $strip).", strip $strip",
            'strip',
        );
        $canvas->cells($x, $top, $strip, $rows * $tall);
        $canvas->step(
            Task::Ink,
            'Rule the edge of the strip and '.Plural::of($rows, 'row', 'rows').' of '.Plural::boxes($tall).' across it.',
            'strip',
        );
        $canvas->line(Layer::Ink, $edge, $top, 0, $rows * $tall);
        $this->rule($canvas, $x, $top, $strip, $rows, $tall, $sum);
        if ($left) {
            Heading::write($canvas, $request);
        }
        if ([] !== $items) {
            $canvas->step(
                Task::Write,
                'Write the '
                    .Plural::of(\count($items), 'item', 'items')
                    .' once, one a row of the strip'
                    .($sum ? ', and “Sum” in the last row' : '')
                    .'; every face is read against them.',
                'strip',
            );
            foreach ($sum ? [...$items, $rows - 1 => 'Sum'] : $items as $row => $item) {
                $canvas->words(
                    Layer::Writing,
                    Fraction::of(4 * $x + 1, 4),
                    $top + $row * $tall + $tall - 1,
                    Fraction::of(2 * $strip - 1, 2),
                    1,
                    $item,
                );
            }
        }
        Closing::page($canvas, 'Lay a leaf over the page: the strip stays in sight.', 'strip');
    }

    private function rowWords(int $items, int $rows, int $tall, bool $sum, int $free): string
    {
        $over = $free - $rows * $tall;
        $fit = "$free boxes below the headings = $rows × $tall".($over > 0 ? " + $over left over" : '');

        return 0 === $items
            ? $fit
            : "$items for the items + ".($rows - $items - ($sum ? 1 : 0)).' to add'.($sum ? ' + 1 for the sum' : '')." = $rows; $fit";
    }

    /** The rows, that of the sum under two lines. */
    private function rule(Canvas $canvas, int $x, int $top, int $wide, int $rows, int $tall, bool $sum): void
    {
        for ($row = 0; $row <= $rows; ++$row) {
            $canvas->line(Layer::Ink, $x, $top + $row * $tall, $wide, 0);
        }
        // In rows of one box it would run through the word.
        if ($sum && $tall > 1) {
            $canvas->line(Layer::Ink, $x, Fraction::of(4 * ($top + ($rows - 1) * $tall) + 1, 4), $wide, 0);
        }
    }

    /** A face of a cut leaf. The same strip goes from both faces, so it is on the outer edge of each. */
    private function face(Canvas $canvas, Request $request, int $strip, int $i, ?Month $month): void
    {
        ['rows' => $rows, 'tall' => $tall, 'sum' => $sum] = $this->rows($request);
        $top = Heading::boxes($canvas->down) + 1;
        $right = 1 === $i % 2;
        $wide = $canvas->across - $strip;
        $x = $right ? 0 : $strip;
        $cut = $right ? $wide : $strip;
        $columns = $this->columns($request, $wide);
        $canvas->working('face', Plural::boxes($wide).' a face', Plural::boxes($canvas->across)." − $strip cut off = $wide");
        $canvas->working('columns', Plural::boxes($columns->size()).' a column', $columns->working());
        $canvas->tickAll(Edge::Top, [$cut], $right ? "face $wide, cut off $strip" : "cut off $strip, face $wide", 'face');
        $canvas->step($right ? Task::Cut : Task::Pencil, $right
            ? 'Leaf '
                .intdiv($i + 1, 2)
                .': draw the line to cut along, '
                .Plural::boxes($strip)
                .' from the outer edge. Tape the edge first if it must be stiff; pull the ribbons away; cut '
                    .Caution::KNIFE
                    .', never into the binding.'
            : 'The cut is the same on this face; draw nothing beyond it.', 'face');
        $canvas->line(Layer::Pencil, $cut, 0, 0, $canvas->down);
        $canvas->step(
            Task::Ink,
            'Rule '.Plural::of($rows, 'row', 'rows').' across the face, level with the rows of the strip, and '.Plural::of(
                \count($columns->parts),
                'column',
                'columns',
            ).' of '.Plural::boxes($columns->size()).'.',
            'columns',
        );
        $this->rule($canvas, $x, $top, $wide, $rows, $tall, $sum);
        foreach ($columns->spans() as $span) {
            $canvas->line(Layer::Ink, $span['to']->plus($x), $top - 1, 0, $rows * $tall + 1);
        }
        $this->headings($canvas, $request, $columns, $x, $top, $wide, $month);
        if (null !== $month) {
            $canvas->room(
                $month->iso(),
                $request->calendar->names->monthAndYear($month),
                $x,
                $top,
                $wide,
                $rows * $tall,
                Fraction::of($tall),
            );
        }
        Closing::page($canvas, 'Hold the leaf against the strip: the rows are level.', 'face');
    }

    private function headings(Canvas $canvas, Request $request, Division $columns, int $x, int $top, int $wide, ?Month $month): void
    {
        if (null !== $month) {
            $name = $request->calendar->names->monthAndYear($month);
            $canvas->step(Task::Write, 'Write '.Heading::quoted($name).' at the head of the face.', 'face');
            $canvas->words(Layer::Writing, $x, 0, $wide, max(1, $top - 2), $name);
        }
        $canvas->step(Task::Write, 'Write the headings above the columns.', 'columns');
        foreach ($columns->spans() as $i => $span) {
            $canvas->words(
                Layer::Writing,
                $span['from']->plus($x),
                $top - 1,
                $columns->size(),
                1,
                $this->names($request)[$i] ?? '',
                Align::Middle,
            );
        }
    }

    /** As many columns as have headings, fewer where an amount would not fit. */
    private function columns(Request $request, int $wide): Division
    {
        for ($count = \count($this->names($request)); $count > 1; --$count) {
            $columns = Division::of($wide, $count, 0, Remainder::After);
            if (null !== $columns && $columns->size() >= self::AMOUNT) {
                return $columns;
            }
        }

        return Division::of($wide, 1) ?? throw new \LogicException('A face is a box wide.');
    }

    /** @return non-empty-list<string> */
    private function names(Request $request): array
    {
        $names = $request->settings->lines('columns');

        return [] === $names ? ['Planned', 'Really'] : $names;
    }
}
