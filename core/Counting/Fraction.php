<?php

/* An exact number of boxes: whole, halves, thirds and so on, never a float. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Fraction implements \Stringable
{
    /** Signs for denominators that have one for each of their fractions; a list that mixes signs and strokes reads badly. */
    private const GLYPHS = [
        '1/2' => '½', '1/3' => '⅓', '2/3' => '⅔', '1/4' => '¼', '3/4' => '¾', '1/5' => '⅕', '2/5' => '⅖',
        '3/5' => '⅗', '4/5' => '⅘', '1/6' => '⅙', '5/6' => '⅚', '1/8' => '⅛', '3/8' => '⅜',
        '5/8' => '⅝', '7/8' => '⅞',
    ];

    /** For a share alone, which labels a place of one box. */
    private const SHARES = ['1/7' => '⅐', '1/9' => '⅑', '1/10' => '⅒'];

    private function __construct(public readonly int $numerator, public readonly int $denominator)
    {
    }

    /**
     * @param int $denominator not 0
     *
     * @throws \DivisionByZeroError
     */
    public static function of(int $numerator, int $denominator = 1): self
    {
        if (1 === $denominator) {
            return new self($numerator, 1);
        }
        if (0 === $denominator) {
            throw new \DivisionByZeroError('A number of boxes cannot be divided by 0.');
        }
        if ($denominator < 0) {
            [$numerator, $denominator] = [-$numerator, -$denominator];
        }
        $divisor = self::greatestCommonDivisor(abs($numerator), $denominator);

        return new self(intdiv($numerator, $divisor), intdiv($denominator, $divisor));
    }

    public static function from(int|self $boxes): self
    {
        return $boxes instanceof self ? $boxes : new self($boxes, 1);
    }

    public function plus(int|self $other): self
    {
        if (\is_int($other)) {
            // A whole number changes no denominator, so there is nothing to reduce.
            return new self($this->numerator + $other * $this->denominator, $this->denominator);
        }
        if (1 === $other->denominator) {
            return new self($this->numerator + $other->numerator * $this->denominator, $this->denominator);
        }

        return self::of(
            $this->numerator * $other->denominator + $other->numerator * $this->denominator,
            $this->denominator * $other->denominator,
        );
    }

    public function minus(int|self $other): self
    {
        return $this->plus(\is_int($other) ? -$other : new self(-$other->numerator, $other->denominator));
    }

    public function times(int|self $other): self
    {
        if (\is_int($other)) {
            // Most of what is multiplied is whole.
            return self::of($this->numerator * $other, $this->denominator);
        }

        return self::of($this->numerator * $other->numerator, $this->denominator * $other->denominator);
    }

    /** @throws \DivisionByZeroError */
    public function dividedBy(int|self $other): self
    {
        $other = self::from($other);

        return self::of($this->numerator * $other->denominator, $this->denominator * $other->numerator);
    }

    /** Negative, zero or positive, as `<=>` would say of the two numbers. */
    public function compare(int|self $other): int
    {
        $other = self::from($other);

        return $this->numerator * $other->denominator <=> $other->numerator * $this->denominator;
    }

    public function equals(int|self $other): bool
    {
        return 0 === $this->compare($other);
    }

    public function isWhole(): bool
    {
        return 1 === $this->denominator;
    }

    /** The whole boxes that fit: 8⅔ → 8. */
    public function floor(): int
    {
        $whole = intdiv($this->numerator, $this->denominator);

        return $whole * $this->denominator > $this->numerator ? $whole - 1 : $whole;
    }

    /** The whole boxes it reaches into: 8⅔ → 9. */
    public function ceil(): int
    {
        return $this->floor() + ($this->isWhole() ? 0 : 1);
    }

    /** As it is written on paper: "6½", "8⅔", "13", "3 2/9". */
    public function __toString(): string
    {
        $whole = intdiv($this->numerator, $this->denominator);
        $rest = abs($this->numerator - $whole * $this->denominator);
        if (0 === $rest) {
            return (string) $whole;
        }
        $written = self::GLYPHS["$rest/$this->denominator"] ?? (0 === $whole ? self::SHARES["$rest/$this->denominator"] ?? null : null);
        $sign = 0 === $whole && $this->numerator < 0 ? '−' : '';
        if (null !== $written) {
            return $sign.(0 === $whole ? '' : $whole).$written;
        }

        return $sign.(0 === $whole ? '' : "$whole\u{a0}")."$rest/$this->denominator";
    }

    private static function greatestCommonDivisor(int $a, int $b): int
    {
        while (0 !== $b) {
            [$a, $b] = [$b, $a % $b];
        }

        return max(1, $a);
    }
}
