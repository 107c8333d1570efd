<?php

/* The plan after an edit, and what was done, in words for the list of edits. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Plan\Plan;

final class Edited
{
    public function __construct(public readonly Plan $plan, public readonly string $said)
    {
    }
}
