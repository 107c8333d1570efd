<?php

/* A state of the search: some spreads placed, and the next free place. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Plan\Medium;

/** @internal to Paging */
final class PlacingNode
{
    /** @var array<int, int> how many of each shape of the group are placed */
    public array $counts = [];

    /** Places by which the spreads of the group placed so far stand earlier than wanted, taken together. */
    public int $owed = 0;

    /**
     * @param int $page the next free one
     * @param int $half 1 where the upper half of `$page` is taken
     * @param int $at   the page its spread was placed on
     */
    public function __construct(
        public readonly int $page,
        public readonly int $half = 0,
        public readonly int $empty = 0,
        public readonly int $moved = 0,
        public readonly int $kept = 0,
        public readonly int $parent = -1,
        public readonly ?Placeable $spread = null,
        public readonly int $at = 0,
        public readonly ?Medium $lastMedium = null,
    ) {
    }

    /** The last page its spread takes; 0 for the first node. */
    public function lastPage(): int
    {
        return null === $this->spread ? 0 : $this->at + $this->spread->pages() - 1;
    }

    /** 1 where its spread stands on the lower half of its page. */
    public function atHalf(): int
    {
        return 1 === $this->spread?->halves ? 1 - $this->half : 0;
    }

    /** @param array<int, int> $counts of each shape, this spread among them */
    public function placing(
        Placeable $spread,
        int $page,
        int $half,
        int $empty,
        array $counts,
        int $moved,
        int $owed,
        int $parent,
        int $kept,
    ): self {
        $last = $page + $spread->pages() - 1;
        // Two halves on one page: where one bleeds, the page does.
        $medium = 1 === $half && $page === $this->lastPage() && Medium::Bleeds === $this->lastMedium ? Medium::Bleeds : $spread->medium;
        $child = new self(
            1 === $spread->halves ? $page + $half : $last + 1,
            1 === $spread->halves ? 1 - $half : 0,
            $empty,
            $moved,
            $this->kept + $kept,
            $parent,
            $spread,
            $page,
            $medium,
        );
        $child->counts = $counts;
        $child->owed = $owed;

        return $child;
    }

    /** States with the same key have the same future; of them only the best is kept. */
    public function key(bool $paired): string
    {
        // Halves that fill pinned pages take no page of their own, so the page is not given by what was placed before.
        return implode(',', $this->counts)."/$this->page/$this->empty/$this->half/".match ($this->lastMedium) {
            Medium::Bleeds => 'b',
            Medium::Decoration => 'd',
            default => '',
        }.($paired ? ($this->spread->id ?? '') : '');
    }

    public function isBetterThan(self $other): bool
    {
        return $this->moved < $other->moved || ($this->moved === $other->moved && $this->kept > $other->kept);
    }
}
