<?php

/* When something of 29 February is in a year that has none. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

enum LeapDay: string
{
    case Before = 'before';
    case After = 'after';

    public function words(): string
    {
        return self::Before === $this ? 'on 28 February' : 'on 1 March';
    }
}
