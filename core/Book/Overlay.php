<?php

/* What lays itself over pages that are drawn: known dates, ticks from the counting bench, what saved slips mended. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\PageDrawing;

/** @internal to Book */
interface Overlay
{
    /**
     * @param list<PageDrawing|null> $pages one after another; null where nothing is drawn
     *
     * @return list<PageDrawing|null> as many
     */
    public function over(array $pages, Drawn $of): array;
}
