<?php

/* Boxes of a fixed amount, coloured one by one from the foot up; a row is a round number of them, and its sum stands beside it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Savings;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
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
final class BoxesPicture implements Picture
{
    /** Fewer to colour in are hardly a picture, unless the aim is smaller. From memory. */
    private const FEWEST = 20;

    public function least(Request $asked): array
    {
        return [5 + SavingsAsked::label($asked), 4];
    }

    public function draw(Request $asked, SavingsPlan $plan, Region $region): Filled
    {
        [$worth, $across, $size] = $this->fit($asked, $plan->target, $region);
        $count = intdiv($plan->target + $worth - 1, $worth);
        $fit = $across * intdiv($region->tall, $size);
        $drawn = min($count, $fit);
        $rows = intdiv($drawn + $across - 1, $across);
        $foot = $region->y + $region->tall;
        $last = $plan->target - ($count - 1) * $worth;

        return new Filled(
            top: [$region->x + $across * $size => "boxes to colour: $across × $size"],
            side: [$foot - $rows * $size => 'boxes to colour', $foot => 'boxes to colour'],
            workings: static fn (): array => [new Working(
                'boxes',
                Plural::of($count, 'box', 'boxes').' to colour',
                "$plan->target in steps of $worth: $count".($last === $worth ? '' : ", the last one of $last")
                    ."; $across a row, each ".Plural::boxes($size).' wide and tall',
            )],
            findings: $count > $fit ? [new Finding($asked->id, "$count boxes of $worth need more than the $fit there are. "
                .'Let a box be worth '.self::worth($plan->target, $fit).'.')] : [],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($region, $across, $size, $drawn, $rows, $foot): void {
                    $says = 'Draw '.Plural::of($drawn, 'box', 'boxes')." to colour in, $across a row, from the foot up.";
                    $canvas->step(Task::Ink, $says, 'boxes');
                    for ($row = 0; $row < $rows; ++$row) {
                        $here = min($across, $drawn - $row * $across);
                        $y = $foot - ($row + 1) * $size;
                        $canvas->frame(Layer::Ink, $region->x, $y, $here * $size, $size);
                        for ($i = 1; $i < $here; ++$i) {
                            $canvas->line(Layer::Ink, $region->x + $i * $size, $y, 0, $size);
                        }
                    }
                    $canvas->cells($region->x, $foot - $rows * $size, $across * $size, $rows * $size);
                },
                write: static function (Canvas $canvas) use ($region, $across, $size, $drawn, $rows, $foot, $worth, $plan): void {
                    $canvas->step(Task::Write, 'Write beside each row the sum it ends with.', 'boxes');
                    for ($row = 0; $row < $rows; ++$row) {
                        $sum = min($plan->target, min($drawn, ($row + 1) * $across) * $worth);
                        $y = Fraction::of(2 * ($foot - ($row + 1) * $size) + $size - 1, 2);
                        $x = Fraction::of(4 * ($region->x + $across * $size) + 1, 4);
                        $wide = $region->wide - $across * $size;
                        $canvas->words(Layer::Writing, $x, $y, Fraction::of(4 * $wide - 1, 4), 1, (string) $sum);
                    }
                },
            ),
            check: new Check('The sum beside the last row is the aim.'),
        );
    }

    /**
     * What a box is worth, how many stand in a row and how many boxes of the page each is wide: boxes as large as can be, and
     * of those the ones that are worth least. A row is 10 or 5 of them, or 20 where nothing else fits.
     *
     * @return array{int, int, int}
     */
    private function fit(Request $asked, int $target, Region $region): array
    {
        $room = $region->wide - SavingsAsked::label($asked);
        $said = $asked->settings->countOrNull('box_worth');
        foreach ([[2, 10], [2, 5], [1, 10], [1, 20]] as [$size, $across]) {
            $boxes = $across * intdiv($region->tall, $size);
            $worth = $said ?? self::worth($target, max(1, $boxes));
            if ($across * $size <= $room && $worth * $boxes >= $target && intdiv($target + $worth - 1, $worth) >= self::FEWEST) {
                return [$worth, $across, $size];
            }
        }
        $across = $room >= 20 ? 20 : ($room >= 10 ? 10 : 5);

        return [$said ?? self::worth($target, $across * $region->tall), $across, 1];
    }

    /** The least of 1, 2, 5 and their tens for which so many boxes are enough. */
    private static function worth(int $target, int $boxes): int
    {
        $tens = 1;
        while (5 * $tens * $boxes < $target) {
            $tens *= 10;
        }

        return match (true) {
            $tens * $boxes >= $target => $tens,
            2 * $tens * $boxes >= $target => 2 * $tens,
            default => 5 * $tens,
        };
    }
}
