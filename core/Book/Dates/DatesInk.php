<?php

/*
 * Known dates written into the pages that take them: in the room of their month, in the place of their day, or as marks on it.
 * One step more on each page, among what is written; what has no room is not written, and said elsewhere.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Book\Drawn;
use AmpleMargin\Book\Overlay;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Dates\Sign;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\OneStepMore;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Catalogue\TakesDates;

/** @internal to Book */
final class DatesInk implements Overlay
{
    /** The note of its steps and marks, so that a guide can leave them off. */
    public const NOTE = 'dates';

    private readonly DatesPen $pen;

    private readonly DayMarks $marks;

    /** What has no room on the pages that are written now. */
    private LeftOut $left;

    /** @param int $pitch µm a box */
    public function __construct(private readonly DatesOfBook $dates, Hand $hand, private readonly Tally $tally, int $pitch)
    {
        $this->pen = new DatesPen($dates, $hand, $pitch);
        $this->marks = new DayMarks($dates);
        $this->left = new LeftOut('');
    }

    public function over(array $pages, Drawn $of): array
    {
        return null === $of->takes ? $pages : $this->onto(array_values(array_filter($pages)), $of->takes, $of);
    }

    /**
     * @param list<PageDrawing> $pages of one spread, or part of a month
     *
     * @return list<PageDrawing> saying what has no room on them
     */
    private function onto(array $pages, TakesDates $takes, Drawn $of): array
    {
        $this->left = new LeftOut($of->about);
        $done = [];
        $more = 0;
        $written = [];
        foreach ($pages as $nth => $page) {
            $first = ([] === $page->steps ? 1 : $page->steps[0]->number) - 1;
            // On its side it is written as it lies.
            $drawn = $this->page($page->lying()->later($more), $takes, $nth, $first + $more, $of->categories, $written);
            $drawn = $page->turned ? $drawn->upright() : $drawn;
            $more += \count($drawn->steps) - \count($page->steps);
            $done[] = $drawn;
        }
        if (TakesDates::Days === $takes) {
            $this->leftOutOfWeeks($of, $pages);
        }

        return $this->left->said($done);
    }

    /**
     * @param list<string>       $categories
     * @param array<string, int> $written    month → how many of its dates stand on pages before
     */
    private function page(PageDrawing $page, TakesDates $takes, int $nth, int $done, array $categories, array &$written): PageDrawing
    {
        $count = 0;
        $draw = match ($takes) {
            TakesDates::Months => [
                ...$this->inMonths($page, $nth, $takes, $categories, $written, $count),
                // With mini months beside its lines, busy days are ringed (docs/trade.md, "The future log").
                ...$this->marks->on($page),
            ],
            TakesDates::Birthdays,
            TakesDates::Important => $this->inMonths($page, $nth, $takes, $categories, $written, $count),
            TakesDates::Days => $this->inDays($page, $nth, $count),
            TakesDates::Marks => [...$this->marks->on($page, $count), ...$this->deadlines($page, $nth)],
            TakesDates::NextYear => $this->asList($page, $nth, $count),
            TakesDates::Duties => (new DateTables($this->dates, $this->pen))->duties($page, $nth, $count, $this->left),
            TakesDates::Classes => (new DateTables($this->dates, $this->pen))->classes($page, $nth, $count, $this->left),
        };
        if ([] === $draw) {
            return $page;
        }
        $what = Plural::of($count, TakesDates::Marks === $takes ? 'day' : 'date', TakesDates::Marks === $takes ? 'days' : 'dates');

        return (new OneStepMore($this->tally, $nth, $done))->amid(
            $page,
            Task::Write,
            match (true) {
                TakesDates::Marks === $takes => "Mark the $what that something is known of, each in the pen of its category.",
                0 === $count && TakesDates::Months === $takes => 'Ring the days that are busy.',
                0 === $count => 'Write what goes on from before, on each of its days.',
                default => "Write what is known, each in its place: $what.",
            },
            self::NOTE,
            static function (Canvas $canvas) use ($draw): void {
                foreach ($draw as $one) {
                    $one($canvas);
                }
                $canvas->pen(null);
            },
            0 === $count ? ["Write what is known, each in its place: $what."] : [],
        );
    }

    /**
     * @param list<string>       $categories
     * @param array<string, int> $written
     *
     * @return list<\Closure(Canvas): void>
     */
    private function inMonths(PageDrawing $page, int $at, TakesDates $takes, array $categories, array &$written, int &$count): array
    {
        $draw = [];
        $nth = [];
        foreach ($page->rooms as $room) {
            $some = $this->someFor($room->for, $takes);
            if (null === $some) {
                continue;
            }
            $column = $nth[$room->for] = ($nth[$room->for] ?? -1) + 1;
            if ([] !== $categories) {
                $some = $this->dates->ofColumn($some, $categories, $column);
            } else {
                $some = \array_slice($some, $written[$room->for] ?? 0);
            }
            [$lines, $placed] = $this->pen->fitting($some, $room, $this->dates->wording->inMonth(...));
            $written[$room->for] = ($written[$room->for] ?? 0) + $placed;
            $this->left->of($room->for.([] === $categories ? '' : " $column"), $at, \array_slice($some, $placed));
            $count += $placed;
            array_push($draw, ...$this->pen->lines($lines, $room));
        }

        return $draw;
    }

    /**
     * What goes into a room: of its month, or the birthdays of its sign.
     *
     * @return list<Occurrence>|null null where it is a room for something else
     */
    private function someFor(string $for, TakesDates $takes): ?array
    {
        $month = Month::read($for);
        if (null !== $month) {
            return $this->dates->in($month, $takes);
        }
        if (TakesDates::Birthdays !== $takes || !str_starts_with($for, 'sign-')) {
            return null;
        }
        $some = [];
        foreach ($this->dates->plan->period->months() as $month) {
            foreach ($this->dates->in($month, $takes) as $once) {
                if (null !== $once->day && Sign::of($once->day)->key() === $for) {
                    $some[] = $once;
                }
            }
        }

        return $some;
    }

    /**
     * What is due, in the lines beside each month.
     *
     * @return list<\Closure(Canvas): void>
     */
    private function deadlines(PageDrawing $page, int $at): array
    {
        $draw = [];
        foreach ($page->rooms as $room) {
            $month = Month::read($room->for);
            if (null !== $month) {
                $some = $this->dates->deadlines($month);
                [$lines, $placed] = $this->pen->fitting($some, $room, $this->dates->wording->inMonth(...));
                $this->left->of($room->for, $at, \array_slice($some, $placed));
                array_push($draw, ...$this->pen->lines($lines, $room));
            }
        }

        return $draw;
    }

    /** @return list<\Closure(Canvas): void> */
    private function inDays(PageDrawing $page, int $at, int &$count): array
    {
        $draw = [];
        foreach ($page->days as $room) {
            $day = Day::read($room->for);
            if (null === $day) {
                continue;
            }
            $month = $this->dates->in($day->month, TakesDates::Days);
            $begins = $this->beginning($day);
            if ($room->lines < 1) {
                $this->left->of($room->for, $at, $begins);
                continue;
            }
            // What begins on the day stands first: what only goes on stands on the days before too.
            $some = [...$begins, ...array_filter($month, static fn (Occurrence $once): bool => $once->goesOnThrough($day))];
            [$lines, $placed] = $this->pen->fittingOrBegun(
                $some,
                $room,
                fn (Occurrence $once): string => $this->dates->wording->onDay($once, $day),
            );
            $count += min($placed, \count($begins));
            $this->left->of($room->for, $at, \array_slice($begins, $placed));
            array_push($draw, ...$this->pen->lines($lines, $room));
        }

        return $draw;
    }

    /**
     * The days of its weeks that have no place on these pages, such as the weekend of a week of five days.
     *
     * @param list<PageDrawing> $pages
     */
    private function leftOutOfWeeks(Drawn $of, array $pages): void
    {
        $drawn = [];
        foreach ($pages as $page) {
            $drawn += array_fill_keys(array_column($page->days, 'for'), true);
        }
        foreach ($of->weeks as $week) {
            for ($day = $week->from; $day->number <= $week->to->number; $day = $day->plus(1)) {
                if (!isset($drawn[$day->iso()])) {
                    $this->left->of($day->iso(), \count($pages) - 1, $this->beginning($day));
                }
            }
        }
    }

    /** @return list<Occurrence> what begins on a day */
    private function beginning(Day $day): array
    {
        return array_values(array_filter(
            $this->dates->in($day->month, TakesDates::Days),
            static fn (Occurrence $once): bool => $once->day?->number === $day->number,
        ));
    }

    /** @return list<\Closure(Canvas): void> */
    private function asList(PageDrawing $page, int $at, int &$count): array
    {
        $room = $page->rooms[0] ?? null;
        if (null === $room) {
            return [];
        }
        $some = [];
        $month = $this->dates->plan->period->end;
        for ($i = 1; $i <= DatesOfBook::BEYOND; ++$i) {
            array_push($some, ...$this->dates->in($month->plus($i), TakesDates::NextYear));
        }
        [$lines, $count] = $this->pen->fitting($some, $room, fn (Occurrence $once): string => (null === $once->day
            ? $this->dates->names->monthShort($once->month->month)
            : $this->dates->wording->day($once->day)).' '.$this->dates->wording->words($once));
        $this->left->of('next', $at, \array_slice($some, $count), 'the months after the book');

        return $this->pen->lines($lines, $room);
    }
}
