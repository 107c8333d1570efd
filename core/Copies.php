<?php

/* One way to copy a value: the same but for what is said. Only for values whose properties are what their constructor takes. */

declare(strict_types=1);

namespace AmpleMargin;

trait Copies
{
    /** @param array<string, mixed> $changes named as the constructor's parameters */
    private function but(array $changes): self
    {
        // @phpstan-ignore argument.type (its own properties, and those of the same names)
        return new self(...array_replace(get_object_vars($this), $changes));
    }
}
