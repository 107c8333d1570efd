<?php

/* Words one a line: items, areas, the lines of a quote. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/** @internal to Spread */
final class LinesField extends Field
{
    private bool $done = false;

    /** @param list<string> $usually */
    public function __construct(string $name, string $label, private readonly array $usually)
    {
        parent::__construct($name, $label);
    }

    /** Each line is something that is done some day, or not: what is not goes on in the next book. */
    public function doneOneByOne(): static
    {
        $field = clone $this;
        $field->done = true;

        return $field;
    }

    public function isDoneOneByOne(): bool
    {
        return $this->done;
    }

    public function type(): string
    {
        return 'lines';
    }

    /** @return list<string>|null those with words in them; null where it is no list */
    public function read(mixed $value): ?array
    {
        if (!\is_array($value)) {
            return null;
        }
        $lines = [];
        foreach ($value as $line) {
            if (\is_string($line) && '' !== trim($line)) {
                $lines[] = trim($line);
            }
        }

        return $lines;
    }

    public function wrong(mixed $value): ?string
    {
        return \is_array($value) && array_filter($value, is_string(...)) === $value
            ? null
            : "“{$this->label}” is ".self::said($value).': a list of words is meant.';
    }

    public function schema(): array
    {
        return ['type' => 'array', 'items' => ['type' => 'string']];
    }

    public function describe(): array
    {
        return ['usually' => implode("\n", $this->usually)] + parent::describe();
    }

    /** @return list<string> */
    public function usual(): array
    {
        return $this->usually;
    }
}
