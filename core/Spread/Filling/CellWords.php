<?php

/* What stands in cells already: lines a person wrote down, one list for all of them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\LinesField;

/** @internal to Spread */
final class CellWords
{
    public const SETTING = 'within';

    public static function field(): LinesField
    {
        return Field::lines(self::SETTING, 'Written in the cells; a line that ends with a colon begins the next')->doneOneByOne();
    }

    /**
     * What is written in the cells already, a line each from the second row on.
     *
     * @param list<array{string, int, int}> $places
     */
    public static function write(Canvas $canvas, Request $asked, array $places, int $wide, int $tall, int $from): void
    {
        $within = self::of($asked->settings->lines(self::SETTING));
        if ([] === $within) {
            return;
        }
        $line = $asked->settings->boxes('line');
        $canvas->step(Task::Write, 'Write what stands in each cell, a line each.', 'across');
        foreach ($places as $i => [, $x, $y]) {
            foreach ($within[$from + $i] ?? [] as $row => $words) {
                if ($line->times($row + 1)->plus(1)->compare($tall) <= 0) {
                    $down = $line->times($row)->plus($y + 1);
                    $canvas->words(Layer::Writing, Fraction::of(4 * $x + 1, 4), $down, Fraction::of(2 * $wide - 1, 2), 1, $words);
                }
            }
        }
    }

    /**
     * @param list<string> $names
     *
     * @return list<Finding> cells with more in them than they have lines
     */
    public static function tooMany(Request $asked, array $names, int $tall): array
    {
        $lines = Fraction::of($tall - 1)->dividedBy($asked->settings->boxes('line'))->floor();
        $findings = [];
        foreach (self::of($asked->settings->lines(self::SETTING)) as $cell => $words) {
            if (!isset($names[$cell])) {
                $findings[] = new Finding(
                    $asked->id,
                    'There are '.Plural::of(\count($names), 'cell', 'cells').", and words for more: “{$words[0]}” stands in none.",
                    [],
                    false,
                );
            } elseif (\count($words) > $lines) {
                $findings[] = new Finding(
                    $asked->id,
                    "“{$names[$cell]}” has room for ".Plural::of($lines, 'line', 'lines').'; '.\count($words).' are written in it.',
                    [],
                    false,
                );
            }
        }

        return $findings;
    }

    /**
     * @param list<string> $lines as a person writes them down
     *
     * @return array<int, non-empty-list<string>> cell from 0 → its lines
     */
    public static function of(array $lines): array
    {
        $cells = [];
        $cell = 0;
        foreach ($lines as $i => $line) {
            if (str_ends_with($line, ':')) {
                $cell += $i > 0 ? 1 : 0;
            } else {
                $cells[$cell][] = $line;
            }
        }

        return $cells;
    }
}
