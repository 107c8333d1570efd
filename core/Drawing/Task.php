<?php

/* What a step asks the hand to do. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

enum Task: string
{
    case Pencil = 'pencil';
    /** A leaf cut to a door, before anything is drawn on the leaf behind it. */
    case Cut = 'cut';
    case Band = 'band';
    case Ink = 'ink';
    case Write = 'write';
    case Wait = 'wait';
    case Erase = 'erase';
    case Check = 'check';
}
