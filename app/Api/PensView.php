<?php

/* Pens as they were seen on this paper, with what follows for each. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Making\PenVerdict;
use AmpleMargin\Plan\Making\PenSort;
use AmpleMargin\Plan\Making\TestedPen;
use AmpleMargin\Spread\Catalogue\Fact;

final class PensView
{
    /** @return array<string, mixed> */
    public static function of(Book $book): array
    {
        $pens = $book->plan->whole->making->pens;
        $grammage = $book->plan->stock->grammage;

        return [
            'grammage' => $grammage,
            'pens' => array_map(static function (TestedPen $pen) use ($pens, $grammage): array {
                $verdict = PenVerdict::of($pen, $pens, $grammage);

                return $pen->written() + [
                    'bleeds_here' => $verdict->bleeds,
                    'seen' => $verdict->seen,
                    'says' => $verdict->says,
                ];
            }, $pens),
            'sorts' => array_map(
                static fn (PenSort $sort): array => ['id' => $sort->value, 'words' => $sort->words(), 'solvent' => $sort->isSolvent()],
                PenSort::cases(),
            ),
            'palette' => array_map(static fn ($pen): array => ['colour' => $pen->colour, 'means' => $pen->means], $book->plan->pens->pens),
            'test_page' => self::testPage($book),
        ];
    }

    /** The page pens are tried on; null where the book has none. */
    private static function testPage(Book $book): ?int
    {
        foreach ($book->plan->spreads as $spread) {
            if (true === $book->catalogue()->of($spread)?->is(Fact::TriesPens)) {
                return $book->pageOf($spread->id);
            }
        }

        return null;
    }
}
