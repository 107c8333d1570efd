<?php

/* A spread that was dropped before: so that it is not taken up again without a thought. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

final class Gone
{
    public const MOST = 200;

    /**
     * @param string $kind of the catalogue; "" where nobody knows
     * @param int    $year of the book it was dropped from
     * @param string $why  "never looked at"; "" where nobody said
     */
    public function __construct(
        public readonly string $title,
        public readonly string $kind,
        public readonly int $year,
        public readonly string $why,
    ) {
    }
}
