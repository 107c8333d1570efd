<?php

/* How large a part is, said in one of the five ways people say it (docs/trade.md, "A page is parts"). */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

final class Size
{
    /** @param int $amount boxes, or the weight of a share */
    private function __construct(private readonly string $kind, public readonly int $amount)
    {
    }

    /** A share of what is left, by weight: all of one weight are equal shares, others a ratio. */
    public static function share(int $weight = 1): self
    {
        return new self('share', max(1, $weight));
    }

    public static function boxes(int $boxes): self
    {
        return new self('boxes', max(1, $boxes));
    }

    /** As much as what fills it needs. */
    public static function needed(): self
    {
        return new self('needed', 0);
    }

    /**
     * {share}, {boxes} or {needed}, among what else is said of a part; one share where none of them is.
     *
     * @throws PartRefused
     */
    public static function read(mixed $part, string $path): self
    {
        $part = $part instanceof \stdClass ? get_object_vars($part) : $part;
        $part = \is_array($part) ? $part : [];
        if (true === ($part['needed'] ?? false)) {
            return self::needed();
        }
        foreach (['boxes' => 200, 'share' => 200] as $kind => $most) {
            $said = $part[$kind] ?? null;
            if (null !== $said) {
                return \is_int($said) && $said >= 1 && $said <= $most
                    ? new self($kind, $said)
                    : throw PartRefused::at($path, 'boxes' === $kind ? "A part has 1 to $most boxes." : "A share is 1 to $most.");
            }
        }

        return self::share();
    }

    /** Another amount of the same: so many boxes, or a share of that weight. */
    public function amounting(int $amount): self
    {
        return new self($this->kind, max(1, $amount));
    }

    /** This and the part behind it in one. @param int $gap boxes between them */
    public function and(self $other, int $gap): self
    {
        return match (true) {
            $this->isShare() && $other->isShare() => self::share($this->amount + $other->amount),
            'boxes' === $this->kind && 'boxes' === $other->kind => self::boxes($this->amount + $gap + $other->amount),
            $other->isShare() => $other,
            default => $this,
        };
    }

    /** @return array<string, int|true> as above */
    public function written(): array
    {
        return $this->isNeeded() ? ['needed' => true] : [$this->kind => $this->amount];
    }

    public function isShare(): bool
    {
        return 'share' === $this->kind;
    }

    public function isNeeded(): bool
    {
        return 'needed' === $this->kind;
    }
}
