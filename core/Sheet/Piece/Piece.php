<?php

/* One thing to print: how large, what stands on it, on one side or both, and how it comes off the sheet. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Piece;

final class Piece
{
    /**
     * @param string    $name    of this one: "March 2027", "Page 7: Year at a glance"
     * @param string    $sort    what several of them are called together: "Months to cut out"
     * @param int       $wide    µm of what comes off the sheet
     * @param Face|null $back    printed behind the front, edge to edge; null for nothing
     * @param string    $caution said at the head of its sheet; "" for nothing
     * @param bool      $sticks  whether it is stuck into the book and may be printed on a label
     */
    public function __construct(
        public readonly string $name,
        public readonly string $sort,
        public readonly int $wide,
        public readonly int $tall,
        public readonly Face $front,
        public readonly ?Face $back = null,
        public readonly CutAlong $cut = CutAlong::Edges,
        public readonly string $caution = '',
        public readonly bool $sticks = false,
    ) {
    }

    /** As in a mirror: what stands behind a sheet that is held against the light. */
    public function mirrored(string $name, string $sort): self
    {
        $mirror = Placing::mirrored($this->wide);

        return new self(
            $name,
            $sort,
            $this->wide,
            $this->tall,
            $this->front->put($mirror),
            $this->back?->put($mirror),
            $this->cut,
            $this->caution,
            $this->sticks,
        );
    }
}
