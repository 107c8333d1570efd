<?php

/* Yes or no for each of a list that another setting has: which checks a goal passes. Only what is answered with yes is kept. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/** @internal to Spread */
final class ChecksField extends Field
{
    /**
     * @param string                                          $of     the setting that lists what is checked
     * @param non-empty-array<string, array{string, string}>  $checks name → what is asked, and an example
     */
    public function __construct(string $name, string $label, public readonly string $of, private readonly array $checks)
    {
        parent::__construct($name, $label);
    }

    public function type(): string
    {
        return 'checks';
    }

    /** @return array<array-key, list<string>> what is checked → names of the checks that are answered with yes */
    public function read(mixed $value): array
    {
        $yes = [];
        foreach (self::lists($value) as $item => $names) {
            $yes[$item] = array_values(array_filter(
                \is_array($names) ? $names : [],
                fn (mixed $name): bool => \is_string($name) && isset($this->checks[$name]),
            ));
        }

        return $yes;
    }

    public function wrong(mixed $value): ?string
    {
        $lists = self::lists($value);
        if (array_filter($lists, is_array(...)) !== $lists || (!\is_array($value) && !$value instanceof \stdClass)) {
            return "“{$this->label}” is ".self::said($value).': for each, the list of what is answered with yes is meant.';
        }
        foreach ($lists as $item => $names) {
            if (\count($this->read([$item => $names])[$item]) < \count($names)) {
                return "“{$this->label}” has an answer to what is not asked; asked are ".implode(', ', array_keys($this->checks)).'.';
            }
        }

        return null;
    }

    /** @return array<array-key, mixed> an object of a plan file, or an array */
    private static function lists(mixed $value): array
    {
        $value = $value instanceof \stdClass ? get_object_vars($value) : $value;

        return \is_array($value) ? $value : [];
    }

    public function schema(): array
    {
        $names = ['type' => 'array', 'items' => ['enum' => array_keys($this->checks)]];

        // An empty list is what an empty object is read as.
        return ['type' => ['object', 'array'], 'maxItems' => 0, 'additionalProperties' => $names];
    }

    public function describe(): array
    {
        $checks = [];
        foreach ($this->checks as $name => [$asks, $example]) {
            $checks[] = [$name, $asks, $example];
        }

        return ['of' => $this->of, 'checks' => $checks] + parent::describe();
    }
}
