<?php

/* How full the months of a future log are with what is known already, as it is laid out or as it might be. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Counting\Wrap;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Catalogue\TakesDates;

/** @internal to Book */
final class Loads
{
    /** Boxes a line is reckoned with where no future log says how long its own are: half a page of 26. */
    private const USUAL = 12;

    public function __construct(private readonly DatesOfBook $dates, private readonly Hand $hand, private readonly int $pitch)
    {
    }

    /**
     * @return list<MonthLoad> the months of the period, and those after it that the log has room for or in which something comes once
     */
    public function of(LogLayout $log): array
    {
        $rooms = self::rooms($log->pages);
        $loads = [];
        $period = $this->dates->plan->period;
        foreach ($period->start->run($period->length() + DatesOfBook::BEYOND) as $month) {
            $here = $rooms[$month->iso()] ?? [];
            $some = $this->dates->in($month, TakesDates::Months);
            $once = array_filter($some, static fn (Occurrence $one): bool => null === $one->entry->rule());
            if ($period->contains($month) || [] !== $here || [] !== $once) {
                $loads[] = $this->load($month, $some, $here, $log->categories);
            }
        }

        return $loads;
    }

    /** Lines too many in all its months. */
    public function over(LogLayout $log): int
    {
        return array_sum(array_map(static fn (MonthLoad $load): int => $load->over, $this->of($log)));
    }

    /**
     * @param list<Occurrence>         $some
     * @param list<array{int, Fraction}> $rooms      lines and how long they are
     * @param list<string>             $categories each in a room of its own; none where all go through its rooms
     */
    private function load(Month $month, array $some, array $rooms, array $categories): MonthLoad
    {
        if ([] === $rooms) {
            return new MonthLoad($month, \count($some), $this->lines($some, Fraction::of(self::USUAL)), null, 0, 0);
        }
        $room = array_sum(array_column($rooms, 0));
        if (\count($categories) !== \count($rooms)) {
            $wide = self::shortest($rooms);
            $lines = $this->lines($some, $wide);

            return new MonthLoad($month, \count($some), $lines, $room, max(0, $lines - $room), $this->broken($some, $wide));
        }
        [$lines, $over, $broken] = [0, 0, 0];
        foreach ($rooms as $column => [$left, $wide]) {
            $here = $this->dates->ofColumn($some, $categories, $column);
            $need = $this->lines($here, $wide);
            $lines += $need;
            $over += max(0, $need - $left);
            $broken += $this->broken($here, $wide);
        }

        return new MonthLoad($month, \count($some), $lines, $room, $over, $broken);
    }

    /** Lines one date takes among others of its month, on lines of so many boxes. */
    public function linesOf(Occurrence $once, Fraction $wide): int
    {
        return \count(Wrap::lines($this->dates->wording->inMonth($once), $this->hand->letters($wide, $this->pitch)));
    }

    /** Boxes of a line of a month. */
    public function wide(LogLayout $log, Month $month): Fraction
    {
        $rooms = self::rooms($log->pages)[$month->iso()] ?? [];

        return [] === $rooms ? Fraction::of(self::USUAL) : self::shortest($rooms);
    }

    /** @param list<Occurrence> $some */
    private function broken(array $some, Fraction $wide): int
    {
        $letters = $this->hand->letters($wide, $this->pitch);

        return array_sum(array_map(fn (Occurrence $once): int => Wrap::broken($this->dates->wording->inMonth($once), $letters), $some));
    }

    /** @param list<Occurrence> $some */
    private function lines(array $some, Fraction $wide): int
    {
        return array_sum(array_map(fn (Occurrence $once): int => $this->linesOf($once, $wide), $some));
    }

    /** @param non-empty-list<array{int, Fraction}> $rooms */
    private static function shortest(array $rooms): Fraction
    {
        $shortest = $rooms[0][1];
        foreach ($rooms as [, $wide]) {
            $shortest = $wide->compare($shortest) < 0 ? $wide : $shortest;
        }

        return $shortest;
    }

    /**
     * @param list<PageDrawing> $pages
     *
     * @return array<string, non-empty-list<array{int, Fraction}>> month → its rooms: lines, and how long they are
     */
    private static function rooms(array $pages): array
    {
        $rooms = [];
        foreach ($pages as $page) {
            foreach ($page->rooms as $room) {
                if (null !== Month::read($room->for)) {
                    $rooms[$room->for][] = [$room->lines, $room->wide];
                }
            }
        }

        return $rooms;
    }
}
