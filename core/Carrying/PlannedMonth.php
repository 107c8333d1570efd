<?php

/* The pages a month needs as planned: it may need one more before an opening, so it depends on where it begins. */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Paper\Leaf;

final class PlannedMonth
{
    /**
     * @param int $left  pages where it begins on a left page
     * @param int $right pages where it begins on a right page
     */
    public function __construct(public readonly Month $month, public readonly int $left, public readonly int $right)
    {
    }

    /** @param int $page its first */
    public function pagesFrom(int $page): int
    {
        return Leaf::isLeft($page) ? $this->left : $this->right;
    }
}
