<?php

/* The layers of a page, in the order they are put on paper (docs/trade.md, "Order of work on a page"). */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

enum Layer: string
{
    case Pencil = 'pencil';
    case Band = 'band';
    case Ink = 'ink';
    case Writing = 'writing';
}
