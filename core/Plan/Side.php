<?php

/* Which side of an opening a single page wants. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

enum Side: string
{
    case Any = 'any';
    case Left = 'left';
    case Right = 'right';
}
