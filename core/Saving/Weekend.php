<?php

/* What becomes of a payday on a Saturday or Sunday. */

declare(strict_types=1);

namespace AmpleMargin\Saving;

use AmpleMargin\Calendar\Day;

enum Weekend: string
{
    case Stays = 'stays';
    /** The Friday before. */
    case Before = 'before';
    /** The Monday after. */
    case After = 'after';

    public function moved(Day $day): Day
    {
        $beyond = $day->weekday()->value - 5;

        return match (true) {
            $beyond <= 0 || self::Stays === $this => $day,
            self::Before === $this => $day->plus(-$beyond),
            default => $day->plus(3 - $beyond),
        };
    }
}
