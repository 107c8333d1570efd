<?php

/* Both edges numbered, with ticks for equal shares along them and the table of divisions inside. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Spacing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class NumberedEdges implements School
{
    private const NTH = [
        'first',
        'second',
        'third',
        'fourth',
        'fifth',
        'sixth',
        'seventh',
        'eighth',
        'ninth',
        'tenth',
        'eleventh',
        'twelfth',
    ];

    /** Boxes a line of the table needs across. */
    private const TABLE = 8;

    public function layOut(Request $request, SpacingAsked $asked): Laid
    {
        [$across, $down] = [$request->grid->across, $request->grid->down];
        // Numbers, a row of ticks for each divisor, one of air.
        $edge = 2 + max(\count($asked->across), \count($asked->down));
        $room = DivisionTable::tall($asked, $asked->across) + 1 + DivisionTable::tall($asked, $asked->down);
        if ($across < $edge + self::TABLE || $down < $edge + $room) {
            return Laid::page($request->grid, function (Canvas $canvas): void {
                $this->numbers($canvas);
                Closing::page($canvas, "The last numbers are $canvas->across and $canvas->down.");
            }, [new Finding(
                $request->id,
                'The table of divisions needs '
                    .($edge + self::TABLE)
                    .' × '
                    .($edge + $room)
                    ." boxes; the page has $across × $down. The edges are numbered; print the loose card for the rest, or choose "
                        .'fewer divisors.',
                [],
                false,
            )]);
        }

        return Laid::page($request->grid, fn (Canvas $canvas) => $this->page($canvas, $asked, $edge));
    }

    private function page(Canvas $canvas, SpacingAsked $asked, int $edge): void
    {
        $this->numbers($canvas);
        $this->shares($canvas, $asked, Edge::Top, $canvas->across, $asked->across);
        $this->shares($canvas, $asked, Edge::Side, $canvas->down, $asked->down);
        $row = DivisionTable::write($canvas, $asked, 'Across', $canvas->across, $asked->across, $edge, $edge, $canvas->across - $edge - 1);
        DivisionTable::write($canvas, $asked, 'Down', $canvas->down, $asked->down, $edge, $row + 1, $canvas->across - $edge - 1);
        Closing::page(
            $canvas,
            "The last numbers are $canvas->across and $canvas->down; the half across stands at "
                .Fraction::of($canvas->across, 2)
                .', the half down at '
                .Fraction::of($canvas->down, 2)
                .'.',
        );
    }

    private function numbers(Canvas $canvas): void
    {
        // Numbers before ticks, against the usual order: the ticks are found by them.
        $canvas->step(Task::Write, "Number the boxes along the top from 1 to $canvas->across, one figure a box.", 'numbers');
        for ($i = 1; $i <= $canvas->across; ++$i) {
            $canvas->words(Layer::Writing, $i - 1, 0, 1, 1, (string) $i, Align::Middle);
        }
        $canvas->step(Task::Write, "Number the boxes down the side from 1 to $canvas->down.", 'numbers');
        for ($i = 2; $i <= $canvas->down; ++$i) {
            $canvas->words(Layer::Writing, 0, $i - 1, 1, 1, (string) $i, Align::Middle);
        }
        $canvas->working(
            'numbers',
            ($canvas->across + $canvas->down - 1).' figures',
            "$canvas->across across + $canvas->down down − 1, for the corner serves both",
        );
    }

    /**
     * The finest next to the numbers, halves furthest in: so no tick along the top meets one down the side.
     *
     * @param list<int> $divisors
     */
    private function shares(Canvas $canvas, SpacingAsked $asked, Edge $edge, int $side, array $divisors): void
    {
        foreach (array_reverse($divisors) as $i => $divisor) {
            $division = Division::of($side, $divisor, 0, Remainder::Exact);
            if (null === $division) {
                continue;
            }
            $canvas->shows($division);
            $note = "{$edge->value}-$divisor";
            $share = (string) Fraction::of(1, $divisor);
            $canvas->working($note, "$share = {$division->parts[0]}", Plural::boxes($side)." ÷ $divisor = {$division->parts[0]}");
            $canvas->pen($asked->colour($divisor));
            $canvas->step(
                Task::Ink,
                \sprintf(
                    'Tick %s %s in the %s %s: shares of %s, and write that after the last tick.',
                    $canvas->tally->places($division->ticks()),
                    $edge->words(),
                    self::NTH[$i + 1],
                    Edge::Top === $edge ? 'row' : 'column',
                    $share,
                ),
                $note,
                $edge,
                $division->ticks(),
            );
            foreach ($division->ticks() as $tick) {
                Edge::Top === $edge
                    ? $canvas->line(Layer::Ink, $tick, $i + 1, 0, 1)
                    : $canvas->line(Layer::Ink, $i + 1, $tick, 1, 0);
            }
            $last = Fraction::of($side)->minus($division->parts[0]);
            $beside = $last->ceil();
            if ($beside < $side) {
                Edge::Top === $edge
                    ? $canvas->words(Layer::Writing, $beside, $i + 1, 1, 1, $share, Align::Middle)
                    : $canvas->words(Layer::Writing, $i + 1, $beside, 1, 1, $share, Align::Middle);
            }
        }
        $canvas->pen(null);
    }
}
