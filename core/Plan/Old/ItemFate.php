<?php

/* What becomes of one thing of a list. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

enum ItemFate: string
{
    case Carry = 'carry';
    case Reached = 'reached';
    case Drop = 'drop';
}
