<?php

/* What a spread is made with, where that decides its page. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

enum Medium: string
{
    /** Pencil, fineliner, gel ink: its back takes anything. */
    case Dry = 'dry';

    /** Alcohol marker, watercolour: comes through, so the back of the leaf stays empty or is decoration. */
    case Bleeds = 'bleeds';

    /** Stamps: print unevenly on the first and last leaves. */
    case Stamped = 'stamped';

    /** All decoration or collage: may stand on the back of a page that bleeds. */
    case Decoration = 'decoration';
}
