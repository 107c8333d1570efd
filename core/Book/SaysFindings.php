<?php

/* Whoever has something to say of a book; each is asked after the other. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;

/** @internal to Book */
interface SaysFindings
{
    /** @return list<Finding> what the person should know */
    public function findings(): array;
}
