<?php

/* What is wrong with a key, and where. */

declare(strict_types=1);

namespace AmpleMargin\Key;

final class KeyProblem
{
    /** @param bool $stops false where it is only worth knowing */
    public function __construct(
        public readonly int $symbol,
        public readonly ?int $state,
        public readonly string $says,
        public readonly bool $stops = true,
    ) {
    }

    /** Where it is, as an edit names it: "symbols/2/states/0". */
    public function field(): string
    {
        return "symbols/$this->symbol".(null === $this->state ? '' : "/states/$this->state");
    }
}
