<?php

/* What a page of the book is taken by. */

declare(strict_types=1);

namespace AmpleMargin\Book;

enum SlotKind: string
{
    case Spread = 'spread';
    case Month = 'month';
    /** Between spreads. */
    case Empty = 'empty';
    /** After the months. */
    case Spare = 'spare';
    /** Skipped or ruined. */
    case Lost = 'lost';
    /** The stock's first leaf. */
    case Closed = 'closed';

    /** Whether nothing stands there and something may. */
    public function isFree(): bool
    {
        return self::Empty === $this || self::Spare === $this;
    }
}
