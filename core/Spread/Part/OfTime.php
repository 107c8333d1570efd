<?php

/* What may fill a part with what is shaped like time: it takes what is asked of time (`Page/OwnPeriod`), beside settings of its own. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface OfTime extends Filling
{
    /**
     * @param array<array-key, mixed> $settings that are said
     *
     * @return list<string> the settings of time that mean something while the others are so; of others it knows nothing
     */
    public function shapedBy(array $settings): array;
}
