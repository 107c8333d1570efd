<?php

/* How much of a pen is seen as a shadow on the back of the leaf. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

enum Ghost: string
{
    case None = 'none';
    case Slight = 'slight';
    case Strong = 'strong';
}
