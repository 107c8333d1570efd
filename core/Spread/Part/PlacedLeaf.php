<?php

/* A filled region that has its place on the page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Region;

final class PlacedLeaf
{
    /**
     * @param string      $path where it is in the parting: "1.0" is the first part of the second part; "" for the whole page
     * @param string|null $says why it is too small for what fills it; null where it is not
     */
    public function __construct(
        public readonly FilledPart $leaf,
        public readonly Region $region,
        public readonly string $path = '',
        public readonly ?string $says = null,
    ) {
    }
}
