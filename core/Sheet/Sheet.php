<?php

/* One side of paper to print at true size. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Paper\PaperSize;

final class Sheet
{
    /** @param list<SheetLine|SheetArea|SheetWords> $marks in the order they are printed */
    public function __construct(
        public readonly PaperSize $paper,
        public readonly string $title,
        public readonly ?DotGrid $grid,
        public readonly array $marks,
    ) {
    }
}
