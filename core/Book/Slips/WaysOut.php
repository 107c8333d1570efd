<?php

/* Where a slip is, and the ways that save it. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

/** @internal to Book */
final class WaysOut
{
    /** @param list<Saving> $ways */
    public function __construct(public readonly string $where, public readonly array $ways = [])
    {
    }
}
