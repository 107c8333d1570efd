<?php

/* What pages are drawn of, as an overlay is told of it. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Spread\Catalogue\TakesDates;

/** @internal to Book */
final class Drawn
{
    /**
     * @param string         $about      the spread, or the month
     * @param string         $name       of the drawing: the spread, a month's part, or the page where neither stands there
     * @param int            $from       which of its pages the first is, from 0
     * @param TakesDates|null $takes     what of the known dates is written into it
     * @param list<string>   $categories it has a column for in every month
     * @param list<MonthWeek> $weeks     the pages are for
     */
    public function __construct(
        public readonly string $about,
        public readonly string $name,
        public readonly int $from = 0,
        public readonly ?TakesDates $takes = null,
        public readonly array $categories = [],
        public readonly array $weeks = [],
    ) {
    }
}
