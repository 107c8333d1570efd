<?php

/* What cannot be, where, why, and the ways out: each offer is an edit ready to be made. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Finding
{
    /**
     * @param string      $about  what it speaks of: a spread's id, a month, "book"
     * @param list<Offer> $offers ways out
     * @param bool        $broken false where it is only worth knowing
     * @param string      $see    where it is decided, if not where it speaks of: "key", "pens", "dress"; or ""
     */
    public function __construct(
        public readonly string $about,
        public readonly string $says,
        public readonly array $offers = [],
        public readonly bool $broken = true,
        public readonly string $see = '',
    ) {
    }

    /** With one more way out, before the others. */
    public function offering(Offer $offer): self
    {
        return new self($this->about, $this->says, [$offer, ...$this->offers], $this->broken, $this->see);
    }
}
