<?php

/* One side of paper to print at true size: where its marks are meant to land, and what is sent instead to a printer that is known. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Printer\Correction;

final class Sheet
{
    /**
     * @param list<SheetLine|SheetArea|SheetWords> $marks in the order they are printed
     * @param list<DotGrid>                        $grids printed below them
     * @param Correction|null                      $correction null for a printer nothing is known of
     */
    public function __construct(
        public readonly PaperSize $paper,
        public readonly string $title,
        public readonly array $marks,
        public readonly array $grids = [],
        public readonly ?Correction $correction = null,
    ) {
    }
}
