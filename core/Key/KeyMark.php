<?php

/* One mark of a key as it stands on paper: a symbol, or one of its states. */

declare(strict_types=1);

namespace AmpleMargin\Key;

final class KeyMark
{
    /**
     * @param int|null     $state null for the symbol as first drawn
     * @param list<Stroke> $strokes
     */
    public function __construct(
        public readonly int $symbol,
        public readonly ?int $state,
        public readonly string $name,
        public readonly array $strokes,
    ) {
    }
}
