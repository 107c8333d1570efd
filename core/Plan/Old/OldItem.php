<?php

/* One thing of a list of the old book: reached, or carried on, perhaps in other words, or let go. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

final class OldItem
{
    /** Letters of its words. */
    public const LONGEST = 200;

    /**
     * @param ItemFate|null $as       null where nothing is said: it goes on where its list does
     * @param string|null   $reworded the words it goes on with; null for those it has
     */
    public function __construct(
        public readonly string $words,
        public readonly ?ItemFate $as = null,
        public readonly ?string $reworded = null,
    ) {
    }

    /** Whether it heads those below it, and is nothing that is done. */
    public function isHead(): bool
    {
        return str_ends_with($this->words, ':');
    }

    /** The words it goes on with; null where it does not. @param bool $listed whether its list goes on */
    public function carried(bool $listed): ?string
    {
        return ItemFate::Carry === $this->as || ($listed && null === $this->as) ? $this->reworded ?? $this->words : null;
    }
}
