<?php

/* A length in whole and half boxes: 1, 1½, 2 and on, the halves as far as a hand keeps them apart; an amount with a decimal needs one. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;

final class HalvesField extends Field
{
    /** Boxes up to which there are halves. From memory. */
    private const HALVES = 6;

    /** @param int $most boxes */
    public function __construct(string $name, string $label, private readonly int $most)
    {
        parent::__construct($name, $label);
    }

    public function type(): string
    {
        return 'choice';
    }

    /** Given as a number, or as words such as "1.5"; null where it is none of the lengths, as the page needs. */
    public function read(mixed $value): ?Fraction
    {
        $said = \is_int($value) || \is_float($value) ? (string) $value : $value;

        return \is_string($said) && \in_array($said, $this->values(), true) ? Fraction::of((int) (2 * (float) $said), 2) : null;
    }

    public function wrong(mixed $value): ?string
    {
        return '' === $value || null !== $this->read($value)
            ? null
            : "“{$this->label}” is ".self::said($value).": 1 to $this->most is meant, with halves such as 1.5 up to ".self::HALVES.'.';
    }

    public function schema(): array
    {
        return ['enum' => ['', ...$this->values(), ...array_map(static fn (string $one): int|float => $one + 0, $this->values())]];
    }

    public function describe(): array
    {
        return ['choices' => [['', 'as needed'], ...array_map(
            fn (string $one): array => [$one, Plural::boxes($this->read($one) ?? 1)],
            $this->values(),
        )]] + parent::describe();
    }

    /** @return list<numeric-string> */
    public function values(): array
    {
        $values = [];
        for ($halves = 2; $halves <= 2 * $this->most; ++$halves) {
            if (0 === $halves % 2 || $halves < 2 * self::HALVES) {
                $values[] = 0 === $halves % 2 ? (string) intdiv($halves, 2) : intdiv($halves, 2).'.5';
            }
        }

        return $values;
    }
}
