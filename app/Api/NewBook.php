<?php

/* What is said of a notebook that is to be made: its paper, its months, how weeks begin and how the person counts. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Beginning;
use AmpleMargin\Book\Carrying\AsLastBook;
use AmpleMargin\Book\StarterPlan;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class NewBook
{
    private function __construct(
        private readonly Stock $stock,
        private readonly Period $period,
        private readonly Weekday $first,
        private readonly Tally $counting,
    ) {
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values): self
    {
        return new self(
            PlanReader::stock($values->inside('stock')),
            PlanReader::period($values->inside('period')),
            PlanReader::weeks($values->inside('weeks'))->first,
            $values->choice('counting', Tally::class, Tally::Boxes),
        );
    }

    public function plan(Beginning $as, string $title, Catalogue $catalogue): Plan
    {
        return StarterPlan::for($title, $this->stock, $this->period, $this->first, $this->counting, $catalogue, $as);
    }

    /**
     * The same with the old book beside it, to be reviewed.
     *
     * @param list<array{drawing: string, step: string}> $ticks steps of the old one that are ticked
     */
    public function after(Plan $old, array $ticks, string $title, Catalogue $catalogue): Plan
    {
        return AsLastBook::of($old, $ticks, $title, $this->stock, $this->period, $this->counting, $catalogue);
    }

    public function like(Plan $old, string $title, Catalogue $catalogue): Plan
    {
        return StarterPlan::like($old, $title, $this->stock, $this->period, $this->counting, $catalogue);
    }
}
