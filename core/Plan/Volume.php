<?php

/* Another book of the same plan: the second volume of the period, or a book of its own for the year's collections. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Paper\Stock;

final class Volume
{
    /** The book every plan begins with. */
    public const FIRST = '1';

    public const MOST = 6;

    /**
     * @param string     $id   "2", "3" and so on, as people call it: book 2
     * @param Month|null $from its first month; null for a book without months
     */
    public function __construct(
        public readonly string $id,
        public readonly string $title,
        public readonly Stock $stock,
        public readonly ?Month $from = null,
        /** Whether it came while the first was in use: the months it took stand in an index that may be inked. */
        public readonly bool $later = false,
    ) {
    }
}
