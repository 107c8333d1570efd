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
