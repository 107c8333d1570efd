<?php

/* All that is already known about a book's year, and what became of it when its month was set up. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

final class KnownDates
{
    /** Entries a book keeps. From memory: a person writes some hundreds by hand. */
    public const MOST = 2_000;

    public const COPIED = 'copied';
    public const DROPPED = 'dropped';

    /**
     * @param list<Entry>           $entries    by id
     * @param list<Category>        $categories none for the usual ones
     * @param array<string, string> $settled    key of an occurrence → "copied", "dropped", or the month it was put off to
     */
    public function __construct(
        public readonly array $entries = [],
        public readonly array $categories = [],
        public readonly array $settled = [],
    ) {
    }

    public function isEmpty(): bool
    {
        return [] === $this->entries && [] === $this->categories && [] === $this->settled;
    }

    /** @return list<Category> */
    public function sorts(): array
    {
        return [] === $this->categories ? Category::usual() : $this->categories;
    }

    public function category(string $id): ?Category
    {
        foreach ($this->sorts() as $category) {
            if ($category->id === $id) {
                return $category;
            }
        }

        return null;
    }

    public function entry(string $id): ?Entry
    {
        foreach ($this->entries as $entry) {
            if ($entry->id === $id) {
                return $entry;
            }
        }

        return null;
    }

    /** With an entry put in, in place of the one with its id where there is one. */
    public function with(Entry ...$entries): self
    {
        $all = array_column($this->entries, null, 'id');
        foreach ($entries as $entry) {
            $all[$entry->id] = $entry;
        }

        return new self(array_values($all), $this->categories, $this->settled);
    }

    /** Without it, and without what became of it. */
    public function without(string ...$ids): self
    {
        $gone = array_flip($ids);
        $settled = array_filter(
            $this->settled,
            static fn (string $key): bool => !isset($gone[explode('@', $key)[0]]),
            \ARRAY_FILTER_USE_KEY,
        );

        return new self(
            array_values(array_filter($this->entries, static fn (Entry $entry): bool => !isset($gone[$entry->id]))),
            $this->categories,
            $settled,
        );
    }

    /** @param list<Category> $categories */
    public function sorted(array $categories): self
    {
        return new self($this->entries, $categories, $this->settled);
    }

    /** What became of an occurrence; null where it is open again. */
    public function settling(string $key, ?string $as): self
    {
        $settled = $this->settled;
        unset($settled[$key]);

        return new self($this->entries, $this->categories, null === $as ? $settled : $settled + [$key => $as]);
    }
}
