<?php

/* The sections of a notebook in the order they stand in it; the months come between trackers and back. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

enum Section: string
{
    case Front = 'front';
    case Year = 'year';
    case Goals = 'goals';
    case Trackers = 'trackers';
    case Back = 'back';

    /** Whether its spreads may mix with those of the next section, where the person wants that; the months come behind the trackers. */
    public function mayMix(): bool
    {
        return \in_array($this, [self::Front, self::Year, self::Goals], true);
    }

    public function words(): string
    {
        return match ($this) {
            self::Front => 'Front pages',
            self::Year => 'The year',
            self::Goals => 'Goals',
            self::Trackers => 'Trackers and lists',
            self::Back => 'Back of the book',
        };
    }
}
