<?php

/* A step of a page as time: how long it takes, and what it does to the page. */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

final class StepTime
{
    /**
     * @param string $key     of the step
     * @param float  $seconds of work; nought for waiting
     * @param float  $figures seconds of figures among them
     * @param bool   $wet     whether it leaves the page wet
     * @param bool   $wait    whether the page must dry here
     * @param bool   $craft   whether it wants knife, mat or glue
     */
    public function __construct(
        public readonly string $key,
        public readonly float $seconds,
        public readonly float $figures = 0.0,
        public readonly bool $wet = false,
        public readonly bool $wait = false,
        public readonly bool $craft = false,
    ) {
    }
}
