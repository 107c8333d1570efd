<?php

/* Draws the containers of a page of a future log, in the order of work. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Filling\MonthFigures;
use AmpleMargin\Spread\Filling\Year\PrintedMonths;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\FromHere;

/** @internal to Spread */
final class LogPainter
{
    public function __construct(
        private readonly Canvas $canvas,
        private readonly Request $request,
        private readonly LogAsked $asked,
        private readonly FromHere $here,
    ) {
    }

    /** @param list<MonthPlace> $places */
    public function ink(array $places): void
    {
        $this->here->step(
            $this->canvas,
            Task::Ink,
            'Rule the '.\count($places).(1 === \count($places) ? ' container' : ' containers').', and a line under each name’s row.',
            'down',
        );
        foreach ($places as $place) {
            $all = $place->all;
            $this->canvas->frame(Layer::Ink, $all->x, $all->y, $all->wide, $all->tall);
            $this->canvas->line(Layer::Ink, $all->x, $all->y + 1, $place->nameWide(), 0);
        }
        $this->photos($places);
        $this->strips($places);
        foreach ($places as $place) {
            $this->canvas->room(
                $place->month->iso(),
                $this->request->calendar->names->monthAndYear($place->month),
                $place->write->x,
                $place->write->y,
                $place->write->wide,
                $place->write->tall,
                $this->asked->line,
            );
            if (null !== $place->short) {
                $this->canvas->cells($place->short->x, $place->short->y, $place->short->wide, $place->short->tall);
            }
        }
        if ($this->asked->ruled) {
            foreach (self::alike($places) as $group) {
                $this->rule($group, \count($group) < \count($places));
            }
        }
    }

    /**
     * How many lines a month has and why, for the page's working.
     *
     * @param list<MonthPlace> $places
     *
     * @return list<Working>
     */
    public static function lines(Names $names, array $places, FromHere $here): array
    {
        $groups = self::alike($places);

        return array_map(static fn (array $group, int $i): Working => new Working(
            $here->note(0 === $i ? 'lines' : "lines-$i"),
            self::lineWords($group[0]->lines()).' a month',
            $group[0]->working().(\count($group) < \count($places) ? ' ('.self::named($names, $group).')' : ''),
        ), $groups, array_keys($groups));
    }

    /**
     * "10" lines a month, or from the fewest to the most.
     *
     * @param non-empty-list<MonthPlace> $places
     */
    public static function count(array $places): string
    {
        $lines = array_map(static fn (MonthPlace $place): int => $place->lines(), $places);

        return min($lines) === max($lines) ? (string) max($lines) : min($lines).' to '.max($lines);
    }

    private static function lineWords(int $lines): string
    {
        return $lines.(1 === $lines ? ' line' : ' lines');
    }

    /**
     * Months whose containers have the same room, in the order they first stand.
     *
     * @param list<MonthPlace> $places
     *
     * @return list<non-empty-list<MonthPlace>>
     */
    private static function alike(array $places): array
    {
        $groups = [];
        foreach ($places as $place) {
            $groups[$place->all->tall.' '.$place->working()][] = $place;
        }

        return array_values($groups);
    }

    /** @param list<MonthPlace> $places */
    private static function named(Names $names, array $places): string
    {
        return implode(', ', array_map(static fn (MonthPlace $place): string => $names->monthShort($place->month->month), $places));
    }

    /** @param list<MonthPlace> $places */
    public function write(array $places): void
    {
        $way = $this->asked->along ? 'along the first row' : 'down the first column';
        $this->here->step($this->canvas, Task::Write, "Write the names of the months, $way and then the next.", 'lines');
        foreach ($places as $place) {
            $this->canvas->words(
                Layer::Writing,
                Fraction::of(4 * $place->all->x + 1, 4),
                $place->all->y,
                Fraction::of(2 * $place->nameWide() - 1, 2),
                1,
                $this->name($place->month),
            );
        }
        $this->miniMonths(array_values(array_filter($places, static fn (MonthPlace $place): bool => null !== $place->mini)));
    }

    /** @param list<MonthPlace> $places with a mini month */
    private function miniMonths(array $places): void
    {
        $stuck = $this->asked->mini->stuck;
        if ([] !== $places && null !== $stuck) {
            $this->here->step(
                $this->canvas,
                Task::Write,
                "Stick or stamp the months into their places, {$stuck->says()} each. ".PrintedMonths::STAMPING.' They are not written.',
                'lines',
            );
        }
        foreach ($places as $place) {
            if (null === $place->mini) {
                continue;
            }
            if (null === $stuck) {
                $this->mini($place->month, $place->mini->x, $place->mini->y);
            } else {
                $name = $this->request->calendar->names->monthShort($place->month->month);
                $this->canvas->words(Layer::Pencil, $place->mini->x, $place->mini->y, $place->mini->wide, 1, $name, Align::Middle);
            }
        }
    }

    /**
     * The places of months that are stuck.
     *
     * @param list<MonthPlace> $places
     */
    public function pencil(array $places): void
    {
        $rooms = array_values(array_filter(array_map(static fn (MonthPlace $place): ?Region => $place->mini, $places)));
        $stuck = $this->asked->mini->stuck;
        if ([] === $rooms || null === $stuck) {
            return;
        }
        $this->here->step(
            $this->canvas,
            Task::Pencil,
            "Frame the place of each month’s calendar under its name, {$rooms[0]->wide} × {$rooms[0]->tall} boxes for {$stuck->says()}.",
            'lines',
        );
        foreach ($rooms as $room) {
            $this->canvas->frame(Layer::Pencil, $room->x, $room->y, $room->wide, $room->tall);
        }
    }

    public function name(Month $month): string
    {
        $period = $this->request->calendar->book();

        return $period->contains($month)
            ? $this->request->calendar->monthName($month, [$period->start, $period->end])
            : $this->request->calendar->names->monthAndYear($month);
    }

    /** @param list<MonthPlace> $places */
    private function photos(array $places): void
    {
        $photo = ($places[0] ?? null)?->photo();
        if (null === $photo) {
            return;
        }
        $this->here->step($this->canvas, Task::Ink, "Frame $photo->wide × $photo->tall boxes at the foot of each month, "
            .($photo->x === $places[0]->all->x ? 'from its left edge' : 'at its right edge')
            .', for a photo'
            .([] === $places[0]->strips() ? '' : ', above what is ruled off below it: '.Plural::boxes($this->asked->with->ruledOff()))
            .'.', 'lines');
        foreach ($places as $place) {
            $here = $place->photo() ?? $photo;
            $this->canvas->frame(Layer::Ink, $here->x, $here->y, $here->wide, $here->tall);
        }
    }

    /** @param list<MonthPlace> $places */
    private function strips(array $places): void
    {
        $below = 0;
        foreach (($places[0] ?? null)?->strips() ?? [] as $what => $strip) {
            $this->here->step($this->canvas, Task::Ink, match (true) {
                WithMonth::STATISTIC === $what => 'Rule off the last row of each month for a count.',
                0 === $below => 'Rule off the last '.Plural::boxes($strip->tall).' of each month for a memory.',
                default => 'Rule off '.Plural::boxes($strip->tall).' of each month for a memory, above the row for a count.',
            }, 'lines');
            foreach ($places as $place) {
                $here = $place->strips()[$what] ?? $strip;
                $this->canvas->line(Layer::Ink, $here->x, $here->y, $here->wide, 0);
            }
            $below += $strip->tall;
        }
    }

    /**
     * @param non-empty-list<MonthPlace> $places with the same room
     * @param bool                       $some   whether others on the page have another
     */
    private function rule(array $places, bool $some): void
    {
        $line = $this->asked->line;
        $write = $places[0]->write;
        $lines = $places[0]->lines();
        $left = Fraction::of($write->tall)->minus($line->times($lines));
        $levels = \count($this->levels($places[0], $write));
        $in = $some ? 'in '.self::named($this->request->calendar->names, $places) : 'in each month';
        $this->here->step(
            $this->canvas,
            Task::Ink,
            'Rule '
                .self::lineWords($levels)
                ." to write on $in, one every "
                .($line->equals(1) ? 'box' : Plural::boxes($line))
                .': the first '
                .$line->plus($write->y - $places[0]->all->y)
                .' boxes below its upper edge; '
                .match (true) {
                    $levels < $lines => 'the last row ends at its lower edge',
                    $left->compare(0) > 0 => "$left left over at the end",
                    default => 'nothing left over at the end',
                }
            .'.',
            'lines',
        );
        foreach ($places as $place) {
            $this->linesIn($place, $place->write);
        }
        if (null !== $places[0]->short) {
            $this->here->step(
                $this->canvas,
                Task::Ink,
                'Rule '
                    .Fraction::of($places[0]->short->tall)->dividedBy($line)->floor()
                    ." short lines beside the mini month $in, "
                    .Plural::boxes($places[0]->short->wide)
                    .' long, to the right edge.',
                'lines',
            );
            foreach ($places as $place) {
                $this->linesIn($place, $place->short ?? $place->write);
            }
        }
    }

    private function linesIn(MonthPlace $place, Region $room): void
    {
        foreach ($this->levels($place, $room) as $at) {
            $this->canvas->line(Layer::Ink, $room->x, $at, $room->wide, 0);
        }
    }

    /**
     * Where lines are ruled; the container's own edge is one already.
     *
     * @return list<Fraction> boxes from the upper edge of the page
     */
    private function levels(MonthPlace $place, Region $room): array
    {
        $levels = [];
        for ($i = 1; $this->asked->line->times($i)->compare($room->tall) <= 0; ++$i) {
            $at = $this->asked->line->times($i)->plus($room->y);
            if ($at->compare($place->all->y + $place->all->tall) < 0) {
                $levels[] = $at;
            }
        }

        return $levels;
    }

    private function mini(Month $month, int $x, int $y): void
    {
        $grid = new MonthGrid($month, $this->request->calendar->first);
        $figures = new MonthFigures($this->canvas, $this->request);
        $figures->begin($grid, 'the weekday letters, then the numbers; ', ' Ring busy days later.');
        $figures->letters($x, $y, 1);
        $figures->days($grid, $x, $y + 1);
    }
}
