<?php

/* A region of a page before it has a place: filled, or divided again. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Region;

interface Portion
{
    /** @return list<FilledPart> all that is filled in it */
    public function leaves(): array;

    /** What it is divided into; null where there is no such part. @param int $i from 0 */
    public function part(int $i): ?self;

    /** The same with another part in the place of one it has. @param int $i from 0 */
    public function withPart(int $i, self $part): self;

    /** Divisions one inside another; 0 where it is not divided. */
    public function deep(): int;

    /**
     * The same with each of these made another, in their order.
     *
     * @param \Closure(FilledPart): FilledPart $as
     */
    public function each(\Closure $as): self;

    /** With what the person said of its open settings in its own, so that it can stand alone. */
    public function settled(Asker $asker): self;

    /**
     * Asking a person for these settings, wherever a part has them.
     *
     * @param list<string> $names
     */
    public function asking(array $names): self;

    /** Boxes down it needs in a region so wide. */
    public function tall(Asker $asker, int $wide): int;

    /** Boxes across it needs at least. */
    public function narrowest(Asker $asker): int;

    /**
     * Where everything in it stands.
     *
     * @param string $path of itself: "1.0" is the first part of the second part, "" the whole page
     *
     * @return list<PlacedLeaf>
     *
     * @throws NoRoom where there are more parts than boxes
     */
    public function place(Asker $asker, Region $region, string $path = ''): array;

    /**
     * How it is divided, and how its parts are, the outer ones first.
     *
     * @return list<PlacedDivision>
     *
     * @throws NoRoom as above
     */
    public function divisions(Asker $asker, Region $region, string $path = ''): array;
}
