<?php

/* How a piece comes off its sheet. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Piece;

enum CutAlong
{
    /** Along its four edges, which are printed as lines; two pieces side by side share one. */
    case Edges;
    /** Along its four edges, from mark to mark outside its corners: lines would be in the way on it. */
    case Marks;
    /** Along an outline of its own, which is among its marks. */
    case Outline;
    /** Not at all: a label comes off by itself. */
    case Nothing;
}
