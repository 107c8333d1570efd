<?php

/* Which spreads of its book a spread could face, as they are placed now. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Paging\Pairs;
use AmpleMargin\Paging\Placeable;
use AmpleMargin\Plan\Section;

final class CanFace
{
    /** @return list<string> ids, the one it faces already among them; none where the spread has no page */
    public static function of(Book $book, string $spread): array
    {
        $placed = [];
        foreach ([$book->front, $book->back] as $placement) {
            foreach ($placement->placed as $one) {
                $placed[$one->spread->id] = $one->spread;
            }
        }

        return (new Pairs(array_map(
            static fn (array $group): array => self::in($group, $book, $placed),
            $book->plan->placedAsOne(),
        )))->open($spread);
    }

    /**
     * @param list<Section>            $sections
     * @param array<string, Placeable> $placed   by id
     *
     * @return list<Placeable>
     */
    private static function in(array $sections, Book $book, array $placed): array
    {
        $in = [];
        foreach ($sections as $section) {
            foreach ($book->plan->inSection($section) as $spread) {
                if (isset($placed[$spread->id])) {
                    $in[] = $placed[$spread->id];
                }
            }
        }

        return $in;
    }
}
