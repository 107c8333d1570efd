<?php

/* The pages as the search walks them: which are taken by pins, and what may lie on the back of what. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Side;

/** @internal to Paging */
final class Ground
{
    /** @var array<int, non-empty-list<Placeable>> page → what is pinned to it; two halves share a page */
    private array $taken = [];

    /** @var array<int, int> pages nothing may stand on */
    private array $closed;

    /** @param list<PlacedSpread> $pinned */
    public function __construct(public readonly PageRules $rules, public readonly array $pinned)
    {
        $this->closed = array_flip($rules->closed);
        foreach ($pinned as $placed) {
            for ($page = $placed->page; $page <= $placed->lastPage(); ++$page) {
                $this->taken[$page][] = $placed->spread;
            }
        }
    }

    /** This page, or the next one no pin has taken any of. */
    public function freeFrom(int $page): int
    {
        while (isset($this->taken[$page]) || isset($this->closed[$page])) {
            ++$page;
        }

        return $page;
    }

    public function hasHalfPins(): bool
    {
        foreach ($this->taken as $spreads) {
            if ($spreads[0]->isHalf()) {
                return true;
            }
        }

        return false;
    }

    /** Whether a single half page is pinned here, so that another half may stand below it. */
    public function isHalfTaken(int $page): bool
    {
        return isset($this->taken[$page])
            && !isset($this->closed[$page])
            && 1 === \count($this->taken[$page])
            && $this->taken[$page][0]->isHalf();
    }

    /**
     * Whether a spread may start here.
     *
     * @param Medium|null $behind the medium on the page before this one, where that is on the same leaf and not empty
     */
    public function takes(Placeable $spread, int $page, ?Medium $behind): bool
    {
        // Asked a million times by a search, so the plain cases are answered without finding words.
        $left = Leaf::isLeft($page);
        if (($spread->startsLeft || Side::Left === $spread->side) && !$left || Side::Right === $spread->side && $left) {
            return false;
        }
        if ([] === $this->taken && [] === $this->closed && [] === $this->rules->undotted && Medium::Stamped !== $spread->medium) {
            return !$left || null === $behind || self::backToBack($spread->medium, $behind);
        }

        return null === $this->trouble($spread, $page, $behind);
    }

    /**
     * Why a spread may not start here, as the end of a sentence; null where it may.
     *
     * @param Medium|null $behind as above
     */
    public function trouble(Placeable $spread, int $page, ?Medium $behind): ?string
    {
        if (($spread->startsLeft || Side::Left === $spread->side) && !Leaf::isLeft($page)) {
            return "page $page is a right page";
        }
        if (Side::Right === $spread->side && Leaf::isLeft($page)) {
            return "page $page is a left page";
        }
        $last = $page + $spread->pages() - 1;
        for ($at = $page; $at <= $last; ++$at) {
            if (isset($this->closed[$at])) {
                return "page $at is skipped, ruined or kept for another";
            }
            if (isset($this->taken[$at]) && !($spread->isHalf() && $this->isHalfTaken($at))) {
                return "{$this->taken[$at][0]->name} is pinned to page $at";
            }
            if (!$this->bears($spread, $at)) {
                return Medium::Stamped === $spread->medium && !$this->rules->stampable($at)
                    ? "page $at is on one of the first or last ".PageRules::STAMP_LEAVES.' leaves, where stamps print unevenly'
                    : "page $at has no dots";
            }
        }
        $pinned = Leaf::isLeft($page) ? $this->medium($page - 1) : null;
        $ahead = Leaf::isLeft($last) ? null : $this->medium($last + 1);
        foreach ([[$behind, $page - 1], [$pinned, $page - 1], [$ahead, $last + 1]] as [$other, $at]) {
            if (!self::backToBack($spread->medium, $other)) {
                return Medium::Bleeds === $spread->medium
                    ? "it bleeds through to page $at, on the back of the same leaf"
                    : "what stands on page $at, on the back of the same leaf, bleeds through";
            }
        }

        return null;
    }

    /** What a pinned page is made with; of two halves the one that bleeds, and decoration only where both are. */
    private function medium(int $page): ?Medium
    {
        $media = array_map(static fn (Placeable $spread): Medium => $spread->medium, $this->taken[$page] ?? []);
        foreach ([Medium::Bleeds, Medium::Dry, Medium::Stamped] as $medium) {
            if (\in_array($medium, $media, true)) {
                return $medium;
            }
        }

        return $media[0] ?? null;
    }

    /** Whether the page itself suits the spread, whatever stands beside it. */
    public function bears(Placeable $spread, int $page): bool
    {
        return !($spread->needsGrid && \in_array($page, $this->rules->undotted, true))
            && (Medium::Stamped !== $spread->medium || $this->rules->stampable($page));
    }

    /** Two faces of one leaf: a medium that bleeds needs decoration, or nothing, on its back. */
    public static function backToBack(?Medium $one, ?Medium $other): bool
    {
        if (null === $one || null === $other) {
            return true;
        }

        return (Medium::Bleeds !== $one || Medium::Decoration === $other) && (Medium::Bleeds !== $other || Medium::Decoration === $one);
    }
}
