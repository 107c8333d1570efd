<?php

/* One of a few words. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/** @internal to Spread */
final class ChoiceField extends Field
{
    /** @param non-empty-array<array-key, string> $choices value → what a person reads; the first is the usual one */
    public function __construct(string $name, string $label, private readonly array $choices)
    {
        parent::__construct($name, $label);
    }

    public function type(): string
    {
        return 'choice';
    }

    /** Null where it is none of the choices. */
    public function read(mixed $value): ?string
    {
        return \is_string($value) && isset($this->choices[$value]) ? $value : null;
    }

    public function wrong(mixed $value): ?string
    {
        return null !== $this->read($value)
            ? null
            : "“{$this->label}” is ".self::said($value).'; it can be: '.implode(', ', $this->values()).'.';
    }

    public function schema(): array
    {
        return ['enum' => $this->values()];
    }

    public function usual(): string
    {
        return $this->values()[0];
    }

    public function describe(): array
    {
        return ['choices' => array_map(
            fn (string $value): array => [$value, $this->choices[$value]],
            $this->values(),
        )] + parent::describe();
    }

    /** @return non-empty-list<string> */
    public function values(): array
    {
        return array_map(strval(...), array_keys($this->choices));
    }
}
