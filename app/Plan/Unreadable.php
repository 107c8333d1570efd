<?php

/* A notebook whose plan cannot be read or composed: it is said to be so, can be downloaded, and takes nothing else down. */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Plan\PlanProblem;

final class Unreadable extends \RuntimeException
{
    public function __construct(\Throwable $why)
    {
        $says = match (true) {
            $why instanceof PlanProblem => ('' === $why->field ? '' : "$why->field: ").$why->getMessage(),
            $why instanceof \JsonException => 'The plan is not whole.',
            default => 'The program cannot compose its book.',
        };
        parent::__construct("This notebook cannot be opened. $says Its plan can be downloaded as it is kept.", 0, $why);
    }
}
