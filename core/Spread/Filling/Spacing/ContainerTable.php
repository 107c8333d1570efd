<?php

/* Common layouts as bars and words: across, every division as a bar at true size; down, in words. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
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
final class ContainerTable implements SpacingSchool
{
    public function fill(Request $asked, Region $region, SpacingAsked $spacing): Filled
    {
        $bars = [];
        foreach ($spacing->across as $divisor) {
            foreach ($spacing->divisions($region->wide, $divisor) as $division) {
                $bars[] = [$divisor, $division];
            }
        }
        $words = DivisionTable::tall($spacing, $spacing->down);
        $pitch = 2 * \count($bars) + $words <= $region->tall ? 2 : 1;
        if ($region->wide < 10 || $pitch * \count($bars) + $words > $region->tall) {
            return new Filled(findings: [new Finding(
                $asked->id,
                \count($bars)
                    ." bars and $words lines of words need "
                    .(\count($bars) + $words)
                    ." boxes down and 10 across; there are $region->wide × $region->tall. Choose fewer divisors, or print the loose card.",
            )]);
        }
        $here = new FromHere($asked, $region, 'the spacing sheet');
        $y = static fn (int $bar): int => $region->y + $bar * $pitch;

        return new Filled(
            workings: array_map(
                static fn (array $bar, int $i): Working => new Working($here->note("bar-$i"), $bar[1]->run(), $bar[1]->working()),
                $bars,
                array_keys($bars),
            ),
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($bars, $spacing, $region, $here, $y): void {
                    foreach ($bars as $i => [$divisor, $division]) {
                        $canvas->shows($division);
                        $canvas->pen($spacing->colour($divisor));
                        $text = 'Draw in row '.($y($i) + 1).' a bar a box tall: '.$division->run().'.';
                        $here->step($canvas, Task::Ink, $text, "bar-$i");
                        foreach ($division->spans() as $span) {
                            $canvas->frame(Layer::Ink, $span['from']->plus($region->x), $y($i), $division->size(), 1);
                        }
                    }
                    $canvas->pen(null);
                },
                write: static function (Canvas $canvas) use ($asked, $bars, $spacing, $region, $here, $y, $words): void {
                    $here->step($canvas, Task::Write, 'Write into each part of the bars how many boxes it has.', 'bars');
                    foreach ($bars as $i => [, $division]) {
                        foreach ($division->spans() as $span) {
                            $x = $span['from']->plus($region->x);
                            $canvas->words(Layer::Writing, $x, $y($i), $division->size(), 1, (string) $division->size(), Align::Middle);
                        }
                    }
                    $down = $asked->grid->down;
                    $table = $region->y + $region->tall - $words;
                    DivisionTable::write($canvas, $spacing, 'Down', $down, $spacing->down, $region->x, $table, $region->wide);
                },
            ),
            check: new Check('Lay the bars against the top of another page: their ends meet its dots.', $here->note('bars')),
        );
    }
}
