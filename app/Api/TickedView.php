<?php

/* Which steps of an opening are done, and of the spreads that stand on it; under the keys they have now, whatever they were ticked under. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;

final class TickedView
{
    /**
     * @param list<int>                          $pages
     * @param array<string, array<string, bool>> $said  drawing → whether a step is done, by key
     *
     * @return list<array{drawing: string, step: string}>
     */
    public static function of(Book $book, array $pages, array $said): array
    {
        $ticked = [];
        foreach ($pages as $page) {
            $name = $book->drawingName($page);
            foreach ([$book->drawing($page), ...(isset($said[$name]) ? $book->spreadDrawings($name) : [])] as $drawing) {
                foreach ($drawing->steps ?? [] as $step) {
                    if ($step->isDone($said[$name] ?? [])) {
                        $ticked["$name $step->key"] = ['drawing' => $name, 'step' => $step->key];
                    }
                }
            }
        }

        return array_values($ticked);
    }
}
