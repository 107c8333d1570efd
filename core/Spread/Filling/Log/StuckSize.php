<?php

/* How large what is stuck into a month is: a printed or stamped calendar, a photo. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Paper\Millimetres;

/** @internal to Spread */
final class StuckSize
{
    /** All in µm. */
    private function __construct(private readonly int $width, private readonly int $height, private readonly int $pitch)
    {
    }

    /** @param int $pitch µm a box */
    public static function ofMm(int $width, int $height, int $pitch): self
    {
        return new self(Millimetres::read($width), Millimetres::read($height), $pitch);
    }

    /** Whole boxes it takes across. */
    public function wide(): int
    {
        return Millimetres::boxes($this->width, $this->pitch);
    }

    /** And down. */
    public function tall(): int
    {
        return Millimetres::boxes($this->height, $this->pitch);
    }

    /** "38 × 34 mm". */
    public function says(): string
    {
        return Millimetres::written($this->width).' × '.Millimetres::written($this->height).' mm';
    }
}
