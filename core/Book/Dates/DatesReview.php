<?php

/* What would be noticed too late, what has no room, and what nothing takes up: said before any ink, with the ways out. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Dates\Agenda;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\LeapDay;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Editing\Dates\SetDate;
use AmpleMargin\Editing\Spread\AddSpread;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue\TakesDates;

/** @internal to Book */
final class DatesReview
{
    /** Of whom these findings speak. */
    public const ABOUT = 'dates';

    /** A duty due in the first days of a month is seen while that month is set up, or after. From memory. */
    private const EARLY = 7;

    /** Days a duty is thought of ahead where nobody says. From memory. */
    private const LEAD = 14;

    /** Words broken in the middle that are as bad as a page more. From memory. */
    private const BROKEN = 3;

    /** Layouts offered. */
    private const OFFERS = 3;

    private readonly Names $words;

    public function __construct(
        private readonly DatesOfBook $dates,
        private readonly Loads $loads,
        private readonly ?PlannedSpread $log,
    ) {
        $this->words = new Names('en');
    }

    /**
     * @param LogLayout $now as it is
     * @param (\Closure(): list<LogLayout>)|null $layouts asked where offers of other layouts are wanted
     *
     * @return list<Finding>
     */
    public function findings(LogLayout $now, ?\Closure $layouts = null): array
    {
        if ([] === $this->dates->known->entries) {
            return [];
        }

        $cutOff = !$this->dates->agenda()->isCutOff ? [] : [new Finding(
            self::ABOUT,
            'Everything known happens more than '.number_format(Agenda::MOST).' times: what comes every day has no room on paper. '
                .'Some of it is left out.',
            [],
            false,
        )];

        return [...$cutOff, ...$this->overflow($now, $layouts), ...$this->late(), ...$this->untaken(), ...$this->leapDays()];
    }

    /**
     * @param LogLayout $now as it is
     * @param (\Closure(): list<LogLayout>)|null $layouts
     *
     * @return list<Finding>
     */
    private function overflow(LogLayout $now, ?\Closure $layouts): array
    {
        $full = array_values(array_filter($this->loads->of($now), static fn (MonthLoad $load): bool => $load->over > 0));
        $log = $this->log;
        if ([] === $full || null === $log) {
            return [];
        }
        $months = array_map(fn (MonthLoad $load): string => "{$this->words->monthAndYear($load->month)} needs "
            .Plural::of($load->lines, 'line', 'lines').' and has '.(0 === $load->room ? 'none' : $load->room), $full);
        $offers = null === $layouts ? [] : $this->ways($log, $this->loads->over($now), $layouts());

        return [new Finding(
            self::ABOUT,
            $this->called($log).' has too little room for what is known already: '.implode('; ', $months).'.'.$this->wordy($full),
            $offers,
            false,
        )];
    }

    /** Another page that holds months is called by its title. */
    private function called(PlannedSpread $log): string
    {
        return 'future-log' === $log->kind ? 'The future log' : '“'.$this->dates->catalogue->title($log).'”';
    }

    /**
     * How many lines shorter words would save, in words.
     *
     * @param list<MonthLoad> $full
     */
    private function wordy(array $full): string
    {
        $more = array_sum(array_map(static fn (MonthLoad $load): int => $load->lines - $load->dates, $full));

        return $more <= 0 ? '' : ' Long ones take more than a line: shorter words would save '.Plural::of($more, 'line', 'lines').'.';
    }

    /**
     * Layouts that hold everything, or else more than now; and the birthdays to a page of their own.
     *
     * @param list<LogLayout> $layouts
     *
     * @return list<Offer>
     */
    private function ways(PlannedSpread $log, int $over, array $layouts): array
    {
        $ways = $ranks = [];
        foreach ($layouts as $layout) {
            $loads = $this->loads->of($layout);
            $left = array_sum(array_column($loads, 'over'));
            if ($left < $over) {
                $broken = array_sum(array_column($loads, 'broken'));
                $ranks[] = [$left, self::BROKEN * \count($layout->pages) + $broken];
                $ways[] = Offer::settings(
                    $log->id,
                    "Draw it as “{$layout->name}”: ".(0 === $left ? 'everything fits' : Plural::of($left, 'line', 'lines').' too few')
                        .', '.Plural::of(\count($layout->pages), 'page', 'pages')
                        .($broken > 0 ? ', '.Plural::of($broken, 'word', 'words').' broken' : ''),
                    $layout->settings,
                );
            }
        }
        asort($ranks);
        $offers = array_map(static fn (int $i): Offer => $ways[$i], \array_slice(array_keys($ranks), 0, self::OFFERS));

        return $this->dates->isTaken(TakesDates::Birthdays) || !$this->hasBirthdays()
            ? $offers
            : [...$offers, ...$this->adding(TakesDates::Birthdays, 'Give the birthdays a page of their own')];
    }

    /** @return list<Finding> duties that are seen when it is too late, or must be thought of before the book begins */
    private function late(): array
    {
        $findings = [];
        $period = $this->dates->plan->period;
        $first = Day::of($period->start, 1);
        $last = Day::lastOf($period->end);
        foreach ($this->dates->known->entries as $entry) {
            if (EntryKind::Duty !== $entry->is) {
                continue;
            }
            foreach ($entry->begins($first, $last) as $due) {
                if (0 === $entry->lead && $due->day <= self::EARLY) {
                    $findings[] = new Finding(
                        self::ABOUT,
                        "“{$entry->words}” is due on {$this->day($due)} and would be seen only when "
                            ."{$this->words->monthAndYear($due->month)} is set up.",
                        [new Offer('Think of it '.self::LEAD.' days before', (new SetDate($entry->id, ['lead' => self::LEAD]))->written())],
                        false,
                    );
                    break;
                }
                $ahead = $due->plus(-$entry->lead);
                if ($ahead->isBefore($first)) {
                    $findings[] = new Finding(
                        self::ABOUT,
                        "“{$entry->words}” is due on {$this->day($due)} and must be thought of on {$this->day($ahead)}, "
                            .'before this book begins: write that into the old one now.',
                        [],
                        false,
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function untaken(): array
    {
        $lost = 0;
        foreach ($this->dates->plan->period->months() as $month) {
            foreach ($this->dates->agenda()->in($month) as $once) {
                // What comes every week stands in the weeks.
                $lost += [] === $this->dates->places($once) && !$once->entry->isOfEveryWeek() ? 1 : 0;
            }
        }

        return 0 === $lost ? [] : [new Finding(
            self::ABOUT,
            Plural::of($lost, 'date has', 'dates have').' no page before the month is set up.',
            $this->dates->isTaken(TakesDates::Months) ? [] : $this->adding(TakesDates::Months, 'Add a future log'),
            false,
        )];
    }

    /** @return list<Finding> */
    private function leapDays(): array
    {
        $findings = [];
        foreach ($this->dates->known->entries as $entry) {
            if (!$entry->isOfLeapDay()) {
                continue;
            }
            $without = array_filter(
                $entry->begins(Day::of($this->dates->plan->period->start, 1), Day::lastOf($this->dates->plan->period->end)),
                static fn (Day $day): bool => 29 !== $day->day,
            );
            if ([] !== $without) {
                $findings[] = $this->leapDay($entry, array_values($without)[0]);
            }
        }

        return $findings;
    }

    private function leapDay(Entry $entry, Day $day): Finding
    {
        $other = LeapDay::Before === $entry->leap ? LeapDay::After : LeapDay::Before;

        return new Finding(
            self::ABOUT,
            "“{$entry->words}” is of 29 February, which {$day->month->year} does not have: it stands {$entry->leap->words()}.",
            [new Offer('Put it '.$other->words(), (new SetDate($entry->id, ['leap' => $other->value]))->written())],
            false,
        );
    }

    /** @return list<Offer> a spread that takes them, where there is a kind for it */
    private function adding(TakesDates $takes, string $say): array
    {
        $kind = $this->dates->catalogue->taking($takes);

        return null === $kind ? [] : [new Offer($say, (new AddSpread($kind->id))->written())];
    }

    private function hasBirthdays(): bool
    {
        return [] !== array_filter($this->dates->known->entries, static fn (Entry $entry): bool => EntryKind::Birthday === $entry->is);
    }

    private function day(Day $day): string
    {
        return "$day->day {$this->words->monthAndYear($day->month)}";
    }
}
