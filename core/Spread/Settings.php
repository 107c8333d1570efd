<?php

/*
 * A spread's settings, read with the kind's own defaults; a value that makes no sense counts as not given, and so does one
 * that is not asked for while another setting is what it is (`Field::when`).
 */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Fraction;

final class Settings
{
    /** @var array<string, Field> by name */
    private readonly array $fields;

    /**
     * @param array<array-key, mixed> $values the person's over the kind's
     * @param iterable<Field>         $fields of the kind
     */
    public function __construct(private readonly array $values, iterable $fields = [])
    {
        $named = [];
        foreach ($fields as $field) {
            $named[$field->name] = $field;
        }
        $this->fields = $named;
    }

    /** The value as it came; null where it is not given, or not asked for as the other settings stand. */
    private function value(string $name): mixed
    {
        return $this->isAsked($name) ? $this->values[$name] ?? null : null;
    }

    private function isAsked(string $name): bool
    {
        foreach (($this->fields[$name] ?? null)->when ?? [] as $other => $values) {
            if (!$this->isAsked($other) || !\in_array($this->said($other), $values, true)) {
                return false;
            }
        }

        return true;
    }

    /** The value of a choice, its first where none makes sense. */
    private function said(string $choice): ?string
    {
        $choices = array_column(($this->fields[$choice] ?? null)->choices ?? [], 0);
        $value = $this->values[$choice] ?? null;

        return \is_string($value) && \in_array($value, $choices, true) ? $value : $choices[0] ?? null;
    }

    public function count(string $name, int $default, int $least, int $most): int
    {
        $value = $this->value($name);

        return \is_int($value) && $value >= $least && $value <= $most ? $value : $default;
    }

    public function text(string $name, string $default = ''): string
    {
        $value = $this->value($name);

        return \is_string($value) && '' !== trim($value) ? trim($value) : $default;
    }

    /**
     * One of a few words; the first of them where none of them is given.
     *
     * @param non-empty-list<string> $choices
     */
    public function choice(string $name, array $choices): string
    {
        $value = $this->value($name);

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
        $value = $this->value($name);
        $counts = array_filter(
            \is_array($value) ? $value : [],
            static fn (mixed $one): bool => \is_int($one) && $one >= $least && $one <= $most,
        );

        return [] === $counts ? $default : array_values(array_unique($counts));
    }

    /** A length of 1, 1½ or 2 boxes, given as "1", "1.5" or "2", or as a whole number. */
    public function boxes(string $name, string $default = '1'): Fraction
    {
        $value = $this->value($name);
        $said = \is_int($value) || \is_float($value) ? (string) $value : $value;
        $said = \in_array($said, ['1', '1.5', '2', '3'], true) ? $said : $default;

        return '1.5' === $said ? Fraction::of(3, 2) : Fraction::of((int) $said);
    }

    /** The day weeks begin on, given as ISO 8601 numbers it ("1", "6" or "7"); the book's where it is not. */
    public function weekStart(Weekday $book): Weekday
    {
        $value = $this->value('week_start');

        return \in_array($value, ['1', '6', '7'], true) ? Weekday::from((int) $value) : $book;
    }

    /** A month given as "2027-05", or null. */
    public function month(string $name): ?Month
    {
        $value = $this->value($name);

        return \is_string($value) ? Month::read($value) : null;
    }

    /** The values as they came, for settings with a shape of their own. */
    public function raw(string $name): mixed
    {
        return $this->value($name);
    }

    /** @param array<string, mixed> $changes */
    public function with(array $changes): self
    {
        return new self(array_replace($this->values, $changes), $this->fields);
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->value($name);

        return \is_bool($value) ? $value : $default;
    }

    /**
     * @param list<string> $default
     *
     * @return list<string> words that are not empty
     */
    public function lines(string $name, array $default = []): array
    {
        $value = $this->value($name);
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
