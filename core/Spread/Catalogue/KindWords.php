<?php

/* What a kind is for, and by which words it is found. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Copies;

final class KindWords
{
    use Copies;

    /**
     * @param string       $purpose a line for the catalogue
     * @param list<string> $names   other words people have for it
     * @param string|null  $plural  several of it, where that is not its name
     */
    public function __construct(
        public readonly string $purpose = '',
        public readonly array $names = [],
        public readonly ?string $plural = null,
    ) {
    }

    public function for(string $purpose): self
    {
        return $this->but(['purpose' => $purpose]);
    }

    /** @param list<string> $names */
    public function called(array $names): self
    {
        return $this->but(['names' => $names]);
    }

    public function several(string $plural): self
    {
        return $this->but(['plural' => $plural]);
    }
}
