<?php

/* Which page numbers to write on which leaves before starting, in a book whose pages have none. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Names;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paper\Leaf;

/** @internal to Book */
final class Numbering
{
    /** @return list<string> steps; the index depends on them */
    public static function steps(Paged $paged, Names $names): array
    {
        $front = $paged->front->next - 1;
        $steps = [];
        if ($front > 0) {
            $leaves = Leaf::ofPage($front);
            $steps[] = "Number pages 1 to $front, on leaves 1 to $leaves: odd on the front of a leaf, even on its back.";
        }
        $starts = array_map(
            static fn (MonthBlock $block): string => "{$names->monthShort($block->month->month)} {$block->page} ".self::leaf($block->page),
            array_values(array_filter($paged->months, static fn (MonthBlock $block): bool => $block->pages > 0)),
        );
        foreach (array_chunk($starts, 6) as $some) {
            $steps[] = 'Count leaves from the front and number where months begin: '.implode('; ', $some).'.';
        }
        foreach ($paged->back->placed as $placed) {
            $steps[] = "Number page {$placed->page} for {$placed->spread->name}, ".self::leaf($placed->page).'.';
        }

        return $steps;
    }

    private static function leaf(int $page): string
    {
        return '('.(Leaf::isLeft($page) ? 'back' : 'front').' of leaf '.Leaf::ofPage($page).')';
    }
}
