<?php

/* Divisions as lines of words: "3 of 8, gap 1". */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;

/** @internal to Spread */
final class DivisionTable
{
    /**
     * Rows a table takes, its heading among them.
     *
     * @param list<int> $divisors
     */
    public static function tall(SpacingAsked $asked, array $divisors): int
    {
        return 1 + \count($divisors) * ('both' === $asked->gaps ? 2 : 1);
    }

    /**
     * Begins the step that writes it.
     *
     * @param list<int> $divisors
     *
     * @return int the row below
     */
    public static function write(
        Canvas $canvas,
        SpacingAsked $asked,
        string $name,
        int $side,
        array $divisors,
        int $x,
        int $y,
        int $wide,
    ): int {
        $how = ['both' => 'without gaps, then with', 'without' => 'without gaps', 'with' => 'with the best gap'][$asked->gaps];
        $canvas->step(Task::Write, 'Write the table of divisions for '.Plural::boxes($side).' '.strtolower($name).": $how.", "table-$side");
        $canvas->words(Layer::Writing, $x, $y++, $wide, 1, "$name: ".Plural::boxes($side));
        foreach ($divisors as $divisor) {
            $canvas->pen($asked->colour($divisor));
            $rows = 'both' === $asked->gaps ? 2 : 1;
            $divisions = $asked->divisions($side, $divisor);
            $canvas->shows(...$divisions);
            $said = array_map(self::said(...), $divisions);
            for ($i = 0; $i < $rows; ++$i) {
                $canvas->words(Layer::Writing, $x, $y++, $wide, 1, $said[$i] ?? "$divisor: no gap of 1 fits");
            }
        }
        $canvas->pen(null);
        $canvas->working(
            "table-$side",
            Plural::boxes($side),
            'part = (boxes − gaps) ÷ parts, rounded down; the best gap is the one of 1 to 3 that leaves least over',
        );

        return $y;
    }

    public static function said(Division $division): string
    {
        $words = \count($division->parts).' of '.$division->size();
        $words .= $division->gap > 0 ? ", gap $division->gap" : '';

        return $words.($division->remainder > 0 ? ", $division->remainder left" : '');
    }
}
