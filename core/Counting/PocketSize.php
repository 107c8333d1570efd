<?php

/* How large the pocket of a loose card is: what shows of it, in boxes. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class PocketSize
{
    /** Boxes of a flap to glue, on three sides. */
    public const FLAP = 2;

    private function __construct(public readonly int $wide, public readonly int $deep)
    {
    }

    /**
     * One box wider than the card, so that it slides in; two thirds as deep, rounded up, so that it does not slide out.
     *
     * Source: docs/trade.md, "The grid spacing sheet" (common practice, no source; the depth from memory)
     */
    public static function of(int $across, int $down): self
    {
        return new self($across + 1, intdiv(2 * $down + 2, 3));
    }
}
