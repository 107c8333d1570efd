<?php

/* A spread's settings, read with the kind's own defaults; a value that makes no sense counts as not given. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Fraction;

final class Settings
{
    /** @param array<array-key, mixed> $values the person's over the kind's */
    public function __construct(private readonly array $values)
    {
    }

    public function count(string $name, int $default, int $least, int $most): int
    {
        $value = $this->values[$name] ?? null;

        return \is_int($value) && $value >= $least && $value <= $most ? $value : $default;
    }

    public function text(string $name, string $default = ''): string
    {
        $value = $this->values[$name] ?? null;

        return \is_string($value) && '' !== trim($value) ? trim($value) : $default;
    }

    /**
     * One of a few words; the first of them where none of them is given.
     *
     * @param non-empty-list<string> $choices
     */
    public function choice(string $name, array $choices): string
    {
        $value = $this->values[$name] ?? null;

        return \is_string($value) && \in_array($value, $choices, true) ? $value : $choices[0];
    }

    /**
     * Whole numbers from `$least` to `$most`, each once, as they were given.
     *
     * @param list<int> $default where none makes sense
     *
     * @return list<int>
     */
    public function counts(string $name, array $default, int $least, int $most): array
    {
        $value = $this->values[$name] ?? null;
        $counts = array_filter(\is_array($value) ? $value : [], static fn (mixed $one): bool => \is_int($one) && $one >= $least && $one <= $most);

        return [] === $counts ? $default : array_values(array_unique($counts));
    }

    /** A length of 1, 1½ or 2 boxes, given as "1", "1.5" or "2", or as a whole number. */
    public function boxes(string $name, string $default = '1'): Fraction
    {
        $value = $this->values[$name] ?? null;
        $said = \is_int($value) || \is_float($value) ? (string) $value : $value;
        $said = \in_array($said, ['1', '1.5', '2', '3'], true) ? $said : $default;

        return '1.5' === $said ? Fraction::of(3, 2) : Fraction::of((int) $said);
    }

    /** The day weeks begin on, given as ISO 8601 numbers it ("1", "6" or "7"); the book's where it is not. */
    public function weekStart(Weekday $book): Weekday
    {
        $value = $this->values['week_start'] ?? null;

        return \in_array($value, ['1', '6', '7'], true) ? Weekday::from((int) $value) : $book;
    }

    /** A month given as "2027-05", or null. */
    public function month(string $name): ?Month
    {
        $value = $this->values[$name] ?? null;

        return \is_string($value) ? Month::read($value) : null;
    }

    /** The values as they came, for settings with a shape of their own. */
    public function raw(string $name): mixed
    {
        return $this->values[$name] ?? null;
    }

    /** @param array<string, mixed> $changes */
    public function with(array $changes): self
    {
        return new self(array_replace($this->values, $changes));
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->values[$name] ?? null;

        return \is_bool($value) ? $value : $default;
    }

    /**
     * @param list<string> $default
     *
     * @return list<string> words that are not empty
     */
    public function lines(string $name, array $default = []): array
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value)) {
            return $default;
        }
        $lines = [];
        foreach ($value as $line) {
            if (\is_string($line) && '' !== trim($line)) {
                $lines[] = trim($line);
            }
        }

        return $lines;
    }
}
