<?php

/* A jar with the level of each sum marked; it is full at the neck, and levels divide its area as the sums divide the aim. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Savings;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Saving\Jar;
use AmpleMargin\Saving\SavingsPlan;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class JarPicture implements Picture
{
    public function least(Request $asked): array
    {
        return [Jar::NARROWEST + SavingsAsked::label($asked), Jar::LOWEST];
    }

    public function draw(Request $asked, SavingsPlan $plan, Region $region): Filled
    {
        $label = SavingsAsked::label($asked);
        $jar = Jar::of($region->wide - $label, $region->tall);
        $marks = Milestones::of($asked, $plan, static function (array $sums) use ($jar, $plan): bool {
            $before = -1;
            foreach ($sums as $sum) {
                $level = $jar->level($sum, $plan->target);
                // A label is a box tall.
                if ($level - $before < 2) {
                    return false;
                }
                $before = $level;
            }

            return true;
        });
        $levels = array_map(static fn (array $mark): array => [$jar->level($mark[1], $plan->target), $mark[1]], $marks->marks);
        // What was there at first is marked too, where it can be told from the first sum.
        $first = $jar->level($plan->begins, $plan->target);
        if ($plan->begins > 0 && $first > 0 && ($levels[0][0] ?? 2 * $jar->full()) - $first >= 2) {
            array_unshift($levels, [$first, $plan->begins]);
        }
        $foot = $region->y + $region->tall;
        $middle = $region->x + intdiv($jar->wide, 2);

        return new Filled(
            top: [$middle => 'the middle of the jar'],
            side: [$foot => 'the foot of the jar', $foot - $jar->full() => 'its neck'],
            workings: static fn (): array => [
                new Working(
                    'jar',
                    Plural::boxes($jar->wide).' × '.Plural::boxes($jar->full()),
                    "$region->wide boxes − $label for the sums, in halves of ".intdiv($jar->wide, 2)
                        ."; {$jar->full()} up to where it is full, then ".Jar::NECK.' for the neck and '.Jar::LID.' for the lid',
                ),
                new Working(
                    'levels',
                    Plural::of(\count($levels), 'level', 'levels'),
                    "one at $marks->said; each divides the area of the jar as its sum divides the aim, to the nearest half box",
                ),
            ],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($jar): void {
                    $canvas->step(
                        Task::Pencil,
                        "Mark the sides of the jar on both sides of its middle, in boxes, from the foot (row 0) up: {$jar->said()}.",
                        'jar',
                    );
                },
                ink: static function (Canvas $canvas) use ($jar, $levels, $middle, $foot): void {
                    $canvas->step(Task::Ink, 'Join the marks to both sides of the jar, and draw its foot, its neck and its lid.', 'jar');
                    self::outline($canvas, $jar, $middle, $foot);
                    $canvas->cells($middle - intdiv($jar->wide, 2), $foot - $jar->full(), $jar->wide, $jar->full());
                    $rows = implode(', ', array_map(
                        static fn (array $level): string => (string) Fraction::of($level[0], 2),
                        $levels,
                    ));
                    $canvas->step(Task::Ink, "Mark the levels, in boxes above the foot: $rows.", 'levels');
                    foreach ($levels as [$level]) {
                        $side = Fraction::of($jar->sideAt($level), Jar::FINE);
                        $left = Fraction::of($middle)->minus($side);
                        $canvas->line(Layer::Ink, $left, Fraction::of(2 * $foot - $level, 2), $side->times(2), 0);
                    }
                },
                write: static function (Canvas $canvas) use ($jar, $levels, $middle, $foot, $label): void {
                    $canvas->step(Task::Write, 'Write each sum beside its level.', 'levels');
                    $x = Fraction::of(4 * ($middle + intdiv($jar->wide, 2)) + 1, 4);
                    foreach ($levels as [$level, $sum]) {
                        $y = Fraction::of(2 * $foot - $level - 1, 2);
                        $canvas->words(Layer::Writing, $x, $y, Fraction::of(4 * $label - 1, 4), 1, (string) $sum);
                    }
                },
            ),
            check: new Check('The highest level is at the neck.'),
        );
    }

    /** Both sides row by row, the foot, the neck and the lid. */
    private static function outline(Canvas $canvas, Jar $jar, int $middle, int $foot): void
    {
        $at = static fn (int $fine): Fraction => Fraction::of($fine, Jar::FINE);
        $half = Fraction::of(1, 2);
        foreach ($jar->sides as $row => $side) {
            $next = $jar->sides[$row + 1] ?? null;
            if (null !== $next) {
                $y = Fraction::of(2 * $foot - $row, 2);
                $canvas->line(Layer::Ink, $at(-$side)->plus($middle), $y, $at($side - $next), $half->times(-1));
                $canvas->line(Layer::Ink, $at($side)->plus($middle), $y, $at($next - $side), $half->times(-1));
            }
        }
        $canvas->line(Layer::Ink, $at(-$jar->sides[0])->plus($middle), $foot, $at(2 * $jar->sides[0]), 0);
        $neck = $at($jar->neck());
        $top = $foot - $jar->full();
        $left = Fraction::of($middle)->minus($neck);
        $canvas->line(Layer::Ink, $left, $top, 0, -Jar::NECK);
        $canvas->line(Layer::Ink, $neck->plus($middle), $top, 0, -Jar::NECK);
        $canvas->frame(Layer::Ink, $left->minus($half), $top - Jar::NECK - Jar::LID, $neck->times(2)->plus(1), Jar::LID);
    }
}
