<?php

/* What becomes of something that comes in, before it is taken. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

enum Arrival: string
{
    case New = 'new';
    /** Came before, and says something else now. */
    case Changed = 'changed';
    /** Came before, and says the same. */
    case Same = 'same';
    /** On the same day and in nearly the same words there is one already. */
    case Double = 'double';
    /** In no month of the book, nor in the year after. */
    case Outside = 'outside';
    /** Could not be read. */
    case Skipped = 'skipped';

    /** Whether it is taken unless somebody says otherwise. */
    public function isTaken(): bool
    {
        return self::New === $this || self::Changed === $this;
    }
}
