<?php

/* Composes the books of a plan before anything of it is kept; what cannot be composed is refused in words. */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Book\ComposedPlan;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue;
use Psr\Log\LoggerInterface;
use Psr\Log\NullLogger;

final class Composing
{
    public function __construct(
        private readonly Catalogue $catalogue = new Catalogue(),
        private readonly LoggerInterface $log = new NullLogger(),
    ) {
    }

    /** @throws PlanProblem */
    public function of(Plan $plan): ComposedPlan
    {
        try {
            return ComposedPlan::of($plan, $this->catalogue)->laidOut();
        } catch (\Throwable $failure) {
            // A fault of the program, and yet no reason to keep what it could not show again.
            $this->log->error('A plan could not be composed: {failure}', ['failure' => $failure->getMessage(), 'exception' => $failure]);
            throw PlanProblem::at(
                '',
                'The program cannot compose the book this would make, so it was not kept. The log of the program says more.',
            );
        }
    }
}
