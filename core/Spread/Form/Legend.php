<?php

/* The key: each symbol drawn by strokes, with the states it turns into by adding strokes. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Request;

final class Legend implements Form
{
    /** Boxes a row takes: the symbol's box and one of air. */
    private const ROW = 2;

    /** Rows to keep free for symbols to come. From memory. */
    private const ROOM = 4;

    /**
     * Our own starter set: an upright stroke for what is to be done, other outlines for other entries. Strokes
     * are given in quarters of a box: x, y, to x, to y.
     */
    private const SYMBOLS = [
        ['task', [[2, 0, 2, 4]]],
        ['task done', [[2, 0, 2, 4], [0, 4, 4, 4]]],
        ['task moved on', [[2, 0, 2, 4], [2, 0, 4, 1], [4, 1, 2, 2]]],
        ['task put off to a date', [[2, 0, 2, 4], [2, 4, 0, 3], [0, 3, 2, 2]]],
        ['task dropped', [[2, 0, 2, 4], [0, 1, 4, 1], [0, 3, 4, 3]]],
        ['event', [[0, 4, 2, 0], [2, 0, 4, 4], [0, 4, 4, 4]]],
        ['event cancelled', [[0, 4, 2, 0], [2, 0, 4, 4], [0, 4, 4, 4], [0, 2, 4, 2]]],
        ['note', [[0, 2, 1, 1], [1, 1, 3, 3], [3, 3, 4, 2]]],
        ['birthday', [[0, 4, 4, 4], [0, 4, 0, 2], [4, 4, 4, 2], [2, 2, 2, 0]]],
        ['idea', [[1, 0, 3, 0], [3, 0, 1, 4], [1, 4, 3, 4]]],
        ['important', [[0, 3, 2, 1], [2, 1, 4, 3], [0, 4, 2, 2], [2, 2, 4, 4]]],
    ];

    public function pages(Request $request): int
    {
        return 1;
    }

    public function draw(Request $request): array
    {
        $canvas = new Canvas($request->across, $request->down, $request->tally);
        $top = Heading::boxes($canvas->down);
        $rows = intdiv($canvas->down - $top, self::ROW);
        $count = \count(self::SYMBOLS);
        $canvas->working('rows', "$rows rows", "$canvas->down boxes − $top for the title = ".($canvas->down - $top).', ÷ '.self::ROW." a row = $rows rows; $count symbols, ".max(0, $rows - $count).' rows to add');
        if ($rows < $count || $canvas->across < 6) {
            $canvas->finding(new Finding($request->id, "The key has $count symbols and room for $rows. Give each one row only, or use two pages."));
        } elseif ($rows < $count + self::ROOM) {
            $canvas->finding(new Finding($request->id, 'The key leaves '.($rows - $count).' rows for symbols to come.', [], false));
        }
        $shown = \array_slice(self::SYMBOLS, 0, max(0, $rows));
        $this->strokes($canvas, $shown, $top);
        Heading::write($canvas, $request);
        if ($canvas->across > 3) {
            $canvas->step(Task::Write, 'Write what each stands for, from the third box.', 'rows');
            foreach ($shown as $i => [$name]) {
                $canvas->words(Layer::Writing, 3, $top + $i * self::ROW, $canvas->across - 3, 1, $name);
            }
        }
        Closing::page($canvas, 'Check that each state is its symbol with strokes added, so that it can be reached in ink.', 'rows');

        return [$canvas->finish()];
    }

    /** @param list<array{string, list<array{int, int, int, int}>}> $symbols */
    private function strokes(Canvas $canvas, array $symbols, int $top): void
    {
        $canvas->step(Task::Ink, 'Draw the symbols, one every '.self::ROW.' boxes, each in the second box from the left.', 'rows');
        foreach ($symbols as $i => [, $strokes]) {
            foreach ($strokes as [$x, $y, $toX, $toY]) {
                $canvas->line(Layer::Ink, Fraction::of(6 + $x, 5), Fraction::of(5 * ($top + $i * self::ROW) + $y, 5)->plus(Fraction::of(1, 10)), Fraction::of($toX - $x, 5), Fraction::of($toY - $y, 5));
            }
        }
    }
}
