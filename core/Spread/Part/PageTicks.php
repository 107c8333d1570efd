<?php

/*
 * The pencil ticks along an edge of a page: part after part, as a hand goes, each made once. They were one step for all parts once; that
 * step's key is one of those of each step now, so what was ticked then stays ticked.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;

/** @internal to Spread */
final class PageTicks
{
    /**
     * The ticks of all parts along one edge, part after part as a hand goes, each made once: what a part before has ticked is there.
     *
     * @param non-empty-list<Filled> $parts
     */
    public static function along(Canvas $canvas, Edge $edge, array $parts): void
    {
        $side = Edge::Top === $edge ? $canvas->across : $canvas->down;
        $each = array_filter(array_map(static fn (Filled $part): array => $part->along($edge, $side), $parts));
        if (1 === \count($each)) {
            self::ofOne($canvas, $edge, array_merge(...$each));

            return;
        }
        $was = self::saidBefore($canvas, $edge, $each);
        $made = [];
        foreach ($each as $i => $ofPart) {
            $own = EdgeTicks::rising(array_merge([], ...array_column($ofPart, 'places')));
            $canvas->of($parts[$i]->layers->called);
            $why = implode('; ', array_unique(array_column($ofPart, 'why')));
            $canvas->tickAll($edge, array_values(array_diff_key($own, $made)), $why, Filled::TOGETHER, $was);
            $made += $own;
        }
        $canvas->of(null);
    }

    /**
     * Those of one part alone, in its own words.
     *
     * @param list<EdgeTicks> $own
     */
    private static function ofOne(Canvas $canvas, Edge $edge, array $own): void
    {
        $late = array_filter($own, static fn (EdgeTicks $one): bool => $one->isLate);
        foreach (array_diff_key($own, $late) as $ticks) {
            // What came later is made with the first of them.
            $places = EdgeTicks::rising(array_merge($ticks->places, ...array_column($late, 'places')));
            $why = implode('; ', array_unique([$ticks->why, ...array_column($late, 'why')]));
            $was = [] === $late ? [] : [$canvas->ticking($edge, $ticks->places, $ticks->why)];
            $canvas->tickAll($edge, array_values($places), $why, $ticks->note, $was);
            $late = [];
        }
        foreach ($late as $ticks) {
            $canvas->tickAll($edge, $ticks->places, $ticks->why, $ticks->note);
        }
    }

    /**
     * What was said of them once: one part alone in its own words, several together.
     *
     * @param array<int, list<EdgeTicks>> $each
     *
     * @return list<string>
     */
    private static function saidBefore(Canvas $canvas, Edge $edge, array $each): array
    {
        $early = array_filter(array_map(
            static fn (array $part): array => array_filter($part, static fn (EdgeTicks $one): bool => !$one->isLate),
            $each,
        ));
        $all = array_merge([], ...$early);
        if (1 === \count($early)) {
            return array_values(array_map(static fn (EdgeTicks $one): string => $canvas->ticking($edge, $one->places, $one->why), $all));
        }
        $places = EdgeTicks::rising(array_merge([], ...array_column($all, 'places')));
        $what = array_fill_keys(array_keys($places), []);
        foreach ($all as $ticks) {
            foreach ($ticks->places as $at) {
                $what[(string) $at][] = $ticks->why;
            }
        }
        $words = array_values(array_unique(array_merge([], ...array_values($what))));

        return [] === $places ? [] : [$canvas->ticking($edge, array_values($places), implode('; ', $words))];
    }
}
