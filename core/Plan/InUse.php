<?php

/* What the book in use says against its plan: the last page each month took, and pages skipped or ruined. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

final class InUse
{
    /**
     * @param array<string, int> $used month ("2027-01") → last page it took
     * @param list<int>          $lost pages skipped or ruined, rising
     */
    public function __construct(public readonly array $used = [], public readonly array $lost = [])
    {
    }

    public function isEmpty(): bool
    {
        return [] === $this->used && [] === $this->lost;
    }
}
