<?php

/*
 * The days of a sign in the year a book begins: the sign of its first day first. That one is of two years where the year turns
 * within it: Capricorn from December to January.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\Sign;

/** @internal to Spread */
final class SignSpan
{
    private function __construct(private readonly Sign $sign, private readonly Day $first, private readonly Day $last)
    {
    }

    /** @return non-empty-list<self> all twelve */
    public static function of(Month $start): array
    {
        $day = Day::of($start, 1);
        $sign = Sign::of($day);
        $spans = [];
        $begins = [];
        for ($i = 0; $i < 12; ++$i) {
            while (Sign::of($day) === $sign) {
                $day = $day->plus(1);
            }
            // The first begins before the book, or a year later in it.
            $begins[] = $day;
            $sign = Sign::of($day);
        }
        $first = Sign::of(Day::of($start, 1));
        $spans[] = new self($first, $begins[11], $begins[0]->plus(-1));
        for ($i = 0; $i < 11; ++$i) {
            $spans[] = new self(Sign::of($begins[$i]), $begins[$i], $begins[$i + 1]->plus(-1));
        }

        return $spans;
    }

    /** At which hour the sun enters each sign; whoever is born on such a day may be of the sign before. */
    public static function cusps(Month $start): string
    {
        $names = new Names('en');
        $said = array_map(static function (self $span) use ($names): string {
            $at = Sign::cusp($span->first);

            return "{$span->sign->name} from {$span->first->day} {$names->monthShort($span->first->month->month)} "
                .$span->first->month->year.(null === $at ? '' : ", $at");
        }, self::of($start));

        return implode('; ', $said).' (universal time); who is born on such a day may be of the sign before';
    }

    public function key(): string
    {
        return $this->sign->key();
    }

    /** "Taurus 20 Apr – 20 May" */
    public function name(Names $names): string
    {
        $day = static fn (Day $day): string => "$day->day {$names->monthShort($day->month->month)}";

        return "{$this->sign->name} {$day($this->first)} – {$day($this->last)}";
    }
}
