<?php

/* A plan with every one of its books composed: known to be whole before anything of it is kept. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class ComposedPlan
{
    /** @param non-empty-array<array-key, Book> $books by id, the first first */
    private function __construct(
        public readonly Plan $plan,
        private readonly array $books,
        public readonly Faults $faults,
        public readonly Memory $memory,
    ) {
    }

    public static function of(
        Plan $plan,
        Catalogue $catalogue = new Catalogue(),
        Faults $faults = new Faults(),
        Memory $memory = new Memory(),
    ): self {
        return new self($plan, Composer::all($plan, $catalogue, $faults, $memory), $faults, $memory);
    }

    /** The book of that id; the first where an edit has taken it away. */
    public function book(string $id): Book
    {
        return $this->books[$id] ?? $this->books[array_key_first($this->books)];
    }

    /** Lays the spreads of every book out too: whatever breaks in that breaks now. */
    public function laidOut(): self
    {
        foreach ($this->books as $book) {
            $book->findings();
        }

        return $this;
    }

    public function has(string $id): bool
    {
        return isset($this->books[$id]);
    }
}
