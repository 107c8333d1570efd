<?php

/* Which of the places a piece has on a sheet is taken. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

/** @internal to Packing */
enum PlaceRule
{
    /** As far up as it goes, then as far to the left. */
    case Top;
    /** Where the least is left beside its better fitting side. */
    case ShortSide;
    /** In the smallest free rectangle. */
    case Area;
}
