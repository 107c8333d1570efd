<?php

/* What becomes of the pages that are left over. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

enum Spare: string
{
    /** Together, after the last month. */
    case End = 'end';

    /** Spread over the months, as evenly as whole pages allow. */
    case Even = 'even';

    /** By the weights given to months, such as those that overran last time. */
    case Weights = 'weights';
}
