<?php

/* How many pages a week gets, reckoned in half pages so that sums stay whole. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

enum WeekPages: string
{
    case Two = '2';
    case One = '1';
    case Half = '1/2';

    public function halves(): int
    {
        return match ($this) {
            self::Two => 4,
            self::One => 2,
            self::Half => 1,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Two => '2 pages a week',
            self::One => '1 page a week',
            self::Half => '½ page a week',
        };
    }
}
