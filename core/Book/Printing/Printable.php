<?php

/* One sort of thing a book can have printed: what it is called, what may be said after it, and its pieces. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\SheetRefused;

interface Printable
{
    /** As it is asked for: "guides". */
    public static function word(): string;

    /** As it is listed: "Page guides". */
    public static function name(): string;

    /** What is said after the word, for a person: "7, 20-21 …"; "" where nothing is. */
    public static function asks(): string;

    /**
     * @param string $said after the word; "" for nothing
     *
     * @return list<Piece>
     *
     * @throws PlanProblem  where the book has none, or what was said is no such thing
     * @throws SheetRefused where one cannot be printed on this paper
     */
    public function pieces(Context $context, string $said): array;
}
