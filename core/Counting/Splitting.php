<?php

/* How a side is to be split, whatever side it is laid on: the answer to "how do I split this?" as it is asked. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Splitting
{
    public const MOST_PARTS = 60;

    /**
     * @param int       $parts  1 or more
     * @param int|null  $gap    boxes between parts; null for the best gap
     * @param list<int> $ratio  where the parts are unequal, one share each; else empty
     * @param int       $again  1, or into how many each part is divided again, without a gap
     */
    public function __construct(
        public readonly int $parts,
        public readonly ?int $gap = 0,
        public readonly Remainder $policy = Remainder::Outside,
        public readonly array $ratio = [],
        public readonly int $again = 1,
    ) {
    }

    public function by(Remainder $policy): self
    {
        return new self($this->parts, $this->gap, $policy, $this->ratio, $this->again);
    }

    /** The gap it comes to on a side. */
    public function gapOn(int $side): int
    {
        return $this->gap ?? Division::containers($side, $this->parts)->gap ?? 0;
    }

    /** The side split so, or null where this policy has no answer on it. */
    public function of(int $side): ?Split
    {
        $outer = Remainder::ByRatio === $this->policy && [] !== $this->ratio
            ? Division::byRatio($side, $this->ratio, $this->gapOn($side))
            : Division::of($side, $this->parts, $this->gapOn($side), $this->policy);
        if (null === $outer || 1 === $this->again) {
            return null === $outer ? null : new Split($outer);
        }
        $inner = [];
        foreach ($outer->parts as $part) {
            $division = $part->isWhole() ? Division::of($part->numerator, $this->again, 0, Remainder::Exact) : null;
            if (null === $division) {
                return null;
            }
            $inner[] = $division;
        }

        return new Split($outer, $inner);
    }
}
