<?php

/* The ticks a person took from the counting bench, put before the steps of the page they are on. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Bench\BenchRegion;
use AmpleMargin\Bench\CountingBench;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Editing\Book\DropSplit;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\TakenSplit;

/** @internal to Book */
final class TakenTicks implements Overlay, SaysFindings
{
    use OverEachPage;

    /** @var list<array{TakenSplit, list<Fraction>|null}> each with its ticks; null where it has no place any more */
    private readonly array $all;

    public function __construct(private readonly BookPlan $plan)
    {
        $bench = new CountingBench($plan->stock->across, $plan->stock->down, $plan->stock->pitch);
        $this->all = array_map(static function (TakenSplit $one) use ($plan, $bench): array {
            $region = self::region($one);

            return [$one, $region->isOn($plan->stock->across, $plan->stock->down) ? $bench->ticks($region, $one->splitting) : null];
        }, $plan->taken);
    }

    /** The page with its ticks before everything else; the page itself where none were taken. */
    private function onto(?PageDrawing $drawing, string $name, int $nth): ?PageDrawing
    {
        $here = [];
        $before = 0;
        foreach ($this->all as [$one, $ticks]) {
            if (null === $ticks || $one->on !== $name) {
                continue;
            }
            if ($one->nth === $nth) {
                $here[] = [$one, $ticks];
            } elseif ($one->nth < $nth) {
                ++$before;
            }
        }
        if ([] === $here) {
            return 0 === $before ? $drawing : $drawing?->later($before);
        }
        $canvas = new Canvas(
            $this->plan->stock->across,
            $this->plan->stock->down,
            $this->plan->counting,
            $nth,
            (($drawing->steps[0] ?? null)->number ?? 1) - 1 + $before,
        );
        foreach ($here as [$one, $ticks]) {
            self::draw($canvas, $one, $ticks);
        }
        $ticked = $canvas->finish();
        if (null === $drawing) {
            return $ticked;
        }

        return $ticked->and($drawing->later($before + \count($here)));
    }

    /** @return list<Finding> of ticks that have no place any more */
    public function findings(): array
    {
        $findings = [];
        foreach ($this->all as [$one, $ticks]) {
            if (null === $ticks) {
                $findings[] = new Finding(null === $this->plan->spread($one->on)
                    ? 'book'
                    : $one->on, 'A split of '.Plural::boxes($one->side())." was taken into a region of $one->wide × $one->tall boxes "
                        ."at $one->x, $one->y; it is not on this page of {$this->plan->stock->across} × {$this->plan->stock->down} "
                            .'any more.', [
                                new Offer('Leave its ticks out', (new DropSplit($one->id))->written()),
                            ], false);
            }
        }

        return $findings;
    }

    /** @param list<Fraction> $ticks */
    private static function draw(Canvas $canvas, TakenSplit $one, array $ticks): void
    {
        $half = Fraction::of(1, 2);
        $edge = $one->height ? Edge::Side : Edge::Top;
        $split = $one->split();
        $canvas->working($one->id, Plural::boxes($one->side()).' split', $split?->working() ?? '');
        $canvas->tickStep($edge, $ticks, Plural::boxes($one->side()).': '.($split?->run() ?? ''), $one->id);
        foreach ($ticks as $tick) {
            // At both ends of the region, so that a ruler can be laid from tick to tick.
            if ($one->height) {
                $canvas->line(Layer::Pencil, $one->x, $tick, $half, 0);
                $canvas->line(Layer::Pencil, Fraction::of(2 * ($one->x + $one->wide) - 1, 2), $tick, $half, 0);
            } else {
                $canvas->line(Layer::Pencil, $tick, $one->y, 0, $half);
                $canvas->line(Layer::Pencil, $tick, Fraction::of(2 * ($one->y + $one->tall) - 1, 2), 0, $half);
            }
        }
    }

    private static function region(TakenSplit $one): BenchRegion
    {
        return new BenchRegion($one->height ? Edge::Side : Edge::Top, $one->x, $one->y, $one->wide, $one->tall);
    }
}
