<?php

/* What one row or column of a table stands for: an item, a day, a month, a week. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Table;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Weekday;

/** @internal to Spread */
final class TableEntry
{
    /**
     * @param string     $name    where there is room
     * @param string     $short   in two boxes
     * @param string     $initial in one
     * @param Month|null $month   it is, or begins in
     * @param int|null   $day     of any month
     * @param bool       $heads   a group of items, and is none itself
     * @param Day|null     $start   the day a week begins on
     * @param string       $above   a letter above a figure: a day's weekday
     * @param Weekday|null $weekday it is
     */
    public function __construct(
        public readonly string $name,
        public readonly string $short,
        public readonly string $initial,
        public readonly ?Month $month = null,
        public readonly ?int $day = null,
        public readonly bool $heads = false,
        public readonly ?Day $start = null,
        public readonly string $above = '',
        public readonly ?Weekday $weekday = null,
    ) {
    }
}
