<?php

/* What a pen is used for on a page. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

enum PenUse: string
{
    case Lines = 'lines';
    case Bands = 'bands';
    case Writing = 'writing';
    case Decoration = 'decoration';
}
