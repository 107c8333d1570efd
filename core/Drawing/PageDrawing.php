<?php

/* A page as it is to be drawn: the one source for screen, print and steps. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class PageDrawing
{
    /**
     * @param list<Mark>    $marks
     * @param list<Step>    $steps
     * @param list<Working> $workings
     * @param list<Finding> $findings
     */
    public function __construct(
        public readonly int $across,
        public readonly int $down,
        public readonly array $marks,
        public readonly array $steps,
        public readonly array $workings,
        public readonly array $findings,
    ) {
    }
}
