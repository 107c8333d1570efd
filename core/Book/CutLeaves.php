<?php

/*
 * The leaves of a book that are cut, and what is seen through them: from the front of a leaf the right pages behind it, from its
 * back the left pages before it, until nothing is left that one could see through.
 */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Counting\Listed;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Spread\Page\Region;

final class CutLeaves implements SaysFindings
{
    /** Places that are named; the others are counted. */
    private const NAMED = 3;

    /** @param array<int, Slot> $slots page → what stands there */
    public function __construct(
        private readonly array $slots,
        private readonly Drawings $drawings,
        private readonly int $last,
    ) {
    }

    /** @return list<Region> what the knife takes of a page, in boxes; none where its leaf is whole */
    public function removed(int $page): array
    {
        $slot = $this->slots[$page] ?? null;

        return null === $slot || SlotKind::Spread !== $slot->is ? [] : $this->drawings->laid($slot->spread)->removed[$slot->nth] ?? [];
    }

    /**
     * The pages something is seen of through what is cut away, the nearest first; one outside the book is its cover.
     *
     * @return list<array{int, list<Region>}> page, and what of it is in sight
     */
    public function behind(int $page): array
    {
        $seen = [];
        $open = $this->removed($page);
        $way = Leaf::isLeft($page) ? -2 : 2;
        while ([] !== $open) {
            $page += $way;
            $through = $page < 1 || $page > $this->last ? [] : $this->removed($page);
            $left = self::common($open, $through);
            if ([] === $through || self::area($left) < self::area($open)) {
                $seen[] = [$page, $open];
            }
            $open = $left;
        }

        return $seen;
    }

    /** @return list<Finding> pages that are seen through a leaf of another spread */
    public function findings(): array
    {
        $seen = [];
        foreach ($this->slots as $page => $slot) {
            if (SlotKind::Spread !== $slot->is || $page > $this->last) {
                continue;
            }
            foreach ($this->behind($page) as [$behind, $regions]) {
                $other = $this->slots[$behind] ?? null;
                if (null !== $other && $other->spread === $slot->spread) {
                    continue;
                }
                $what = match (true) {
                    $behind < 1 || $behind > $this->last => 'the cover of the book',
                    null === $other => "page $behind",
                    default => "page $behind ($other->title)",
                };
                $seen[$slot->spread][] = [$slot->title, $page, $what, self::said($regions[0])];
            }
        }

        return array_map(self::finding(...), array_keys($seen), array_values($seen));
    }

    /**
     * All that is in sight through the leaves of one spread, in one sentence.
     *
     * @param non-empty-list<array{string, int, string, string}> $seen its title, the page that is cut, what is behind, where
     */
    private static function finding(string $spread, array $seen): Finding
    {
        [$title, $page, $what, $where] = $seen[0];
        if (1 === \count($seen)) {
            return new Finding(
                $spread,
                "$title: where page $page is cut, $what is in sight, $where. "
                    .'Draw it with that in mind, or give the leaf a page behind and before it.',
                [],
                false,
            );
        }
        $all = array_map(static fn (array $one): string => "through page $one[1] $one[2]", $seen);

        return new Finding($spread, "$title: where its leaves are cut, other pages are in sight at ".\count($seen).' places, '
            .Listed::first($all, self::NAMED)
            .'. Draw them with that in mind, or give each leaf a page behind and before it.', [], false);
    }

    private static function said(Region $region): string
    {
        return "$region->wide × $region->tall boxes from $region->x across and $region->y down";
    }

    /**
     * What two sets of regions have in common.
     *
     * @param list<Region> $some
     * @param list<Region> $others of which no two overlap, as of the first
     *
     * @return list<Region>
     */
    private static function common(array $some, array $others): array
    {
        $common = [];
        foreach ($some as $one) {
            foreach ($others as $other) {
                if ($one->meets($other)) {
                    [$x, $y] = [max($one->x, $other->x), max($one->y, $other->y)];
                    $common[] = new Region(
                        $x,
                        $y,
                        min($one->x + $one->wide, $other->x + $other->wide) - $x,
                        min($one->y + $one->tall, $other->y + $other->tall) - $y,
                    );
                }
            }
        }

        return $common;
    }

    /** @param list<Region> $regions */
    private static function area(array $regions): int
    {
        return array_sum(array_map(static fn (Region $one): int => $one->wide * $one->tall, $regions));
    }
}
