<?php

/* The columns of a part, such as its months: what stands below it in the same columns is drawn in line with them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Fraction;

final class Columns
{
    /**
     * @param string   $of     what each stands for: "months", "weeks"
     * @param int      $before boxes before the first
     * @param Fraction $wide   boxes of each
     */
    public function __construct(
        public readonly string $of,
        public readonly int $before,
        public readonly Fraction $wide,
    ) {
    }
}
