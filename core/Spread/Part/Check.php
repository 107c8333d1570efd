<?php

/* How a part is checked when it is done. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

final class Check
{
    /**
     * @param \Closure(): string|string $says "" where there is nothing to check
     * @param string|null               $of   the working it is of
     * @param list<string>              $was  what it said before
     */
    public function __construct(
        private readonly string|\Closure $says = '',
        public readonly ?string $of = null,
        public readonly array $was = [],
    ) {
    }

    public function says(): string
    {
        return $this->says instanceof \Closure ? ($this->says)() : $this->says;
    }
}
