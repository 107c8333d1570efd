<?php

/* Minutes as they can be known: from, to, and what is likely. Four times of five it takes no less and no more. */

declare(strict_types=1);

namespace AmpleMargin\Making;

final class Range
{
    public function __construct(public readonly int $least, public readonly int $likely, public readonly int $most)
    {
    }

    /** "21 to 30 min". */
    public function says(): string
    {
        return $this->least === $this->most ? "$this->most min" : "$this->least to $this->most min";
    }
}
