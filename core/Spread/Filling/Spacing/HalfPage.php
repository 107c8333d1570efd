<?php

/* The divisions down one column, sharing the page with a quote. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class HalfPage implements SpacingSchool
{
    public function fill(Request $asked, Region $region, SpacingAsked $spacing): Filled
    {
        $halves = Division::containers($region->wide, 2);
        $room = DivisionTable::tall($spacing, $spacing->across) + 1 + DivisionTable::tall($spacing, $spacing->down);
        if (null === $halves || $halves->size() < 7 || $room > $region->tall) {
            return new Filled(findings: [new Finding(
                $asked->id,
                "Half the page needs 7 × $room boxes for the divisions; it has "
                    .($halves?->size() ?? 0)
                    ." × $region->tall. Choose fewer divisors, or print the loose card.",
            )]);
        }
        $lines = $asked->settings->lines('lines');
        $wide = $halves->size();
        $right = $region->x + $halves->spans()[1]['from']->floor();
        $here = new FromHere($asked, $region, 'the divisions');
        $y = self::from($region, $lines);
        $fitting = \array_slice($lines, 0, intdiv($region->y + $region->tall - $y, 2));

        return new Filled(
            ticks: $here->ticks([EdgeTicks::division(Edge::Top, $halves, 'halves', $region->x)]),
            workings: [new Working($here->note('halves'), Plural::boxes($wide).' each', $halves->working())],
            findings: [
                ...self::withoutRoom($asked, \count($lines), \count($fitting)),
                ...TooLong::in($asked, $lines, max(1, intdiv($region->wide, 2)), 'half a page'),
            ],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($here, $lines, $region, $right, $wide): void {
                    if ([] === $lines) {
                        $here->step($canvas, Task::Pencil, 'Keep the other half for a quote.', 'halves');
                        $canvas->frame(Layer::Pencil, $right, $region->y, $wide, $region->tall);
                    }
                },
                write: static function (Canvas $canvas) use ($asked, $here, $spacing, $region, $right, $wide, $y, $fitting): void {
                    [$across, $down] = [$asked->grid->across, $asked->grid->down];
                    $row = DivisionTable::write($canvas, $spacing, 'Across', $across, $spacing->across, $region->x, $region->y, $wide);
                    DivisionTable::write($canvas, $spacing, 'Down', $down, $spacing->down, $region->x, $row + 1, $wide);
                    foreach ($fitting as $i => $line) {
                        $here->step($canvas, Task::Write, 'Write '.Heading::quoted($line).'.', 'halves');
                        $canvas->words(Layer::Writing, $right, $y + 2 * $i, $wide, 2, $line, Align::Middle);
                    }
                },
            ),
            check: new Check('Read the table once more against the page: halves first.', $here->note('halves')),
        );
    }

    /**
     * Where the quote begins: in the middle between the upper edge of the page and the foot of the part.
     *
     * @param list<string> $lines
     */
    private static function from(Region $region, array $lines): int
    {
        return max($region->y, intdiv($region->y + $region->tall - max(2, 2 * \count($lines)), 2));
    }

    /** @return list<Finding> */
    private static function withoutRoom(Request $asked, int $count, int $fit): array
    {
        return $fit >= $count ? [] : [new Finding(
            $asked->id,
            'The quote has '.Plural::of($count, 'line', 'lines').' and beside the divisions there is room for '.(0 === $fit ? 'none' : $fit)
                .': '.Plural::of($count - $fit, 'line is', 'lines are').' left out. Shorten it.',
            [],
            false,
        )];
    }
}
