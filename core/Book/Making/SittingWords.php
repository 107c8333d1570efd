<?php

/* A sitting as text: what is laid out, then what is done, minute by minute. For the command line and the calendar. */

declare(strict_types=1);

namespace AmpleMargin\Book\Making;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Making\Sitting\Act;
use AmpleMargin\Making\Sitting\Stint;
use AmpleMargin\Plan\Making\Evening;

final class SittingWords
{
    /** @return list<string> lines; none where nothing is drawn that evening */
    public static function of(Sittings $sittings, Evening $evening): array
    {
        $pieces = $sittings->packed->pieces[$evening->key()] ?? [];
        if ([] === $pieces) {
            return [];
        }
        $laid = LaidOut::for($sittings->book, $pieces);
        $lines = [];
        foreach (['Lay out' => [...$laid->tools, ...$laid->pens], 'Print first' => $laid->sheets] as $head => $things) {
            if ([] !== $things) {
                $lines[] = "$head: ".implode(', ', $things).'.';
            }
        }
        array_push($lines, ...$laid->cautions);
        foreach ($sittings->packed->timelines[$evening->key()]->acts() as $act) {
            $lines[] = self::clock($evening, $sittings->gone($evening) + $act->at).'  '.self::act($sittings, $act);
        }

        return $lines;
    }

    public static function act(Sittings $sittings, Act $act): string
    {
        $minutes = " ($act->minutes min)";

        return match ($act->is) {
            Act::PAUSE => "Pause: put the pen down.$minutes",
            Act::DRY => "Let it dry before the book is turned.$minutes",
            Act::LAY_OUT => "Lay out mat, knife and steel ruler.$minutes",
            Act::FINISH => 'Erase and check '.self::named($sittings, $act->piece).$minutes,
            default => ucfirst(self::page($sittings, $act->piece).$minutes),
        };
    }

    /** "page 12, Goals by area"; where it is drawn in two, which steps. */
    public static function page(Sittings $sittings, ?Stint $piece): string
    {
        if (null === $piece) {
            return '';
        }
        $first = $piece->from + 1;
        $steps = match (true) {
            $piece->isWhole(), $piece->isLeftToDry() => '',
            $first === $piece->to => ", step $first of those left",
            default => ", steps {$first}–$piece->to of those left",
        };

        return self::named($sittings, $piece).$steps;
    }

    private static function named(Sittings $sittings, ?Stint $piece): string
    {
        $page = $piece->page->page ?? 0;

        return "page $page, {$sittings->book->slot($page)->title}";
    }

    /** "Thursday 31 December" */
    public static function day(Day $day): string
    {
        $names = new Names('en');

        return "{$names->weekday($day->weekday())} $day->day {$names->month($day->month->month)}";
    }

    /** "19:25", so many minutes after it began. */
    public static function clock(Evening $evening, int $after): string
    {
        $at = $evening->begins() + $after;

        return \sprintf('%02d:%02d', intdiv($at, 60) % 24, $at % 60);
    }
}
