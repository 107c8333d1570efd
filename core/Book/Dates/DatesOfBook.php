<?php

/* Everything known about the months of a plan and a year beyond them, and on which spread each of it is written. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\Agenda;
use AmpleMargin\Dates\Category;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\Frequency;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Dates\Wording;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\TakesDates;

final class DatesOfBook
{
    /** Months after the last that are looked at: what a next-year list takes. */
    public const BEYOND = 12;

    /** The category of days that are the same every year for everybody. */
    private const HOLIDAYS = 'holidays';

    /** The category of what is due. */
    private const DEADLINES = 'deadlines';

    public readonly KnownDates $known;

    private ?Agenda $agenda = null;

    public readonly Wording $wording;

    /** @var array<string, true> what some spread of the plan takes, by its name */
    private readonly array $taken;

    /** Whether the pages of the months have a place for each day. */
    private readonly bool $isOnItsDay;

    public function __construct(public readonly Plan $plan, public readonly Catalogue $catalogue, public readonly Names $names)
    {
        $this->known = $plan->dates;
        $this->wording = new Wording($names);
        $taken = [];
        foreach ($plan->spreads as $spread) {
            $takes = $catalogue->kind($spread->kind)?->takesIn($spread->settings);
            $taken += null === $takes ? [] : [$takes->name => true];
        }
        $this->taken = $taken;
        $parts = array_merge(...array_map(static fn (Pattern $one): array => $one->parts, $plan->months->patterns), ...[[]]);
        $this->isOnItsDay = [] !== array_filter(
            $parts,
            static fn (PatternPart $part): bool => TakesDates::Days === $catalogue->kind($part->kind)?->takesIn($part->settings),
        );
    }

    /** Everything known, on its days; worked out when somebody asks. */
    public function agenda(): Agenda
    {
        return $this->agenda ??= Agenda::of($this->plan->dates, $this->plan->period->start, $this->plan->period->end->plus(self::BEYOND));
    }

    public function isTaken(TakesDates $takes): bool
    {
        return isset($this->taken[$takes->name]);
    }

    /** @return list<Occurrence> of a month, that such a spread takes, in the order they are written */
    public function in(Month $month, TakesDates $takes): array
    {
        return array_values(array_filter(
            $this->agenda()->in($month),
            fn (Occurrence $once): bool => $this->goes($once, $takes) && !$this->isDropped($once),
        ));
    }

    /** What was dropped when its month was set up is written nowhere. */
    private function isDropped(Occurrence $once): bool
    {
        return KnownDates::DROPPED === ($this->known->settled[$once->key()] ?? null);
    }

    /**
     * What goes into one of the columns of a month: of its category, or in the last where no column is.
     *
     * @param list<Occurrence> $some
     * @param list<string>     $categories
     *
     * @return list<Occurrence>
     */
    public function ofColumn(array $some, array $categories, int $column): array
    {
        $names = array_map(mb_strtolower(...), $categories);

        return array_values(array_filter($some, function (Occurrence $once) use ($names, $column): bool {
            $name = mb_strtolower($this->known->category($once->entry->category)->name ?? '');
            $at = array_search($name, $names, true);

            return (false === $at ? \count($names) - 1 : $at) === $column;
        }));
    }

    /** @return list<TakesDates> where it is written before its month is set up */
    public function places(Occurrence $once): array
    {
        $known = [TakesDates::Months, TakesDates::Birthdays, TakesDates::Important, TakesDates::NextYear, TakesDates::Marks];

        $places = array_values(array_filter(
            $known,
            fn (TakesDates $takes): bool => $this->isTaken($takes) && $this->goes($once, $takes),
        ));

        // What comes every week stands on its day, in the pages of its month.
        return [] === $places && $this->isOnItsDay && $this->goes($once, TakesDates::Days) ? [TakesDates::Days] : $places;
    }

    /** The pen of its category; null for ink. */
    public function penOf(Occurrence $once): ?string
    {
        return $this->penOfCategory($once->entry->category);
    }

    /** The usual categories have the pens of the palette in their order, until somebody says otherwise. */
    public function penOfCategory(string $id): ?string
    {
        $place = array_search($id, array_column(Category::usual(), 'id'), true);

        return [] === $this->known->categories && false !== $place
            ? $this->plan->pens()->pen($place)?->colour
            : $this->known->category($id)?->pen;
    }

    private function goes(Occurrence $once, TakesDates $takes): bool
    {
        $birthday = EntryKind::Birthday === $once->entry->is;
        $within = $this->plan->period->contains($once->month);

        return match ($takes) {
            TakesDates::Birthdays => $birthday && $within,
            TakesDates::Important => !$birthday && $within && $this->isImportant($once),
            TakesDates::Months => !$once->entry->isOfEveryWeek()
                && !($birthday && $this->isTaken(TakesDates::Birthdays))
                && !($this->isTaken(TakesDates::Important) && $this->isImportant($once))
                && ($this->known->category($once->entry->category)->log ?? true),
            TakesDates::NextYear => !$within && !$birthday && null === $once->entry->repeat,
            TakesDates::Marks => $within && null !== $once->day && !$once->entry->isOfEveryWeek(),
            TakesDates::Days => $within && null !== $once->day,
            TakesDates::Duties => false,
            TakesDates::Classes => false,
        };
    }

    /** @return list<Occurrence> of a month, that must not be missed: what is due, in order */
    public function deadlines(Month $month): array
    {
        return array_values(array_filter(
            $this->agenda()->in($month),
            fn (Occurrence $once): bool => !$once->isAhead() && !$this->isDropped($once)
                && (EntryKind::Duty === $once->entry->is || self::DEADLINES === $once->entry->category),
        ));
    }

    /** @return list<NextDue> every duty, the one that must be thought of first first; those that are over last */
    public function duties(): array
    {
        $first = Day::of($this->plan->period->start, 1);
        $last = Day::lastOf($this->plan->period->end->plus(self::BEYOND));
        $duties = [];
        foreach ($this->known->entries as $entry) {
            if (EntryKind::Duty === $entry->is) {
                $duties[] = new NextDue($entry, $entry->begins($first, $last)[0] ?? null);
            }
        }
        usort($duties, NextDue::order(...));

        return $duties;
    }

    /** @return list<Occurrence> what comes every week or every second week at its time, the first time of each in the book */
    public function classes(): array
    {
        $classes = [];
        foreach ($this->agenda()->all() as $once) {
            $rule = $once->entry->repeat;
            $weekly = null !== $rule && Frequency::Weekly === $rule->every && $once->entry->isOfEveryWeek();
            if ($weekly && !$this->isDropped($once) && null !== $once->entry->time && null !== $once->day) {
                $classes["{$once->entry->id} {$once->day->weekday()->value}"] ??= $once;
            }
        }

        return array_values($classes);
    }

    /** On a page of their own, what everybody has off and what comes once a year. */
    private function isImportant(Occurrence $once): bool
    {
        $yearly = Frequency::Yearly === $once->entry->repeat?->every;

        return EntryKind::Date === $once->entry->is && ($yearly || self::HOLIDAYS === $once->entry->category);
    }
}
