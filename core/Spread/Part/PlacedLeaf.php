<?php

/* A filled region that has its place on the page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

final class PlacedLeaf
{
    public function __construct(public readonly Leaf $leaf, public readonly Region $region)
    {
    }
}
