<?php

/* Yes or no. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/** @internal to Spread */
final class FlagField extends Field
{
    public function __construct(string $name, string $label, private readonly bool $usually)
    {
        parent::__construct($name, $label);
    }

    public function type(): string
    {
        return 'flag';
    }

    public function read(mixed $value): ?bool
    {
        return \is_bool($value) ? $value : null;
    }

    public function wrong(mixed $value): ?string
    {
        return \is_bool($value) ? null : "“{$this->label}” is ".self::said($value).': true or false is meant.';
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }

    public function usual(): bool
    {
        return $this->usually;
    }

    public function describe(): array
    {
        return ['on' => $this->usually] + parent::describe();
    }
}
