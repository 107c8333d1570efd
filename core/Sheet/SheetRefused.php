<?php

/* A page that cannot be printed at true size on the paper chosen. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Refused;

final class SheetRefused extends \DomainException implements Refused
{
    public static function tooLarge(string $grid, string $paper, string $room): self
    {
        return new self("The grid is $grid mm; on $paper there is room for $room mm at true size. Print on a larger paper.");
    }
}
