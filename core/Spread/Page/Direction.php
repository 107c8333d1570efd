<?php

/* Which side of a region is divided. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

enum Direction: string
{
    /** Parts side by side. */
    case Across = 'across';

    /** Parts one below another. */
    case Down = 'down';
}
