<?php

/* Every time that something known happens, in the months of a stretch: on its day, and ahead of it where it has a lead. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;

final class Agenda
{
    /** Times that everything together may happen: some hundred entries a week. From memory. */
    public const MOST = 15_000;

    /** @param array<int, list<Occurrence>> $byMonth by the month's index, in order */
    private function __construct(
        private readonly array $byMonth,
        private readonly Month $from,
        private readonly Month $to,
        /** Whether more happens than is gone through. */
        public readonly bool $isCutOff,
    ) {
    }

    public static function of(KnownDates $dates, Month $from, Month $to): self
    {
        $first = Day::of($from, 1);
        $last = Day::lastOf($to);
        $all = [];
        $left = self::MOST;
        foreach ($dates->entries as $entry) {
            foreach (self::times($entry, $first, $last) as $once) {
                if (--$left < 0) {
                    break 2;
                }
                $all[$once->month->index()][] = $once;
            }
        }
        foreach ($dates->settled as $key => $as) {
            $month = Month::read($as);
            if (null !== $month) {
                self::putOff($all, $key, $month);
            }
        }
        foreach ($all as &$some) {
            usort($some, Occurrence::order(...));
        }

        return new self($all, $from, $to, $left < 0);
    }

    /** @return list<Occurrence> by day, the undated last */
    public function in(Month $month): array
    {
        return $this->byMonth[$month->index()] ?? [];
    }

    /** @return list<Occurrence> of all its months in order */
    public function all(): array
    {
        $months = $this->from->run($this->to->index() - $this->from->index() + 1);

        return array_merge(...array_map($this->in(...), $months));
    }

    /** @return iterable<Occurrence> */
    private static function times(Entry $entry, Day $first, Day $last): iterable
    {
        $when = $entry->when;
        if (null === $when->first) {
            if ($when->month->index() >= $first->month->index() && $when->month->index() <= $last->month->index()) {
                yield new Occurrence($entry, $when->month, null);
            }

            return;
        }
        $lead = EntryKind::Duty === $entry->is ? $entry->lead : 0;
        // What began before, and lasts; what is due after, and must be thought of.
        foreach ($entry->begins($first->plus(1 - max(1, $when->days())), $last->plus($lead)) as $day) {
            $whole = $when->from($day);
            if (!$last->isBefore($day) && null !== $whole->last && !$whole->last->isBefore($first)) {
                yield from self::inEachMonth($entry, $day->isBefore($first) ? $first : $day, $whole->last, $last);
            }
            $ahead = $day->plus(-$lead);
            if ($lead > 0 && !$ahead->isBefore($first) && !$last->isBefore($ahead)) {
                yield new Occurrence($entry, $ahead->month, $ahead, $ahead, $day);
            }
        }
    }

    /**
     * What lasts over the end of a month is written in the next one too, from its first day on.
     *
     * @return iterable<Occurrence>
     */
    private static function inEachMonth(Entry $entry, Day $begins, Day $ends, Day $last): iterable
    {
        for ($day = $begins; !$ends->isBefore($day) && !$last->isBefore($day); $day = Day::of($day->month->plus(1), 1)) {
            yield new Occurrence($entry, $day->month, $day, $ends);
        }
    }

    /** @param array<int, list<Occurrence>> $all of the months; what was put off stands in its new month, without a day */
    private static function putOff(array &$all, string $key, Month $month): void
    {
        foreach ($all as $index => $some) {
            foreach ($some as $i => $once) {
                if ($once->key() === $key) {
                    unset($some[$i]);
                    $all[$index] = array_values($some);
                    $all[$month->index()][] = new Occurrence($once->entry, $month, null);

                    return;
                }
            }
        }
    }
}
