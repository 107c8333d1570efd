<?php

/* One line of a preview: what comes in, what becomes of it and why. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

final class Incoming
{
    /** @param Entry|null $entry with the id it will have; null where it could not be read */
    public function __construct(
        public readonly ?Entry $entry,
        public readonly Arrival $as,
        public readonly string $where,
        public readonly string $says,
    ) {
    }
}
