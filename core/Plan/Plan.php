<?php

/* What the person wants: the whole of it, in one immutable value. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Copies;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\Old\NextTime;
use AmpleMargin\Plan\Old\OldBook;

final class Plan
{
    use Copies {
        but as public with;
    }

    public const MOST_SPREADS = 300;

    /**
     * @param list<PlannedSpread> $spreads in the wanted order; a section's spreads need not stand together here
     * @param string              $language of what goes on paper, as ICU names it
     * @param list<Section>       $mixing   sections whose spreads may mix with those of the next
     * @param list<TakenSplit>    $taken    from the counting bench into pages
     * @param Palette|null        $palette  the book's own pens; null for the usual ones
     * @param list<Volume>        $volumes  books beside the first
     * @param list<OwnKind>       $kinds    the person's own, beside those of the catalogue
     * @param Hand|null           $hand     the person's own; null for an ordinary one
     * @param Wardrobe            $dress    how its pages are dressed
     * @param KnownDates          $dates    what is already known about the year
     * @param OldBook|null        $old      the book before this one, with what is said of it
     * @param list<NextTime>      $nextTime notes for the next one
     * @param MakingPlan          $making   how it is made: evenings, minutes, pens, slips
     */
    public function __construct(
        public readonly string $title,
        public readonly Stock $stock,
        public readonly Period $period,
        public readonly WeekPlan $weeks,
        public readonly array $spreads,
        public readonly MonthPlan $months,
        public readonly Tally $counting = Tally::Boxes,
        public readonly string $language = 'en',
        public readonly array $mixing = [],
        public readonly InUse $inUse = new InUse(),
        public readonly array $volumes = [],
        public readonly array $taken = [],
        public readonly ?Palette $palette = null,
        public readonly ?Hand $hand = null,
        public readonly array $kinds = [],
        public readonly Wardrobe $dress = new Wardrobe(),
        public readonly KnownDates $dates = new KnownDates(),
        public readonly ?OldBook $old = null,
        public readonly array $nextTime = [],
        public readonly MakingPlan $making = new MakingPlan(),
    ) {
    }

    public function pens(): Palette
    {
        return $this->palette ?? Palette::usual();
    }

    /**
     * The ids of all books, the first first.
     *
     * @return non-empty-list<string>
     */
    public function books(): array
    {
        return [Volume::FIRST, ...array_map(static fn (Volume $volume): string => $volume->id, $this->volumes)];
    }

    /** What of the plan is in one of its books; null where there is no such book. */
    public function inBook(string $id): ?BookPlan
    {
        if (!\in_array($id, $this->books(), true)) {
            return null;
        }
        $volume = $this->volume($id);
        $here = static fn (PlannedSpread $spread): bool => $spread->book === $id;

        return new BookPlan(
            $this,
            $id,
            $volume->stock ?? $this->stock,
            array_values(array_filter($this->spreads, $here)),
            array_values(array_filter($this->spreads, static fn (PlannedSpread $spread): bool => !$here($spread))),
            $this->monthsFrom(null === $volume ? $this->period->start : $volume->from),
            new InUse($this->inUse->used, null === $volume ? $this->inUse->lost : []),
        );
    }

    /** A book beside the first. */
    public function volume(string $id): ?Volume
    {
        foreach ($this->volumes as $volume) {
            if ($volume->id === $id) {
                return $volume;
            }
        }

        return null;
    }

    /**
     * From a month to the one before the next book begins.
     *
     * @return list<Month>
     */
    private function monthsFrom(?Month $from): array
    {
        if (null === $from) {
            return [];
        }
        $months = [];
        foreach ($this->period->months() as $month) {
            $next = array_filter(
                $this->volumes,
                static fn (Volume $volume): bool => null !== $volume->from
                    && $volume->from->index() > $from->index()
                    && $volume->from->index() <= $month->index(),
            );
            if ($month->index() >= $from->index() && [] === $next) {
                $months[] = $month;
            }
        }

        return $months;
    }

    public function kind(string $id): ?OwnKind
    {
        foreach ($this->kinds as $kind) {
            if ($kind->id === $id) {
                return $kind;
            }
        }

        return null;
    }

    public function spread(string $id): ?PlannedSpread
    {
        foreach ($this->spreads as $spread) {
            if ($spread->id === $id) {
                return $spread;
            }
        }

        return null;
    }

    /**
     * The spreads in book order: by section, then as the person put them.
     *
     * @return list<PlannedSpread>
     */
    public function inOrder(): array
    {
        $ordered = [];
        foreach (Section::cases() as $section) {
            array_push($ordered, ...$this->inSection($section));
        }

        return $ordered;
    }

    /** @return list<PlannedSpread> */
    public function inSection(Section $section): array
    {
        return array_values(array_filter($this->spreads, static fn (PlannedSpread $spread): bool => $spread->section === $section));
    }
}
