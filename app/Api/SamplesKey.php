<?php

/* What the samples of the drawer depend on, as one short mark: while it stays the same, nobody fetches or draws them again. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;

final class SamplesKey
{
    /** What a plan's file says of the paper, the time and the look of its pages. */
    private const OF_PLAN = ['language', 'counting', 'stock', 'period', 'weeks', 'palette', 'hand', 'dress', 'kinds', 'volumes'];

    /**
     * The index that a sample shows is the book's as it was: only its own page has to be up to date.
     *
     * @param array<string, mixed> $plan as it is written
     */
    public static function of(Book $book, array $plan): string
    {
        $said = array_intersect_key($plan, array_flip(self::OF_PLAN)) + ['book' => $book->plan->id, 'key' => $book->plan->key];

        return hash('xxh3', (string) json_encode($said, \JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
