<?php

/* A way to make a book last: its changes as one edit, the pages it saves, what is lost by it. */

declare(strict_types=1);

namespace AmpleMargin\Book\Fit;

final class WayToLast
{
    /**
     * @param list<string>         $lost
     * @param array<string, mixed> $edit
     */
    public function __construct(
        public readonly string $say,
        public readonly array $lost,
        public readonly int $regret,
        public readonly int $saves,
        public readonly bool $fits,
        public readonly array $edit,
    ) {
    }
}
