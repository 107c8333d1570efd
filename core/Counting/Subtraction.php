<?php

/* What is left of a side after what stands on it, with the sum a person can check: "38 boxes − 3 for the title = 35". */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Subtraction
{
    private function __construct(public readonly int $left, private readonly string $sum)
    {
    }

    /** @param int $side boxes */
    public static function from(int $side): self
    {
        return new self($side, Plural::boxes($side));
    }

    /**
     * @param int    $boxes that are taken; with none nothing is said
     * @param string $for   "the title"
     */
    public function less(int $boxes, string $for): self
    {
        return 0 === $boxes ? $this : new self($this->left - $boxes, "$this->sum − $boxes for $for");
    }

    public function __toString(): string
    {
        return "$this->sum = $this->left";
    }
}
