<?php

/* Several whole numbers, each once, such as divisors. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/** @internal to Spread */
final class CountsField extends Field
{
    /** @param list<int> $usually where none that is said makes sense */
    public function __construct(
        string $name,
        string $label,
        public readonly int $least,
        public readonly int $most,
        private readonly array $usually,
    ) {
        parent::__construct($name, $label);
    }

    public function type(): string
    {
        return 'counts';
    }

    /** @return list<int> those that make sense, each once, as they were given */
    public function read(mixed $value): array
    {
        return array_values(array_unique(array_filter(\is_array($value) ? $value : [], $this->takes(...))));
    }

    public function wrong(mixed $value): ?string
    {
        if (\is_array($value) && array_filter($value, $this->takes(...)) === $value) {
            return null;
        }

        return "“{$this->label}” is ".self::said($value).": whole numbers from $this->least to $this->most are meant.";
    }

    public function schema(): array
    {
        return ['type' => 'array', 'items' => ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most]];
    }

    /** @return list<int> */
    public function usual(): array
    {
        return $this->usually;
    }

    public function describe(): array
    {
        return ['least' => $this->least, 'most' => $this->most, 'usually' => implode(', ', $this->usually)] + parent::describe();
    }

    /** @phpstan-assert-if-true int $one */
    private function takes(mixed $one): bool
    {
        return \is_int($one) && $one >= $this->least && $one <= $this->most;
    }
}
