<?php

/* Where the boxes go that an equal division leaves over: the schools of docs/trade.md, "Dividing a side". */

declare(strict_types=1);

namespace AmpleMargin\Counting;

enum Remainder: string
{
    /** Half before, half after; an odd box goes after. Always possible. */
    case Outside = 'outside';

    /** All of it after the last part, kept for notes. Always possible. */
    case After = 'after';

    /** Into the gaps, so that the gaps read the same from both ends. Only with two parts or more. */
    case IntoGaps = 'into-gaps';

    /** Into the parts, so that the sizes read the same from both ends. Not with an even number of parts and an odd remainder. */
    case IntoParts = 'into-parts';

    /** None: parts of unequal size in the ratio asked for, rounded to whole boxes that add up. Possible wherever each part gets a box. */
    case ByRatio = 'by-ratio';

    /** Nothing left over: the line falls between dots and is drawn with a ruler. Always possible. */
    case Exact = 'exact';
}
