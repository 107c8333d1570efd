<?php

/* Both edges numbered, with ticks for equal shares along them and the table of divisions inside. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

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
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class NumberedEdges implements SpacingSchool
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

    public function fill(Request $asked, Region $region, SpacingAsked $spacing): Filled
    {
        // Numbers, a row of ticks for each divisor, one of air.
        $edge = 2 + max(\count($spacing->across), \count($spacing->down));
        $room = DivisionTable::tall($spacing, $spacing->across) + 1 + DivisionTable::tall($spacing, $spacing->down);
        $here = new FromHere($asked, $region, 'the spacing sheet');
        $workings = [new Working(
            $here->note('numbers'),
            ($region->wide + $region->tall - 1).' figures',
            "$region->wide across + $region->tall down − 1, for the corner serves both",
        )];
        if ($region->wide < $edge + self::TABLE || $region->tall < $edge + $room) {
            return new Filled(
                workings: $workings,
                findings: [new Finding(
                    $asked->id,
                    'The table of divisions needs '
                        .($edge + self::TABLE)
                        .' × '
                        .($edge + $room)
                        ." boxes; the page has $region->wide × $region->tall. The edges are numbered; print the loose card for the rest, "
                            .'or choose fewer divisors.',
                    [],
                    false,
                )],
                layers: new Layers(
                    ink: static fn (Canvas $canvas) => self::numbers($canvas, $region, $here),
                ),
                check: new Check("The last numbers are $region->wide and $region->tall."),
            );
        }

        return new Filled(
            workings: [...$workings, ...self::sums($spacing, Edge::Top, $region->wide, $here), ...self::sums(
                $spacing,
                Edge::Side,
                $region->tall,
                $here,
            )],
            layers: new Layers(
                // Numbers before ticks, against the usual order: the ticks are found by them.
                ink: static function (Canvas $canvas) use ($region, $spacing, $here): void {
                    self::numbers($canvas, $region, $here);
                    self::shares($canvas, $spacing, Edge::Top, $region, $here);
                    self::shares($canvas, $spacing, Edge::Side, $region, $here);
                },
                write: static function (Canvas $canvas) use ($region, $spacing, $edge): void {
                    [$x, $wide] = [$region->x + $edge, $region->wide - $edge - 1];
                    $row = DivisionTable::write(
                        $canvas,
                        $spacing,
                        'Across',
                        $region->wide,
                        $spacing->across,
                        $x,
                        $region->y + $edge,
                        $wide,
                    );
                    DivisionTable::write($canvas, $spacing, 'Down', $region->tall, $spacing->down, $x, $row + 1, $wide);
                },
            ),
            check: new Check("The last numbers are $region->wide and $region->tall; the half across stands at "
                            .Fraction::of($region->wide, 2)
                            .', the half down at '
                            .Fraction::of($region->tall, 2)
                            .'.'),
        );
    }

    private static function numbers(Canvas $canvas, Region $region, FromHere $here): void
    {
        $text = "Number the boxes along the top from 1 to $region->wide, one figure a box.";
        $here->step($canvas, Task::Write, $text, 'numbers');
        for ($i = 1; $i <= $region->wide; ++$i) {
            $canvas->words(Layer::Writing, $region->x + $i - 1, $region->y, 1, 1, (string) $i, Align::Middle);
        }
        $here->step($canvas, Task::Write, "Number the boxes down the side from 1 to $region->tall.", 'numbers');
        for ($i = 2; $i <= $region->tall; ++$i) {
            $canvas->words(Layer::Writing, $region->x, $region->y + $i - 1, 1, 1, (string) $i, Align::Middle);
        }
    }

    /**
     * Each divisor of a side that has a share, with its division: the finest next to the numbers, halves furthest in, so that no tick along
     * the top meets one down the side.
     *
     * @return list<array{int, int, Division}> row from the edge, divisor, division
     */
    private static function divided(SpacingAsked $spacing, Edge $edge, int $side): array
    {
        $divided = [];
        foreach (array_reverse(Edge::Top === $edge ? $spacing->across : $spacing->down) as $i => $divisor) {
            $division = Division::of($side, $divisor, 0, Remainder::Exact);
            if (null !== $division) {
                $divided[] = [$i + 1, $divisor, $division];
            }
        }

        return $divided;
    }

    /** @return list<Working> */
    private static function sums(SpacingAsked $spacing, Edge $edge, int $side, FromHere $here): array
    {
        return array_map(static fn (array $one): Working => new Working(
            $here->note("{$edge->value}-$one[1]"),
            Fraction::of(1, $one[1])." = {$one[2]->parts[0]}",
            Plural::boxes($side)." ÷ $one[1] = {$one[2]->parts[0]}",
        ), self::divided($spacing, $edge, $side));
    }

    private static function shares(Canvas $canvas, SpacingAsked $spacing, Edge $edge, Region $region, FromHere $here): void
    {
        $side = Edge::Top === $edge ? $region->wide : $region->tall;
        foreach (self::divided($spacing, $edge, $side) as [$row, $divisor, $division]) {
            $canvas->shows($division);
            $share = (string) Fraction::of(1, $divisor);
            $canvas->pen($spacing->colour($divisor));
            $here->step(
                $canvas,
                Task::Ink,
                \sprintf(
                    'Tick %s %s in the %s %s: shares of %s, and write that after the last tick.',
                    $canvas->tally->places($division->ticks()),
                    $edge->words(),
                    self::NTH[$row],
                    Edge::Top === $edge ? 'row' : 'column',
                    $share,
                ),
                "{$edge->value}-$divisor",
                $edge,
                $division->ticks(),
            );
            foreach ($division->ticks() as $tick) {
                Edge::Top === $edge
                    ? $canvas->line(Layer::Ink, $tick->plus($region->x), $region->y + $row, 0, 1)
                    : $canvas->line(Layer::Ink, $region->x + $row, $tick->plus($region->y), 1, 0);
            }
            $beside = Fraction::of($side)->minus($division->parts[0])->ceil();
            if ($beside < $side) {
                [$x, $y] = Edge::Top === $edge ? [$beside, $row] : [$row, $beside];
                $canvas->words(Layer::Writing, $region->x + $x, $region->y + $y, 1, 1, $share, Align::Middle);
            }
        }
        $canvas->pen(null);
    }
}
