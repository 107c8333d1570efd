<?php

/* Splittings and the regions they are taken into, read from plain values; what it refuses names its field in the trade's words. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Splitting;
use AmpleMargin\Paper\Stock;

final class SplitReader
{
    /** {parts, gap?: null for the best, policy?, ratio?, again?} @throws PlanProblem */
    public static function splitting(Values $values): Splitting
    {
        $ratio = $values->counts('ratio', 1, 100, 12);
        $parts = [] === $ratio ? self::number(
            $values,
            'parts',
            1,
            Splitting::MOST_PARTS,
            'Split it into 1 to '.Splitting::MOST_PARTS.' parts',
        ) : \count($ratio);
        $gap = $values->names('gap') && !$values->has('gap') ? null : self::number($values, 'gap', 0, 200, 'A gap has 0 to 200 boxes', 0);

        return new Splitting(
            $parts,
            $gap,
            $values->choice('policy', Remainder::class, [] === $ratio ? Remainder::Outside : Remainder::ByRatio),
            $ratio,
            self::number($values, 'again', 1, 12, 'Divide each part again by 1 to 12', 1),
        );
    }

    /** @throws PlanProblem */
    public static function taken(Values $values, string $id): TakenSplit
    {
        [$x, $y, $wide, $tall] = self::region($values);
        $edge = $values->text('edge', 'top', 4);
        if (!\in_array($edge, ['top', 'side'], true)) {
            throw PlanProblem::at($values->path('edge'), 'Split along the top or down the side.');
        }

        return new TakenSplit(
            $id,
            $values->text('on', null, 60),
            $values->count('nth', 0, 100, 0),
            'side' === $edge,
            $x,
            $y,
            $wide,
            $tall,
            self::splitting($values),
        );
    }

    /** @return array{int, int, int, int} x, y, wide, tall in boxes */
    public static function region(Values $values): array
    {
        return [
            self::number($values, 'x', 0, Stock::MOST_BOXES - 1, 'A region begins at a whole box of the page'),
            self::number($values, 'y', 0, Stock::MOST_BOXES - 1, 'A region begins at a whole box of the page'),
            self::number($values, 'wide', 1, Stock::MOST_BOXES, 'A region is at least 1 box wide'),
            self::number($values, 'tall', 1, Stock::MOST_BOXES, 'A region is at least 1 box tall'),
        ];
    }

    public static function number(Values $values, string $name, int $least, int $most, string $says, ?int $default = null): int
    {
        $number = $values->all()[$name] ?? $default;
        if (!\is_int($number) || $number < $least || $number > $most) {
            throw PlanProblem::at($values->path($name), "$says.");
        }

        return $number;
    }
}
