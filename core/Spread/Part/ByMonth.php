<?php

/* What may fill a part with the months of the book: it means nothing within one of them then, and takes what is known of each. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface ByMonth extends Filling
{
    /** @param array<array-key, mixed> $settings that are said */
    public function isByMonth(array $settings): bool;
}
