<?php

/* Minutes as the API answers them: a range, never one figure alone. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Making\Range;

final class MinutesView
{
    /** @return array{least: int, likely: int, most: int, says: string} */
    public static function of(Range $range): array
    {
        return ['least' => $range->least, 'likely' => $range->likely, 'most' => $range->most, 'says' => $range->says()];
    }
}
