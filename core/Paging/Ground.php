<?php

/* The pages as the search walks them: which are taken by pins, and what may lie on the back of what. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Side;

final class Ground
{
    /** @var array<int, Placeable> page → the pinned spread on it */
    private array $taken = [];

    /** @var array<int, int> pages nothing may stand on */
    private array $closed;

    /** @param list<Placed> $pinned */
    public function __construct(public readonly PageRules $rules, public readonly array $pinned)
    {
        $this->closed = array_flip($rules->closed);
        foreach ($pinned as $placed) {
            for ($page = $placed->page; $page <= $placed->lastPage(); ++$page) {
                $this->taken[$page] = $placed->spread;
            }
        }
    }

    /** This page, or the next one no pin has taken. */
    public function freeFrom(int $page): int
    {
        while (isset($this->taken[$page]) || isset($this->closed[$page])) {
            ++$page;
        }

        return $page;
    }

    /**
     * Whether a spread may start here.
     *
     * @param Medium|null $behind the medium on the page before this one, where that is on the same leaf and not empty
     */
    public function takes(Placeable $spread, int $page, ?Medium $behind): bool
    {
        $last = $page + $spread->pages() - 1;
        if (($spread->startsLeft || Side::Left === $spread->side) && !Leaf::isLeft($page)) {
            return false;
        }
        if (Side::Right === $spread->side && Leaf::isLeft($page)) {
            return false;
        }
        for ($at = $page; $at <= $last; ++$at) {
            if (isset($this->taken[$at]) || isset($this->closed[$at]) || !$this->bears($spread, $at)) {
                return false;
            }
        }
        $behind ??= Leaf::isLeft($page) ? ($this->taken[$page - 1] ?? null)?->medium : null;
        $ahead = Leaf::isLeft($last) ? null : ($this->taken[$last + 1] ?? null)?->medium;

        return self::backToBack($spread->medium, $behind) && self::backToBack($spread->medium, $ahead);
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
