<?php

/* A length of 1, 1½, 2 or perhaps 3 boxes. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;

/** @internal to Spread */
final class BoxesField extends Field
{
    /** @param '1'|'1.5'|'2' $usually */
    public function __construct(string $name, string $label, private readonly string $usually, private readonly bool $three)
    {
        parent::__construct($name, $label);
    }

    public function type(): string
    {
        return 'choice';
    }

    /** Given as words such as "1.5", or as a number; null where it is none of the lengths. */
    public function read(mixed $value): ?Fraction
    {
        $said = \is_int($value) || \is_float($value) ? (string) $value : $value;

        return \is_string($said) && \in_array($said, $this->values(), true) ? self::length($said) : null;
    }

    /** The length as it is written, "1.5"; the usual one where it makes no sense. */
    public function written(mixed $value): string
    {
        $said = \is_int($value) || \is_float($value) ? (string) $value : $value;

        return \is_string($said) && \in_array($said, $this->values(), true) ? $said : $this->usually;
    }

    public function wrong(mixed $value): ?string
    {
        return null !== $this->read($value)
            ? null
            : "“{$this->label}” is ".self::said($value).'; it can be: '.implode(', ', $this->values()).'.';
    }

    public function schema(): array
    {
        return ['enum' => [...$this->values(), ...array_map(static fn (string $one): float => (float) $one, $this->values())]];
    }

    public function usual(): Fraction
    {
        return self::length($this->usually);
    }

    public function describe(): array
    {
        $usualFirst = array_unique([$this->usually, ...$this->values()]);

        return ['choices' => array_map(
            static fn (string $one): array => [$one, Plural::boxes(self::length($one))],
            array_values($usualFirst),
        )] + parent::describe();
    }

    /** @return list<string> */
    public function values(): array
    {
        return $this->three ? ['1', '1.5', '2', '3'] : ['1', '1.5', '2'];
    }

    private static function length(string $said): Fraction
    {
        return '1.5' === $said ? Fraction::of(3, 2) : Fraction::of((int) $said);
    }
}
