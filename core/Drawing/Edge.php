<?php

/* The two edges a person counts along. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

enum Edge: string
{
    case Top = 'top';
    case Side = 'side';

    public function words(): string
    {
        return self::Top === $this ? 'along the top' : 'down the side';
    }
}
