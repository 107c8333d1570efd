<?php

/*
 * What has been worked out for plans that differ only in their months or in spreads left out: how long each spread is, and
 * where those that are left stand. The ways to fit try hundreds of such plans. Held by the search, never by the program.
 */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Paging\Placeable;
use AmpleMargin\Paging\Placement;

/** @internal to Book */
final class Known
{
    /** @var array<string, Placeable> */
    private array $placeables = [];

    /** @var array<string, Placement> */
    private array $placements = [];

    /** @param int $nodes that one placement may walk; fewer than a book's own, for hundreds are tried */
    public function __construct(public readonly int $nodes = 15_000, public readonly Memory $memory = new Memory())
    {
    }

    /** @param \Closure(): Placeable $make */
    public function placeable(string $key, \Closure $make): Placeable
    {
        return $this->placeables[$key] ??= $make();
    }

    /** @param \Closure(): Placement $make */
    public function placement(string $key, \Closure $make): Placement
    {
        return $this->placements[$key] ??= $make();
    }
}
