<?php

/* A day, or half of one, as a clock: a ring with a stroke for each hour, its figure beside it, and between the strokes room to colour. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Setting\Field;

final class ClockFace implements Filling
{
    /** Boxes of a radius in which hours can be told apart. From memory. */
    private const LEAST = 4;

    /** Boxes round the ring for its figures. */
    private const FIGURES = 1;

    /** Parts of a box places on the ring are rounded to. */
    private const FINE = 60;

    public function name(): string
    {
        return 'Clock face';
    }

    public function purpose(): string
    {
        return 'A day as a ring of hours to colour or write in: 24 of them, or 12.';
    }

    public function fields(): array
    {
        return [Field::choice('clock_hours', 'Hours', ['24' => '24, midnight above', '12' => '12, as a clock has them'])];
    }

    public function narrowest(Request $asked): int
    {
        return 2 * (self::LEAST + self::FIGURES);
    }

    public function least(Request $asked, int $wide): int
    {
        return 2 * (self::LEAST + self::FIGURES);
    }

    public function tall(Request $asked, int $wide): int
    {
        return $wide;
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $hours = (int) $asked->settings->choice('clock_hours');
        $side = min($region->wide, $region->tall);
        $outer = intdiv($side, 2) - self::FIGURES;
        $inner = max(1, intdiv($outer, 2));
        // Its middle stands on a dot.
        [$x, $y] = [$region->x + intdiv($region->wide, 2), $region->y + intdiv($region->tall, 2)];
        $here = new FromHere($asked, $region, 'the clock');

        return new Filled(
            workings: static fn (): array => [new Working(
                $here->note('clock'),
                'radius '.Plural::boxes($outer),
                "$side boxes ÷ 2 − ".self::FIGURES." for the figures = $outer; half of it inside: $inner",
            )],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($here, $x, $y): void {
                    $place = $canvas->tally->place($x).' across, '.$canvas->tally->place($y).' down';
                    $canvas->step(Task::Pencil, "Mark the middle of the clock: $place.", $here->note('clock'));
                    $canvas->line(Layer::Pencil, $x, $y, 1, 0);
                    $canvas->line(Layer::Pencil, $x, $y, 0, 1);
                },
                ink: static function (Canvas $canvas) use ($here, $x, $y, $outer, $inner, $hours): void {
                    $text = 'Draw two circles round the middle, with radii of '.Plural::boxes($outer).' and '.Plural::boxes($inner)
                        .", and $hours strokes from one to the other.";
                    $here->step($canvas, Task::Ink, $text, 'clock');
                    foreach ([$outer, $inner] as $radius) {
                        $canvas->ring(Layer::Ink, $x - $radius, $y - $radius, 2 * $radius, 2 * $radius);
                    }
                    for ($hour = 0; $hour < $hours; ++$hour) {
                        [$inX, $inY] = self::at($hour, $hours, 2 * $inner);
                        [$outX, $outY] = self::at($hour, $hours, 2 * $outer);
                        $canvas->line(Layer::Ink, $inX->plus($x), $inY->plus($y), $outX->minus($inX), $outY->minus($inY));
                    }
                },
                write: static function (Canvas $canvas) use ($here, $x, $y, $outer, $hours): void {
                    $here->step($canvas, Task::Write, 'Write the hours round it, '.(12 === $hours ? '12' : '0').' above.', 'clock');
                    for ($hour = 0; $hour < $hours; ++$hour) {
                        [$atX, $atY] = self::at($hour, $hours, 2 * $outer + 1);
                        $half = Fraction::of(1, 2);
                        $figure = (string) (12 === $hours && 0 === $hour ? 12 : $hour);
                        [$left, $top] = [$atX->plus($x)->minus($half), $atY->plus($y)->minus($half)];
                        $canvas->words(Layer::Writing, $left, $top, 1, 1, $figure, Align::Middle);
                    }
                },
            ),
            check: new Check(
                "Count the strokes: $hours, a quarter of them between two figures that stand square to one another.",
                $here->note('clock'),
            ),
        );
    }

    /**
     * A place on a circle round the middle, where an hour stands.
     *
     * @param int $halves half boxes of its radius
     *
     * @return array{Fraction, Fraction} boxes to the right and down
     */
    private static function at(int $hour, int $hours, int $halves): array
    {
        $angle = 2 * \M_PI * $hour / $hours;
        $fine = static fn (float $of): Fraction => Fraction::of((int) round($of * $halves * self::FINE / 2), self::FINE);

        return [$fine(sin($angle)), $fine(-cos($angle))];
    }
}
