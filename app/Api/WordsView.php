<?php

/* The words on a spread's pages: where each stands, and where it is kept. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Word\WordOnPage;

final class WordsView
{
    /**
     * Of the part of a month that stands on a page.
     *
     * @return array<string, mixed> its words, and of which part of which pattern they are
     *
     * @throws NotFound where no month stands there
     */
    public static function ofMonth(Book $book, int $page): array
    {
        $slot = $page >= 1 && $page <= $book->plan->stock->pages ? $book->slot($page) : null;
        [$month, $part] = [$slot?->month, $slot?->part];
        $kind = null === $part ? null : $book->catalogue()->kind($part->kind);
        if (null === $slot || null === $month || null === $part || null === $kind) {
            throw new NotFound("No month is drawn on page $page.");
        }
        $pattern = $book->plan->months->patternOf($month);
        // "2027-01/month-notes-2": the second of its kind in the pattern; weeks are one part of it on many pages.
        $nth = PatternPart::WEEKS === $part->kind ? 1 : (int) preg_replace('/^.*-/', '', $slot->drawing);
        $alike = array_keys(array_filter($pattern->parts, static fn (PatternPart $one): bool => $one->kind === $part->kind));

        return [
            'pattern' => $pattern->id,
            'part' => $alike[$nth - 1] ?? throw new NotFound('This part of the month is in no pattern any more.'),
            'words' => self::placed($book->partsIn($month, $part)->words($kind, $part->settings), $page - $slot->nth, 0),
        ];
    }

    /** @return array<string, mixed> @throws NotFound where nobody knows its kind */
    public static function of(Book $book, PlannedSpread $spread): array
    {
        $kind = $book->catalogue()->kind($spread->kind) ?? throw new NotFound('Nobody knows what this spread is.');
        $first = $book->pageOf($spread->id) ?? 0;
        // What shares a page may stand on its lower half.
        $isLower = 0 < $first && $spread->id === $book->slot($first)->lower?->spread;
        $stock = $book->plan->stock;
        $lower = $isLower ? Grain::PER_BOX * ($stock->down - $stock->half()) : 0;

        return ['words' => self::placed($book->partsOf($spread)->words($kind, $spread->settings), $first, $lower)];
    }

    /**
     * @param list<WordOnPage> $words
     * @param int              $first page they begin on
     * @param int              $lower grains they stand further down
     *
     * @return list<array<string, mixed>>
     */
    private static function placed(array $words, int $first, int $lower): array
    {
        return array_map(static fn (WordOnPage $word): array => [
            'page' => $first + $word->page,
            'place' => [$word->mark->x, $word->mark->y + $lower, $word->mark->wide, $word->mark->tall],
            'text' => $word->mark->text,
            'says' => $word->says,
            'called' => $word->called,
            'at' => null === $word->place ? null : (string) $word->place,
        ], $words);
    }
}
