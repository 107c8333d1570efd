<?php

/* An overlay that looks at one page at a time. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\PageDrawing;

/** @internal to Book */
trait OverEachPage
{
    public function over(array $pages, Drawn $of): array
    {
        return array_map(
            fn (?PageDrawing $page, int $i): ?PageDrawing => $this->onto($page, $of->name, $of->from + $i),
            $pages,
            array_keys($pages),
        );
    }
}
