<?php

/* What a step asks the hand to do. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

enum Task: string
{
    case Pencil = 'pencil';
    case Band = 'band';
    case Ink = 'ink';
    case Write = 'write';
    case Wait = 'wait';
    case Erase = 'erase';
    case Check = 'check';
}
