<?php

/* Whether "03/04" is 3 April or 4 March: guessed from all days of a file together, and asked where none of them decides. */

declare(strict_types=1);

namespace App\Import;

final class DayOrder
{
    private function __construct(private readonly int $dayFirst, private readonly int $monthFirst, private readonly ?string $open)
    {
    }

    /** @param list<string> $said days, or lines that hold some */
    public static function of(array $said): self
    {
        [$dayFirst, $monthFirst, $open] = [0, 0, null];
        foreach ($said as $one) {
            if (1 !== preg_match('~(?<![\d/-])(\d{1,2})[/-](\d{1,2})(?:[/-](?:\d{4}|\d{2}))?(?![\d/-])~', $one, $found)) {
                continue;
            }
            [$first, $second] = [(int) $found[1], (int) $found[2]];
            $dayFirst += $first > 12 && $second <= 12 ? 1 : 0;
            $monthFirst += $second > 12 && $first <= 12 ? 1 : 0;
            $open ??= $first !== $second && $first <= 12 && $second <= 12 ? $found[0] : null;
        }

        return new self($dayFirst, $monthFirst, $open);
    }

    public function monthFirst(): bool
    {
        return $this->monthFirst > $this->dayFirst;
    }

    /** A day that could be either, where nothing decides; null where it is plain, or none is there. */
    public function asks(): ?string
    {
        return 0 === $this->dayFirst && 0 === $this->monthFirst ? $this->open : null;
    }
}
