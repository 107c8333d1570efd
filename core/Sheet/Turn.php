<?php

/* How words lie on a sheet: quarter turns against the clock from upright. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

enum Turn: int
{
    case Upright = 0;
    /** Read from below. */
    case Upwards = 1;
    /** On their head. */
    case Over = 2;
    /** Read from above. */
    case Downwards = 3;

    /** Turned once more by quarter turns against the clock; negative ones with it. */
    public function by(int $quarters): self
    {
        return self::from((($this->value + $quarters) % 4 + 4) % 4);
    }

    /** Whether a line of them runs up or down the sheet. */
    public function isAlongTheSide(): bool
    {
        return 1 === $this->value % 2;
    }
}
