<?php

/* What is written in rows already: a list a person typed or pasted, one item a row. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\LinesField;

/** @internal to Spread */
final class RowItems
{
    public const SETTING = 'items';

    public static function field(): LinesField
    {
        return Field::lines(self::SETTING, 'What is written already')->doneOneByOne();
    }

    /**
     * More items than rows; an item that stands twice; one that is too long in the person's hand.
     *
     * @param int         $wide boxes there are for their words
     * @param string|null $part its name, where it has one
     *
     * @return list<Finding>
     */
    public static function findings(Request $asked, Rows $rows, int $wide, ?string $part = null): array
    {
        $items = $asked->settings->lines(self::SETTING);
        $findings = [];
        if (\count($items) > $rows->all) {
            $findings[] = new Finding(
                $asked->id,
                Plural::of(\count($items), 'item', 'items').' are more than the '.Plural::of($rows->all, 'row', 'rows')
                    .(null === $part ? '' : " of “{$part}”").'. Leave some out, or ask for more rows.',
            );
        }
        $seen = [];
        foreach ($items as $i => $item) {
            $same = mb_strtolower($item);
            if (isset($seen[$same])) {
                $says = Heading::quoted($item).' stands twice, in rows '.($seen[$same] + 1).' and '.($i + 1).'.';
                $findings[] = new Finding($asked->id, $says, [], false);
                break;
            }
            $seen[$same] = $i;
        }
        $longest = '';
        foreach ($items as $item) {
            $longest = mb_strwidth($item) > mb_strwidth($longest) ? $item : $longest;
        }
        if ($asked->boxesOf($longest) > $wide) {
            $findings[] = new Finding(
                $asked->id,
                'Longest item: '.Plural::of(mb_strlen($longest), 'letter', 'letters').', '.Plural::boxes($asked->boxesOf($longest))
                    ." {$asked->hand()->said()}; its row has $wide. Shorten ".Heading::quoted($longest).'.',
                [],
                false,
            );
        }

        return $findings;
    }

    /** Whether it heads the items after it, and is none itself: "At home:". */
    public static function isHead(string $item): bool
    {
        return str_ends_with($item, ':') && mb_strlen($item) > 1;
    }

    /** Those of these rows, behind numbers and boxes to tick. @param int $wide boxes there are for their words */
    public static function write(Canvas $canvas, Request $asked, Rows $rows, int $wide): void
    {
        $items = \array_slice($asked->settings->lines(self::SETTING), $rows->from, $rows->count);
        if ([] === $items) {
            return;
        }
        $canvas->step(Task::Write, 'Write the '.Plural::of(\count($items), 'item', 'items').', one a row.', 'rows');
        $before = Rows::before($asked, $rows->all);
        foreach ($items as $row => $item) {
            $isHead = self::isHead($item);
            $x = Fraction::of(4 * ($rows->region->x + ($isHead ? 0 : $before)) + 1, 4);
            $room = Fraction::of(2 * ($wide + ($isHead ? $before : 0)) - 1, 2);
            $canvas->words(Layer::Writing, $x, $rows->down($row), $room, 1, $isHead ? mb_substr($item, 0, -1) : $item);
        }
    }
}
