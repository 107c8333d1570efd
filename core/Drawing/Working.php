<?php

/* The arithmetic behind a figure, in the words of the trade. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Working
{
    /** @param string $note the key its marks and steps carry */
    public function __construct(public readonly string $note, public readonly string $figure, public readonly string $arithmetic)
    {
    }
}
