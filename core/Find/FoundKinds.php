<?php

/* What the drawer shows for a wish: kinds, the likeliest first. */

declare(strict_types=1);

namespace AmpleMargin\Find;

final class FoundKinds
{
    /**
     * @param list<string> $kinds ids, the likeliest first
     * @param bool         $near  none is called so: these are the nearest
     * @param string       $says  what to mind before writing such a thing into a notebook; ""
     */
    public function __construct(public readonly array $kinds, public readonly bool $near, public readonly string $says)
    {
    }
}
