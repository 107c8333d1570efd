<?php

/* The sample notebook: invented, for the demo. */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Plan\Plan;

final class SamplePlans
{
    public function __construct(private readonly PlanFiles $files)
    {
    }

    /** A full year 2027 in an A5 book of 26 × 38 boxes and 192 pages. */
    public function fullYear(): Plan
    {
        [$plan] = $this->files->read((string) file_get_contents(__DIR__.'/samples/full-year-2027.plan.json'));

        return $plan;
    }
}
