<?php

/* A thing to print of which there are some to choose from: pages of the book, sizes. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;

interface Chosen
{
    /** @return non-empty-list<array{say: string, name: string}> what is said after the word, and how it is listed; the usual one first */
    public static function choices(Book $book): array;
}
