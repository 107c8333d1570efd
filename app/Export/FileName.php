<?php

/* What a file is called that somebody takes out of the program: the book first, then what it is, in plain letters. */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Book\Book;

final class FileName
{
    private const LONGEST = 60;

    /** @param list<string> $asked @param int|null $side its number, where there are several */
    public static function sheets(Book $book, array $asked, string $as, ?int $side = null): string
    {
        $what = 1 === \count($asked) ? str_replace(':', ' ', $asked[0]) : 'sheets';

        return self::of($book->plan->title, $what.(null === $side ? '' : " $side"), $as);
    }

    /** "Harbour book – guides 7.pdf". */
    public static function of(string $title, string $what, string $as): string
    {
        $plain = implode(' - ', array_filter([self::plain($title), self::plain($what)], static fn (string $one): bool => '' !== $one));

        return ('' === $plain ? 'notebook' : $plain).".$as";
    }

    /** Letters, figures, spaces, hyphens, commas: what every file system and every browser takes. */
    private static function plain(string $words): string
    {
        $latin = transliterator_transliterate('Any-Latin; Latin-ASCII', $words);
        $kept = preg_replace('/[^A-Za-z0-9 ,_-]+/', '', false === $latin ? '' : $latin);

        return mb_substr(trim((string) preg_replace('/\s+/', ' ', (string) $kept)), 0, self::LONGEST);
    }
}
