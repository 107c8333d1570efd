<?php

/* What a mend does to a page that is drawn already. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

enum MendKind: string
{
    /** A piece of the same paper is glued over, in whole boxes so that its dots lie on those below. */
    case Patch = 'patch';

    /** What is drawn from a line on stands elsewhere: divided again, or a row further down. */
    case Moved = 'moved';

    /** It is struck through, and may be used for something else. */
    case Struck = 'struck';

    /** Bands are a row further down from here on. */
    case Banded = 'banded';
}
