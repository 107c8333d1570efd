<?php

/* A state a symbol turns into, by strokes added to it: ink cannot be erased. */

declare(strict_types=1);

namespace AmpleMargin\Key;

/** @internal to Key */
final class State
{
    /**
     * @param list<Stroke> $add   what is drawn over what stands there
     * @param int|null     $after the state it is reached from, counted from 0; null for the symbol as first drawn
     */
    public function __construct(public readonly string $name, public readonly array $add, public readonly ?int $after = null)
    {
    }
}
