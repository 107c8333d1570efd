<?php

/* A region of a page before it has a place: filled, or divided again. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface Piece
{
    /** Boxes down it needs in a region so wide. */
    public function tall(Asker $asker, int $wide): int;

    /** Boxes across it needs at least. */
    public function narrowest(Asker $asker): int;

    /**
     * Where everything in it stands.
     *
     * @return list<PlacedLeaf>
     *
     * @throws NoRoom where a part would be too small
     */
    public function place(Asker $asker, Region $region): array;
}
