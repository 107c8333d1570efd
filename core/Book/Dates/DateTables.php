<?php

/* Dates in tables of their own: duties a row each, what comes every week in its hour of a timetable. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Dates\RuleWords;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\PageDrawing;

/** @internal to Book */
final class DateTables
{
    private readonly RuleWords $rules;

    public function __construct(private readonly DatesOfBook $dates, private readonly DatesPen $pen)
    {
        $this->rules = new RuleWords();
    }

    /**
     * A row each: what, how often, when it is due next, from when it must be thought of.
     *
     * @return list<\Closure(Canvas): void>
     */
    public function duties(PageDrawing $page, int $at, int &$count, LeftOut $left): array
    {
        $duties = array_values(array_filter($this->dates->duties(), static fn (NextDue $duty): bool => null !== $duty->due));
        $rows = array_map($this->row(...), $duties);
        $draw = [];
        foreach ($page->days as $room) {
            $column = 1 === preg_match('/^column-([0-3])$/', $room->for, $found) ? (int) $found[1] : null;
            if (null !== $column) {
                $here = \array_slice($rows, 0, $room->lines);
                $count = \count($here);
                $left->named('duties', $at, array_map(
                    static fn (NextDue $one): string => $one->entry->words,
                    \array_slice($duties, $count),
                ), 'the duties');
                array_push($draw, ...$this->pen->lines(array_map(static fn (array $row): array => [$row[$column], null], $here), $room));
            }
        }

        return $draw;
    }

    /**
     * On their weekday, in the row of their hour; what comes every second week says which weeks.
     *
     * @return list<\Closure(Canvas): void>
     */
    public function classes(PageDrawing $page, int $at, int &$count, LeftOut $left): array
    {
        $classes = $this->dates->classes();
        $draw = [];
        foreach ($page->days as $room) {
            if (1 !== preg_match('/^hour-(\d)-(\d\d:\d\d)$/', $room->for, $found)) {
                continue;
            }
            $next = $this->nextHour($page, $found[1], $found[2]);
            $some = array_values(array_filter(
                $classes,
                static fn (Occurrence $once): bool => null !== $once->day && (int) $found[1] === $once->day->weekday()->value
                    && $once->entry->time >= $found[2] && (null === $next || $once->entry->time < $next),
            ));
            [$lines, $placed] = $this->pen->fittingOrBegun($some, $room, $this->dates->wording->weekly(...));
            $count += $placed;
            $left->of($room->for, $at, \array_slice($some, $placed), "the week, at $found[2]");
            array_push($draw, ...$this->pen->lines($lines, $room));
        }

        return $draw;
    }

    /** @return list<string> what, how often, when it is due next, from when it must be thought of */
    private function row(NextDue $duty): array
    {
        $day = fn (?Day $day): string => null === $day ? '' : $this->dates->wording->day($day);

        return [
            $duty->entry->words,
            null === $duty->entry->repeat ? 'once' : $this->rules->of($duty->entry->repeat),
            $day($duty->due),
            $day($duty->seen()),
        ];
    }

    /** The hour of the row below; null where it is the last. */
    private function nextHour(PageDrawing $page, string $weekday, string $hour): ?string
    {
        $hours = [];
        foreach ($page->days as $room) {
            if (str_starts_with($room->for, "hour-$weekday-")) {
                $hours[] = substr($room->for, -5);
            }
        }
        sort($hours);
        $later = array_values(array_filter($hours, static fn (string $one): bool => $one > $hour));

        return $later[0] ?? null;
    }
}
