<?php

/* A row of the index: what, and where it stands once that is known. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

final class IndexRow
{
    /** @param string $pages "12", "14–15", or "" before the placement is known */
    public function __construct(public readonly string $name, public readonly string $pages, public readonly bool $isMonth = false)
    {
    }
}
