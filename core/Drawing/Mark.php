<?php

/*
 * One thing drawn on a page. Marks know nothing of screens or printers; each writer gives them form.
 * Places are in grains from the upper left corner of the grid.
 */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

abstract class Mark
{
    /**
     * @param int         $step the number of the step that draws it, 0 before the first
     * @param string|null $note the working or finding that speaks of it
     */
    public function __construct(
        public readonly Layer $layer,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        public readonly int $step,
        public readonly ?string $note,
    ) {
    }
}
