<?php

/* What a month is made of, in order; named, and shared by the months that use it. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

final class Pattern
{
    /** @param list<PatternPart> $parts */
    public function __construct(public readonly string $id, public readonly string $name, public readonly array $parts)
    {
    }
}
