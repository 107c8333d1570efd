<?php

/* Which steps are done: as they were ticked, and those of an opening also under the keys they have now. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;

final class TickedView
{
    /**
     * @param list<int>                                  $pages  of the opening; of the spreads on it, all pages
     * @param array<string, array<string, bool>>         $said   drawing → whether a step is done, by key
     * @param list<array{drawing: string, step: string}> $ticked in the whole book
     *
     * @return list<array{drawing: string, step: string}>
     */
    public static function of(Book $book, array $pages, array $said, array $ticked): array
    {
        $more = [];
        foreach ($pages as $page) {
            $name = $book->drawingName($page);
            foreach ([$book->drawing($page), ...(isset($said[$name]) ? $book->spreadDrawings($name) : [])] as $drawing) {
                foreach ($drawing->steps ?? [] as $step) {
                    if (!isset($said[$name][$step->key]) && $step->isDone($said[$name] ?? [])) {
                        $more["$name $step->key"] = ['drawing' => $name, 'step' => $step->key];
                    }
                }
            }
        }

        return [...$ticked, ...array_values($more)];
    }
}
