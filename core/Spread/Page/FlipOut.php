<?php

/* A leaf taped onto a page by one edge, which folds out. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

final class FlipOut
{
    /**
     * @param Region $place where it lies folded
     * @param string $hinge "outer", "head" or "foot": the edge it is taped by
     */
    public function __construct(public readonly Region $place, public readonly string $hinge)
    {
    }

    /** The same leaf taped on further right and down. */
    public function moved(int $across, int $down): self
    {
        return new self($this->place->moved($across, $down), $this->hinge);
    }
}
