<?php

/* Composes the books of a plan before anything of it is kept; what cannot be composed is refused in words. */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Book\ComposedPlan;
use AmpleMargin\Book\Faults;
use AmpleMargin\Book\Memory;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use Psr\Log\LoggerInterface;
use Psr\Log\NullLogger;

final class Composing
{
    public function __construct(
        private readonly Catalogue $catalogue = new Catalogue(),
        private readonly LoggerInterface $log = new NullLogger(),
    ) {
    }

    /**
     * Books that are to be kept. Where something of them breaks that did not before, they are not.
     *
     * @param Plan|null $was    before the change, where there was one
     * @param Memory    $memory what was worked out of the books before
     *
     * @throws PlanProblem
     */
    public function of(Plan $plan, ?Plan $was = null, Memory $memory = new Memory()): ComposedPlan
    {
        try {
            $composed = $this->asKept($plan, $memory)->laidOut();
            $broken = $composed->faults->met();
            $before = [] === $broken || null === $was ? [] : $this->asKept($was, $memory)->laidOut()->faults->met();
        } catch (\Throwable $failure) {
            $this->tell($failure);
            throw self::refused();
        }

        return [] === array_diff($broken, $before) ? $composed : throw self::refused();
    }

    /** Books of a plan that is kept already; what breaks in them is a finding on its page, and is written down. */
    public function asKept(Plan $plan, Memory $memory = new Memory()): ComposedPlan
    {
        return ComposedPlan::of($plan, $this->catalogue, new Faults($this->tell(...)), $memory);
    }

    private function tell(\Throwable $failure): void
    {
        $this->log->error('A plan could not be composed: {failure}', ['failure' => $failure->getMessage(), 'exception' => $failure]);
    }

    private static function refused(): PlanProblem
    {
        // A fault of the program, and yet no reason to keep what it could not show again.
        return PlanProblem::at(
            '',
            'The program cannot compose the book this would make, so it was not kept. The log of the program says more.',
        );
    }
}
