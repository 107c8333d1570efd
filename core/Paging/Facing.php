<?php

/* What a search must know of spreads that face each other: which next spread that allows, and what it brings together. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Paper\Leaf;

/** @internal to Paging */
final class Facing
{
    /**
     * @param array<string, string> $all      id → the id it should face, both ways
     * @param array<string, int>    $pinnedAt id → page
     * @param array<string, true>   $required ids of pairs that must face each other, both of each
     */
    public function __construct(private readonly array $all, private readonly array $pinnedAt, private readonly array $required)
    {
    }

    public function isPaired(Placeable $spread): bool
    {
        return isset($this->all[$spread->id]);
    }

    public function hasPairs(): bool
    {
        return [] !== $this->all;
    }

    public function hasRules(): bool
    {
        return [] !== $this->required;
    }

    /**
     * Whether every pair that must face each other still can, with this spread here: the first on the left, the second next on the right.
     */
    public function keeps(Placeable $spread, int $page, PlacingNode $node): bool
    {
        $waiting = $this->waitsFor($node);
        if (null !== $waiting) {
            return $spread->id === $waiting && $page === $node->lastPage() + 1;
        }
        if (!isset($this->required[$spread->id])) {
            return true;
        }
        $pin = $this->pinnedAt[$this->all[$spread->id]] ?? null;

        return null === $pin ? Leaf::isLeft($page) : $page === Leaf::facing($pin);
    }

    /** The spread that must come next, opposite the last one placed; null where none must. */
    public function waitsFor(PlacingNode $node): ?string
    {
        $other = isset($this->required[$node->spread->id ?? '']) ? $this->all[$node->spread->id ?? ''] : null;

        return null === $other || isset($this->pinnedAt[$other]) || !Leaf::isLeft($node->lastPage()) ? null : $other;
    }

    /** 1 where placing this spread here brings it opposite the one it should face. */
    public function kept(Placeable $spread, int $page, PlacingNode $node): int
    {
        $other = $this->all[$spread->id] ?? null;
        if (null === $other || 2 !== $spread->halves) {
            return 0;
        }
        if (isset($this->pinnedAt[$other])) {
            return $this->pinnedAt[$other] === Leaf::facing($page) ? 1 : 0;
        }

        return !Leaf::isLeft($page) && $node->lastPage() === $page - 1 && $node->spread?->id === $other ? 1 : 0;
    }
}
