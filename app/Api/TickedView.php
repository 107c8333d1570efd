<?php

/* Which steps are done: as they were ticked, and those of an opening also under the keys they have now. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;

final class TickedView
{
    /**
     * @param list<int>                          $pages of the opening; of the spreads on it, all pages
     * @param array<string, array<string, bool>> $said  drawing → whether a step is done, by key
     *
     * @return list<array{drawing: string, step: string}>
     */
    public static function of(Book $book, array $pages, array $said): array
    {
        $done = array_map(array_filter(...), $said);
        foreach ($pages as $page) {
            $name = $book->drawingName($page);
            foreach (isset($said[$name]) ? [$book->drawing($page), ...$book->spreadDrawings($name)] : [] as $drawing) {
                foreach ($drawing->steps ?? [] as $step) {
                    if ($step->isDone($said[$name])) {
                        $done[$name][$step->key] = true;
                    }
                }
            }
        }
        $ticked = [];
        foreach ($done as $name => $steps) {
            foreach (array_keys($steps) as $step) {
                $ticked[] = ['drawing' => (string) $name, 'step' => (string) $step];
            }
        }

        return $ticked;
    }
}
