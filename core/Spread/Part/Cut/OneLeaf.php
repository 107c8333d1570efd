<?php

/* What a window and a short leaf have in common: one leaf is cut, and the page behind it, or also the one before, belongs to it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part\Cut;

use AmpleMargin\Plan\Side;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Cut;
use AmpleMargin\Spread\Part\CutPage;

/** @internal to Spread */
abstract class OneLeaf extends Cut
{
    private const BEFORE = 3;

    public function roles(): array
    {
        return ['Its front', 'Its back', 'The page behind it', 'The page before it'];
    }

    public function main(): int
    {
        return 0;
    }

    public function least(): int
    {
        return 2;
    }

    public function starts(int $partings): Side
    {
        return $partings > self::BEFORE ? Side::Left : Side::Right;
    }

    public function shownOn(int $parting, int $pages): int
    {
        return self::BEFORE === $parting ? 0 : $parting + ($pages > self::BEFORE ? 1 : 0);
    }

    public function pages(array $partings, Request $request): array
    {
        $grid = $request->grid;
        $page = new Region(0, 0, $grid->across, $grid->down);
        $removed = $this->removed($request);
        $mirrored = static fn (Region $one): Region => new Region($grid->across - $one->x - $one->wide, $one->y, $one->wide, $one->tall);
        $whole = $this->whole($request);
        $pages = [
            new CutPage([[$partings[0], '0', $whole]], $removed, $this->cutting($request)),
            new CutPage([[$partings[1] ?? $partings[0], '1', $mirrored($whole)]], array_map($mirrored, $removed)),
        ];
        if (isset($partings[2])) {
            $pages[] = new CutPage([[$partings[2], '2', $page]]);
        }

        return isset($partings[self::BEFORE])
            ? [new CutPage([[$partings[self::BEFORE], (string) self::BEFORE, $page]]), ...$pages]
            : $pages;
    }

    /** @return non-empty-list<Region> what is cut away, as seen from the front */
    abstract protected function removed(Request $request): array;

    /** Where the front's parting stands. */
    abstract protected function whole(Request $request): Region;

    /** How it is cut, within a sentence. */
    abstract protected function cutting(Request $request): string;
}
