<?php

/* Minutes as they can be known: from, to, and what is likely. Four times of five it takes no less and no more. */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Counting\Fraction;

final class Range
{
    /** Minutes from which on nobody thinks in minutes. From memory. */
    private const LONG = 120;

    public function __construct(public readonly int $least, public readonly int $likely, public readonly int $most)
    {
    }

    /** "21 to 30 min"; from two hours on with the hours too: "228 to 363 min (4 to 6 hours)". */
    public function says(): string
    {
        $minutes = $this->least === $this->most ? "$this->most min" : "$this->least to $this->most min";
        [$from, $to] = [self::hours($this->least), self::hours($this->most)];

        return $minutes.match (true) {
            $this->most < self::LONG => '',
            $from === $to => " (about $to hours)",
            default => " ($from to $to hours)",
        };
    }

    /** To the nearest half. */
    private static function hours(int $minutes): string
    {
        return (string) Fraction::of((int) round($minutes / 30), 2);
    }
}
