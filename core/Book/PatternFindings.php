<?php

/* What the parts of the months' patterns say: settings their kinds know that make no sense. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;

/** @internal to Book */
final class PatternFindings implements SaysFindings
{
    public function __construct(
        private readonly BookPlan $plan,
        private readonly Catalogue $catalogue,
    ) {
    }

    public function findings(): array
    {
        $findings = [];
        foreach ($this->plan->months->patterns as $pattern) {
            foreach ($pattern->parts as $part) {
                $kind = $this->catalogue->kind($part->kind);
                foreach ($kind?->settings($part->settings)->wrong() ?? [] as $says) {
                    $findings[] = new Finding(
                        "pattern-$pattern->id",
                        "In the pattern “{$pattern->name}”, {$kind?->name}: $says Until then it counts as not given.",
                        [],
                        false,
                    );
                }
            }
        }

        return $findings;
    }
}
