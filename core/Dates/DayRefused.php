<?php

/* Words that name no day, and why. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Counting\Plural;

final class DayRefused extends \DomainException
{
    /** @param bool $isOfADay whether words name a day, though one that cannot be */
    private function __construct(string $says, public readonly bool $isOfADay = false)
    {
        parent::__construct($says);
    }

    public static function none(string $said): self
    {
        return new self("“{$said}” is no day: write it as 12 March, 12.3., 3–9 March, 2027-03-12, first Monday of May, Easter, every "
            .'Tuesday, or March for a month without a day.');
    }

    public static function noneInYear(string $said, int $year): self
    {
        return new self("There is no such day as “{$said}” in $year.", true);
    }

    public static function beyond(string $month, int $days, int $day): self
    {
        return new self("$month has $days days, not $day.", true);
    }

    public static function backwards(): self
    {
        return new self('It ends before it begins.', true);
    }

    public static function long(int $most): self
    {
        return new self('It takes more than '.Plural::of($most, 'day', 'days').': write a first and a last day of their own.', true);
    }

    public static function empty(string $line): self
    {
        return new self("“{$line}” says when, but not what.");
    }

    public static function repeatWithoutDay(string $line): self
    {
        return new self("“{$line}” comes again, but from which day on? Write the first: 5 January every 14 days.", true);
    }

    public static function noTime(string $said): self
    {
        return new self("“{$said}” is no time: write it as 18:30.");
    }
}
