<?php

/* What a person points at: the figure or the title at a box, and the whole boxes round it. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Drawing\Words;

/** @internal to Book */
final class Pointed
{
    /** What is written in or next to the box: a figure, or the largest words of its row. */
    public static function words(Here $here, bool $figure): ?Words
    {
        [$x, $y] = [Grain::of($here->x) + intdiv(Grain::PER_BOX, 2), Grain::of($here->y) + intdiv(Grain::PER_BOX, 2)];
        $best = null;
        foreach ($here->drawing->marks as $mark) {
            if (!$mark instanceof Words || ($figure && !$mark->isFigure()) || (!$figure && 0 !== $mark->y && 'heading' !== $mark->note)) {
                continue;
            }
            $far = max($mark->x - $x, 0, $x - $mark->x - $mark->wide) + max($mark->y - $y, 0, $y - $mark->y - $mark->tall);
            if (null === $best || $far < $best[0]) {
                $best = [$far, $mark];
            }
        }

        // Further off than three boxes somebody pointed at something else.
        return null !== $best && (!$figure || $best[0] <= 3 * Grain::PER_BOX) ? $best[1] : null;
    }

    /** @return array{int, int, int, int} whole boxes round it */
    public static function boxes(Mark $mark): array
    {
        [$x, $y, $wide, $tall] = Stretched::round($mark);
        [$left, $upper] = [intdiv($x, Grain::PER_BOX), intdiv($y, Grain::PER_BOX)];

        return [
            $left,
            $upper,
            max(1, Fraction::of($x + $wide, Grain::PER_BOX)->ceil() - $left),
            max(1, Fraction::of($y + $tall, Grain::PER_BOX)->ceil() - $upper),
        ];
    }

    /**
     * @param non-empty-array<int, Words> $marks
     *
     * @return array{int, int, int, int}
     */
    public static function round(array $marks): array
    {
        $boxes = array_map(self::boxes(...), array_values($marks));
        $x = min(array_column($boxes, 0));
        $y = min(array_column($boxes, 1));

        return [
            $x,
            $y,
            max(array_map(static fn (array $one): int => $one[0] + $one[2], $boxes)) - $x,
            max(array_map(static fn (array $one): int => $one[1] + $one[3], $boxes)) - $y,
        ];
    }
}
