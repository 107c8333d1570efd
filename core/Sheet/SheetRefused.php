<?php

/* Something that cannot be printed at true size on the paper chosen. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Refused;

final class SheetRefused extends \DomainException implements Refused
{
    /** @param string $what "The grid", "Page 7" */
    public static function tooLarge(string $what, string $size, string $paper, string $room): self
    {
        return new self("$what is $size mm; on $paper there is room for $room mm at true size. Print on a larger paper.");
    }

    /** @param int $most lines and words of one tray */
    public static function tooMuch(int $most): self
    {
        return new self('With what stands before it in the tray this is more than is printed at once, '.number_format($most)
            .' lines and words: take fewer pages, or print them by themselves.');
    }

    public static function labelsSaid(): self
    {
        return new self('Say a sheet of labels in mm: how wide and tall one is, how many across and down, and the gap between them, '
            .'such as 38x42 4x6 gap 2; and left 10 top 12 where they do not stand in the middle of the sheet.');
    }

    public static function labels(string $paper): self
    {
        return new self("So many labels of this size do not fit on $paper: count them on the sheet, and measure one.");
    }
}
