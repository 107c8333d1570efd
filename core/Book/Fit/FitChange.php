<?php

/* One change that saves pages: what it is, what is lost by it, and how much it would be regretted. */

declare(strict_types=1);

namespace AmpleMargin\Book\Fit;

/** @internal to Book */
final class FitChange
{
    /**
     * @param int $regret from memory, in the order of docs/trade.md, "Running out"
     * @param array<string, string>     $weeks  what changes in the week plan, named as in a plan file
     * @param array{string, int}|null   $part   the pattern's id and the place of the part it gives up
     * @param string                    $spread the spread that is dropped, "" for none
     * @param int                       $halves half pages of that spread, for two halves share a page
     */
    private function __construct(
        public readonly string $say,
        public readonly string $lost,
        public readonly int $regret,
        public readonly array $weeks = [],
        public readonly ?array $part = null,
        public readonly string $spread = '',
        public readonly int $halves = 0,
    ) {
    }

    /** @param array<string, string> $weeks */
    public static function weeks(string $say, string $lost, int $regret, array $weeks): self
    {
        return new self($say, $lost, $regret, $weeks);
    }

    public static function part(string $say, string $lost, int $regret, string $pattern, int $place): self
    {
        return new self($say, $lost, $regret, part: [$pattern, $place]);
    }

    public static function spread(string $say, string $lost, int $regret, string $spread, int $halves): self
    {
        return new self($say, $lost, $regret, spread: $spread, halves: $halves);
    }
}
