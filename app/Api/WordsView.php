<?php

/* The words on a spread's pages: where each stands, and where it is kept. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Word\WordOnPage;

final class WordsView
{
    /** @return array<string, mixed> @throws NotFound where nobody knows its kind */
    public static function of(Book $book, PlannedSpread $spread): array
    {
        $kind = $book->catalogue()->kind($spread->kind) ?? throw new NotFound('Nobody knows what this spread is.');
        $first = $book->pageOf($spread->id) ?? 0;
        // What shares a page may stand on its lower half.
        $isLower = 0 < $first && $spread->id === $book->slot($first)->lower?->spread;
        $half = intdiv($book->plan->stock->down - 1, 2);
        $lower = $isLower ? Grain::PER_BOX * ($book->plan->stock->down - $half) : 0;

        return ['words' => array_map(static fn (WordOnPage $word): array => [
            'page' => $first + $word->page,
            'place' => [$word->mark->x, $word->mark->y + $lower, $word->mark->wide, $word->mark->tall],
            'text' => $word->mark->text,
            'says' => $word->says,
            'called' => $word->called,
            'at' => null === $word->place ? null : (string) $word->place,
        ], $book->partsOf($spread)->words($kind, $spread->settings))];
    }
}
