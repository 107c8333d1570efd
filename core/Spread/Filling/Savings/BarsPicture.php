<?php

/* Bars in steps: one for each month, as high as the sum that is there at its end; the last one is the aim. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Savings;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Saving\SavingsPlan;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class BarsPicture implements Picture
{
    /** Boxes a bar is wide at most. */
    private const WIDEST = 4;

    /** Rows for the sum above a bar and its month below. */
    private const WORDS = 2;

    private const LOWEST = 8;

    public function least(Request $asked): array
    {
        return [min(12, $asked->calendar->period->length()), self::LOWEST];
    }

    public function draw(Request $asked, SavingsPlan $plan, Region $region): Filled
    {
        $months = Milestones::months($asked, $plan);
        $most = $region->wide;
        $bars = [] !== $months->marks && \count($months->marks) <= $most
            ? $months
            : Milestones::of($asked, $plan, static fn (array $sums): bool => \count($sums) <= $most);
        $count = max(1, \count($bars->marks));
        $wide = max(1, min(self::WIDEST, intdiv($region->wide, $count)));
        $rows = $region->tall - self::WORDS;
        $foot = $region->y + $region->tall - 1;
        $heights = array_map(static fn (array $mark): int => self::height($mark[1], $plan->target, $rows), $bars->marks);
        $said = implode(', ', array_map(static fn (int $half): string => (string) Fraction::of($half, 2), $heights));

        return new Filled(
            top: [$region->x + $count * $wide => "bars: $count × $wide"],
            side: [$foot => 'the foot of the bars'],
            workings: static fn (): array => [
                new Working('bars', Plural::of($count, 'bar', 'bars').' of '.Plural::boxes($wide), "$count × $wide = ".$count * $wide
                    ." of $region->wide boxes; one for $bars->said"),
                new Working(
                    'heights',
                    Plural::boxes($rows).' for the aim',
                    "$region->tall boxes − 1 for the sums − 1 for the months = $rows; each bar in proportion, to the nearest half box",
                ),
            ],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($region, $heights, $wide, $foot, $rows, $count, $said): void {
                    $canvas->step(Task::Ink, "Draw the bars side by side, these boxes high: $said.", 'heights');
                    $canvas->cells($region->x, $foot - $rows, $count * $wide, $rows);
                    foreach ($heights as $i => $half) {
                        if ($half > 0) {
                            $tall = Fraction::of($half, 2);
                            $canvas->frame(Layer::Ink, $region->x + $i * $wide, Fraction::of($foot)->minus($tall), $wide, $tall);
                        }
                    }
                    $canvas->line(Layer::Ink, $region->x, $foot, $count * $wide, 0);
                },
                write: static function (Canvas $canvas) use ($region, $bars, $heights, $wide, $foot): void {
                    $canvas->step(Task::Write, 'Write the sum above each bar and what it stands for below.', 'bars');
                    foreach ($bars->marks as $i => [$name, $sum]) {
                        $x = $region->x + $i * $wide;
                        $top = Fraction::of(2 * $foot - $heights[$i] - 2, 2);
                        $canvas->words(Layer::Writing, $x, $top, $wide, 1, (string) $sum, Align::Middle);
                        if ('' !== $name) {
                            $canvas->words(Layer::Writing, $x, $foot, $wide, 1, $name, Align::Middle);
                        }
                    }
                },
            ),
            check: new Check('No bar is lower than the one before it.'),
        );
    }

    /** Half boxes, of a bar for so much of the aim. */
    private static function height(int $sum, int $target, int $rows): int
    {
        return intdiv(4 * $rows * $sum + $target, 2 * $target);
    }
}
