<?php

/* What each skipped or ruined page does to the rest. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Editing\Month\SetLost;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\InUse;

/** @internal to Book */
final class LostPages implements SaysFindings
{
    public function __construct(
        private readonly BookPlan $plan,
        private readonly Layouts $layouts,
        private readonly Paged $paged,
    ) {
    }

    public function findings(): array
    {
        $findings = [];
        foreach ($this->plan->inUse->lost as $page) {
            $moved = \count($this->paged->corrections) - $this->correctionsWithout($page);
            $says = match (true) {
                $moved <= 0 => 'nothing else moves',
                1 === $moved => 'one entry of the index changes',
                default => "$moved entries of the index change",
            };
            $findings[] = new Finding("page-$page", "Page $page is passed over; openings behind it stay whole, and $says.", [
                new Offer("Page $page can be used after all", (new SetLost($page, false))->written()),
            ], false);
        }

        return $findings;
    }

    /** Corrections of the index there would be if this page were not lost: what a month took is not its fault. */
    private function correctionsWithout(int $page): int
    {
        $inUse = $this->plan->inUse;
        $other = new InUse($inUse->used, array_values(array_diff($inUse->lost, [$page])));
        $plan = $this->plan->whole->with(['inUse' => $other])->inBook($this->plan->id);
        if (null === $plan) {
            return 0;
        }

        return \count((new Pager($plan, $this->layouts->for($plan)))->page()->corrections);
    }
}
