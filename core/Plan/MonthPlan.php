<?php

/* The patterns of the months to come: one for all, others for the months that name them. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Copies;

final class MonthPlan
{
    use Copies {
        but as public with;
    }

    public const MOST_WEIGHT = 100;

    /**
     * @param non-empty-list<Pattern> $patterns
     * @param string                  $usual     the id of the pattern months share
     * @param array<string, string>   $overrides month ("2027-12") → pattern id
     * @param array<string, int>      $weights   month → weight, where spare pages go by weight; a month not named has 0
     */
    public function __construct(
        public readonly array $patterns,
        public readonly string $usual,
        public readonly array $overrides = [],
        public readonly Spare $spare = Spare::End,
        public readonly array $weights = [],
    ) {
    }

    public function patternOf(Month $month): Pattern
    {
        return $this->pattern($this->overrides[$month->iso()] ?? $this->usual) ?? $this->pattern($this->usual) ?? $this->patterns[0];
    }

    public function pattern(string $id): ?Pattern
    {
        foreach ($this->patterns as $pattern) {
            if ($pattern->id === $id) {
                return $pattern;
            }
        }

        return null;
    }
}
