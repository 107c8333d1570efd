<?php

/* "How do I split this?": every school's answer for one region of a page, and all of them drawn over one another on it. */

declare(strict_types=1);

namespace AmpleMargin\Bench;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Split;
use AmpleMargin\Counting\Splitting;
use AmpleMargin\Counting\Ticks;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;

final class CountingBench
{
    private const NAMES = [
        'outside' => 'Left over outside, half before and half after',
        'after' => 'Left over after the last part, kept for notes',
        'into-gaps' => 'Left over into the gaps',
        'into-parts' => 'Left over into the parts',
        'by-ratio' => 'In the ratio, whole boxes',
        'exact' => 'Exact fractions, by ruler',
    ];

    private const EXACT = 'Exactly, by every school';

    /** @param int $pitch µm */
    public function __construct(private readonly int $across, private readonly int $down, private readonly int $pitch)
    {
    }

    /**
     * Every school's answer, those without one among them with the reason; one answer where all have the same.
     *
     * @return list<Counted>
     */
    public function count(BenchRegion $region, Splitting $asked): array
    {
        $policies = [] === $asked->ratio
            ? [Remainder::Outside, Remainder::IntoParts, Remainder::IntoGaps, Remainder::Exact, Remainder::After]
            : [Remainder::ByRatio];

        $counted = array_map(fn (Remainder $policy): Counted => $this->one($region, $asked->by($policy)), $policies);
        $first = $counted[0];

        // With nothing left over the schools have nothing to differ on.
        return [] === $asked->ratio && 0 === $first->split?->outer->remainder
            ? [new Counted(
                $first->policy,
                self::EXACT,
                $first->split,
                $first->ticks,
                $first->fromLast,
                $first->left,
                $first->places,
                $first->says,
            )]
            : $counted;
    }

    /** @param list<Counted> $counted as `count` gave them; each school's marks carry its name as their note */
    public function draw(BenchRegion $region, array $counted): PageDrawing
    {
        $canvas = new Canvas($this->across, $this->down);
        foreach ($counted as $one) {
            if (null === $one->split) {
                continue;
            }
            $canvas->step(Task::Pencil, $one->name, $one->policy->value);
            foreach ($one->ticks as $tick) {
                Edge::Top === $region->edge
                    ? $canvas->line(Layer::Pencil, $tick, $region->y, 0, $region->tall)
                    : $canvas->line(Layer::Pencil, $region->x, $tick, $region->wide, 0);
            }
            foreach ($one->split->spans() as $span) {
                $size = $span['to']->minus($span['from']);
                $from = $span['from']->plus($region->from());
                $tall = Edge::Top === $region->edge ? min(2, $region->tall) : ($size->compare(2) < 0 ? $size : 2);
                Edge::Top === $region->edge
                    ? $canvas->words(
                        Layer::Writing,
                        $from,
                        $region->y + intdiv($region->tall - 1, 2),
                        $size,
                        $tall,
                        (string) $size,
                        Align::Middle,
                    )
                    : $canvas->words(
                        Layer::Writing,
                        $region->x,
                        $from->plus($size->minus($tall)->dividedBy(2)),
                        $region->wide,
                        $tall,
                        (string) $size,
                        Align::Middle,
                    );
            }
        }

        return $canvas->finish();
    }

    /**
     * The ticks of a splitting on a region, in boxes from the page's edge; null where it has no answer there.
     *
     * @return list<Fraction>|null
     */
    public function ticks(BenchRegion $region, Splitting $splitting): ?array
    {
        $split = $splitting->of($region->side());

        return null === $split ? null : $this->placed($region, $split);
    }

    private function one(BenchRegion $region, Splitting $asked): Counted
    {
        $side = $region->side();
        $split = $asked->of($side);
        $name = self::NAMES[$asked->policy->value];
        if (null === $split) {
            [$why, $gap] = $this->why($side, $asked);

            return new Counted($asked->policy, $name, null, [], [], null, [], $why, $gap);
        }
        $ticks = $this->placed($region, $split);
        $places = array_map(fn (Fraction $tick): int => Grain::micrometres(Grain::of($tick), $this->pitch), $ticks);

        return new Counted(
            $asked->policy,
            $name,
            $split,
            $ticks,
            Ticks::at($ticks)->fromLast(),
            Ticks::at($ticks)->left($this->page($region)),
            $places,
            $this->remark($split, $asked),
        );
    }

    /**
     * The split's ticks, and the region's own ends where they are not the page's and a part begins or ends there.
     *
     * @return list<Fraction>
     */
    private function placed(BenchRegion $region, Split $split): array
    {
        $from = $region->from();
        $ticks = array_map(static fn (Fraction $tick): Fraction => $tick->plus($from), $split->ticks());
        if ($from > 0) {
            array_unshift($ticks, Fraction::of($from));
        }
        if (0 === $split->outer->after && $from + $region->side() < $this->page($region)) {
            $ticks[] = Fraction::of($from + $region->side());
        }

        return $ticks;
    }

    /** Boxes of the page along the side that is split. */
    private function page(BenchRegion $region): int
    {
        return Edge::Top === $region->edge ? $this->across : $this->down;
    }

    /** @return array{string, int|null} why there is no answer, and a gap with which there is */
    private function why(int $side, Splitting $asked): array
    {
        $gap = $asked->gapOn($side);
        $parts = [] === $asked->ratio ? $asked->parts : \count($asked->ratio);
        $gaps = ($parts - 1) * $gap;
        if ($parts > $side) {
            return [Plural::boxes($side)." in $parts parts is less than a box each: $side parts are the most.", null];
        }
        if ($side - $gaps < $parts) {
            $fits = 1 === $parts ? 0 : intdiv($side - $parts, $parts - 1);

            return [
                Plural::of(max(0, $parts - 1), "gap of $gap takes", "gaps of $gap take")." $gaps of the "
                    .Plural::boxes($side)
                    .": less than a box is left for each part. A gap of $fits is the widest.",
                $fits,
            ];
        }
        if ($asked->again > 1 && null !== (new Splitting($asked->parts, $asked->gap, $asked->policy, $asked->ratio))->of($side)) {
            return [Remainder::Exact === $asked->policy
                ? 'Parts that fall between dots cannot be divided again on dots.'
                : 'A part has fewer than '.Plural::boxes($asked->again).' to be divided into again.', null];
        }

        return $this->unsymmetric($side, $asked, $parts, $gap);
    }

    /** @return array{string, int|null} */
    private function unsymmetric(int $side, Splitting $asked, int $parts, int $gap): array
    {
        $left = ($side - ($parts - 1) * $gap) % $parts;
        if (Remainder::IntoParts === $asked->policy) {
            $other = Division::smallestSymmetricGap($side, $parts, $gap + 1);

            return [
                "$left left over in $parts parts: an odd number never reads the same from both ends of an even number of parts."
                    .(null === $other ? '' : " With a gap of $other it does."),
                $other,
            ];
        }
        if (Remainder::IntoGaps === $asked->policy) {
            return [
                $parts < 2
                    ? 'One part has no gaps.'
                    : "$left left over "
                        .(1 === $left ? 'does' : 'do')
                        .' not spread evenly over '
                        .($parts - 1)
                        .' gaps so that they read the same from both ends.',
                null,
            ];
        }

        return ['A part of the ratio would get no box.', null];
    }

    private function remark(Split $split, Splitting $asked): string
    {
        $part = $split->outer->parts[0];
        if (Remainder::Exact === $asked->policy && !$part->isWhole()) {
            return match ($part->denominator) {
                2 => 'The lines fall halfway between dots: by eye.',
                3 => 'The lines fall on thirds of a box: by eye, or by ruler.',
                default => 'Finer than thirds of a box: use a ruler and the millimetres.',
            };
        }
        $left = $split->leftOver();

        return match (true) {
            $asked->parts > 8 => 'Finer than eighths: nobody draws it by counting.',
            $left > 0 => "$left left over",
            default => 'nothing left over',
        };
    }
}
