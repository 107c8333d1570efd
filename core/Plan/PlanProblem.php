<?php

/* Something in a plan or an edit that cannot be, with the field where it stands. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Refused;

final class PlanProblem extends \DomainException implements Refused
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    /** @param string $field a path such as "stock/pages" */
    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }
}
