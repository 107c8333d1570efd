<?php

/* A few words. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/** @internal to Spread */
final class TextField extends Field
{
    /** @param string $usually where nobody says any; none where there are none then */
    public function __construct(string $name, string $label, private readonly string $usually = '')
    {
        parent::__construct($name, $label);
    }

    public function type(): string
    {
        return 'text';
    }

    /** Null where there are no words in it. */
    public function read(mixed $value): ?string
    {
        return \is_string($value) && '' !== trim($value) ? trim($value) : null;
    }

    public function wrong(mixed $value): ?string
    {
        return \is_string($value) ? null : "“{$this->label}” is ".self::said($value).': words are meant.';
    }

    public function schema(): array
    {
        return ['type' => 'string'];
    }

    public function usual(): ?string
    {
        return '' === $this->usually ? null : $this->usually;
    }

    public function describe(): array
    {
        return ['usually' => $this->usually] + parent::describe();
    }
}
