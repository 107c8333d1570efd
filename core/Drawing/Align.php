<?php

/* Where words stand in their place. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

enum Align: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';
}
