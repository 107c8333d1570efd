<?php

/* A pen of the book's own palette, and what its colour stands for. */

declare(strict_types=1);

namespace AmpleMargin\Colour;

final class Pen
{
    /** @param string $colour as #rrggbb */
    public function __construct(public readonly string $colour, public readonly string $means)
    {
    }
}
