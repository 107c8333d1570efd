<?php

/* Pieces on the fewest sheets that were found, and how few there can be at all. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

final class Packed
{
    /**
     * @param list<non-empty-list<Put>> $sheets
     * @param list<int>       $left   pieces larger than the room
     * @param int             $bound  sheets the others need at least, proven
     */
    public function __construct(public readonly array $sheets, public readonly array $left, public readonly int $bound)
    {
    }
}
