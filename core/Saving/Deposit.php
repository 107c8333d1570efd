<?php

/* What is put aside on one payday. */

declare(strict_types=1);

namespace AmpleMargin\Saving;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;

final class Deposit
{
    /**
     * @param int        $amount whole units
     * @param int        $sum    whole units, with this and with what was there at first
     * @param Day|null   $paid   null where it has no date
     * @param Month|null $month  it belongs to
     */
    public function __construct(
        public readonly int $amount,
        public readonly int $sum,
        public readonly ?Day $paid = null,
        public readonly ?Month $month = null,
    ) {
    }
}
