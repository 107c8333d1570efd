<?php

/* A whole number within a range. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/** @internal to Spread */
final class CountField extends Field
{
    public function __construct(
        string $name,
        string $label,
        public readonly int $least,
        public readonly int $most,
        private readonly ?int $usually,
    ) {
        parent::__construct($name, $label);
    }

    public function type(): string
    {
        return 'count';
    }

    /** Null where it makes no sense. */
    public function read(mixed $value): ?int
    {
        return \is_int($value) && $value >= $this->least && $value <= $this->most ? $value : null;
    }

    public function wrong(mixed $value): ?string
    {
        return null !== $this->read($value)
            ? null
            : "“{$this->label}” is ".self::said($value).": a whole number from $this->least to $this->most is meant.";
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most];
    }

    public function usual(): ?int
    {
        return $this->usually;
    }

    public function describe(): array
    {
        return [
            'least' => $this->least,
            'most' => $this->most,
            'usually' => null === $this->usually ? 'as needed' : (string) $this->usually,
        ] + parent::describe();
    }
}
