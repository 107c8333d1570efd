<?php

/* The twelve signs the sun passes through in a year, beginning where it stands in spring. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;

enum Sign: int
{
    /** Minutes. */
    private const HOUR = 60;

    case Aries = 0;
    case Taurus = 1;
    case Gemini = 2;
    case Cancer = 3;
    case Leo = 4;
    case Virgo = 5;
    case Libra = 6;
    case Scorpio = 7;
    case Sagittarius = 8;
    case Capricorn = 9;
    case Aquarius = 10;
    case Pisces = 11;

    /** Names the room of its birthdays on a page. */
    public function key(): string
    {
        return "sign-$this->value";
    }

    /** Of a day: on the day the sun enters a sign, that sign. */
    public static function of(Day $day): self
    {
        return self::from(intdiv((int) floor(Sun::longitude(($day->number + 1) * 1440)), 30));
    }

    /**
     * The hour, in universal time, within which it begins on a day: "21 h", or "about 21 h" where it begins so near the full
     * hour that it may be the hour before; null where the whole day is one sign's. Whoever is born on such a day may be of the
     * sign before.
     */
    public static function cusp(Day $day): ?string
    {
        $minute = Sun::enters($day);
        if (null === $minute) {
            return null;
        }
        $past = $minute % self::HOUR;
        $near = $past < Sun::WITHIN || $past >= self::HOUR - Sun::WITHIN;

        return ($near ? 'about ' : '').intdiv($minute + ($near ? Sun::WITHIN : 0), self::HOUR).' h';
    }
}
