<?php

/* How large a part is, said in one of the five ways people say it (handbook, "A page is parts"). */

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

    public function isShare(): bool
    {
        return 'share' === $this->kind;
    }

    public function isNeeded(): bool
    {
        return 'needed' === $this->kind;
    }
}
