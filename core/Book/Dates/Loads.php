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
use AmpleMargin\Spread\TakesDates;

/** @internal to Book */
final class Loads
{
    /** Boxes a line is reckoned with where no future log says how long its own are: half a page of 26. */
    private const USUAL = 12;

    public function __construct(private readonly DatesOfBook $dates, private readonly Hand $hand, private readonly int $pitch)
    {
    }

    /**
     * @param list<PageDrawing> $pages of the future log; none where there is none
     *
     * @return list<MonthLoad> the months of the period, and those after it that the log has room for or in which something comes once
     */
    public function of(array $pages): array
    {
        $rooms = self::rooms($pages);
        $loads = [];
        $period = $this->dates->plan->period;
        foreach ($period->start->run($period->length() + DatesOfBook::BEYOND) as $month) {
            $room = $rooms[$month->iso()] ?? null;
            $some = $this->dates->in($month, TakesDates::Months);
            $once = array_filter($some, static fn (Occurrence $one): bool => null === $one->entry->repeat);
            if ($period->contains($month) || null !== $room || [] !== $once) {
                $wide = null === $room ? Fraction::of(self::USUAL) : $room[1];
                $loads[] = new MonthLoad($month, \count($some), $this->lines($some, $wide), null === $room ? null : $room[0]);
            }
        }

        return $loads;
    }

    /**
     * Lines too many in all its months.
     *
     * @param list<PageDrawing> $pages as above
     */
    public function over(array $pages): int
    {
        return array_sum(array_map(static fn (MonthLoad $load): int => $load->over(), $this->of($pages)));
    }

    /** Lines one date takes among others of its month, on lines of so many boxes. */
    public function linesOf(Occurrence $once, Fraction $wide): int
    {
        return \count(Wrap::lines($this->dates->wording->inMonth($once), $this->hand->letters($wide, $this->pitch)));
    }

    /** @param list<PageDrawing> $pages of the future log */
    public function wide(array $pages, Month $month): Fraction
    {
        return self::rooms($pages)[$month->iso()][1] ?? Fraction::of(self::USUAL);
    }

    /** @param list<Occurrence> $some */
    private function lines(array $some, Fraction $wide): int
    {
        return array_sum(array_map(fn (Occurrence $once): int => $this->linesOf($once, $wide), $some));
    }

    /**
     * @param list<PageDrawing> $pages
     *
     * @return array<string, array{int, Fraction}> month → its lines, and how long the shortest is
     */
    private static function rooms(array $pages): array
    {
        $rooms = [];
        foreach ($pages as $page) {
            foreach ($page->rooms as $room) {
                if (null !== Month::read($room->for)) {
                    [$lines, $wide] = $rooms[$room->for] ?? [0, $room->wide];
                    $rooms[$room->for] = [$lines + $room->lines, $room->wide->compare($wide) < 0 ? $room->wide : $wide];
                }
            }
        }

        return $rooms;
    }
}
