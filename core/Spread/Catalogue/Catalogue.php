<?php

/* The kinds of spread there are to choose from. A new kind is one entry here; only a new filling is new code. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\OfBook;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Settings;

final class Catalogue
{
    /** The kind whose parts a person divides. */
    private const BY_HAND = 'page-of-parts';

    /** The first kind that takes such dates, so that none is made to be asked. */
    private const TAKING = [
        'months' => 'future-log',
        'birthdays' => 'birthdays',
        'important' => 'important-dates',
        'next-year' => 'next-year',
        'duties' => 'duties',
        'classes' => 'timetable',
        'marks' => 'year-at-a-glance',
        'days' => 'month-at-a-glance',
    ];

    /** @var array<string, Kind> the program's own, each made once: they never change */
    private static array $made = [];

    /** @var array<array-key, Kind|\Closure(): Kind> by id, in the order people make them; each is made when somebody asks for it */
    private array $kinds;

    public function __construct()
    {
        $this->kinds = [
            ...FrontKinds::all(),
            ...YearKinds::all(),
            ...GoalKinds::all(),
            ...TrackerKinds::all(),
            ...MoneyKinds::all(),
            ...LogKinds::all(),
            ...FrameKinds::all(),
            ...ListKinds::all(),
            ...EverydayKinds::all(),
            ...MonthKinds::all(),
        ];
    }

    /** The same with more kinds; one of the same id takes the place of another. */
    public function with(Kind ...$kinds): self
    {
        $with = clone $this;
        foreach ($kinds as $kind) {
            $with->kinds[$kind->id] = $kind;
        }

        return $with;
    }

    /** With the kinds of a person's own that a plan has. */
    public function having(Plan $plan): self
    {
        return [] === $plan->kinds ? $this : $this->with(...array_map(OwnKinds::kind(...), $plan->kinds));
    }

    /** The first kind of spread that takes such dates; null where there is none. */
    public function taking(TakesDates $takes): ?Kind
    {
        return $this->kind(self::TAKING[$takes->value]);
    }

    public function kind(string $id): ?Kind
    {
        $kind = $this->kinds[$id] ?? null;

        return $kind instanceof \Closure ? $this->kinds[$id] = self::$made[$id] ??= $kind()->under($id) : $kind;
    }

    /** The kind of a spread; of a page that a person divided, with what is still true of the kind it was. */
    public function of(PlannedSpread $spread): ?Kind
    {
        $kind = $this->kind($spread->kind);
        $was = $spread->settings[Kind::WAS] ?? null;
        $was = \is_string($was) && true === $kind?->is(Fact::DividedByHand) ? $this->kind($was) : null;

        return null === $was ? $kind : $kind?->whichWas($was);
    }

    /** @return list<Kind> */
    private function all(): array
    {
        return array_values(array_filter(array_map($this->kind(...), array_map(strval(...), array_keys($this->kinds)))));
    }

    /** The kind whose parts a person divides; there is one. */
    public function byHand(): Kind
    {
        return $this->kind(self::BY_HAND) ?? throw new \LogicException('The catalogue has no page of parts.');
    }

    /** What the form of a spread in a book is asked. @param Names|null $names where somebody has them already */
    public function request(PlannedSpread $spread, BookPlan $book, PageGrid $grid, ?Names $names = null): Request
    {
        $settings = $this->kind($spread->kind)?->settings($spread->settings) ?? new Settings($spread->settings, []);

        return new Request(
            $spread->id,
            $this->title($spread),
            $settings,
            $grid->dressed($book->whole->dress->ofSpread($spread))->lying($settings->turned()),
            new CalendarFacts($book->period, $settings->weekStart($book->weeks->first), $names ?? new Names($book->language)),
            $book->pens,
            hand: $book->hand,
            book: new OfBook(key: $book->key),
        );
    }

    /**
     * What the form of a part of a month is asked.
     *
     * @param array<array-key, mixed> $said  its settings
     * @param int                     $pages the month gives it
     * @param list<MonthWeek>         $weeks on its pages
     */
    public function requestOfMonth(
        Kind $kind,
        array $said,
        Month $month,
        BookPlan $book,
        int $pages,
        array $weeks = [],
        ?Names $names = null,
    ): Request {
        $settings = $kind->settings($said);
        $title = $said[Kind::TITLED] ?? null;

        return new Request(
            $month->iso(),
            \is_string($title) && '' !== trim($title) ? trim($title) : $kind->name,
            $settings,
            PageGrid::of($book->stock, $book->counting)->dressed($book->whole->dress->ofMonths())->lying($settings->turned()),
            new CalendarFacts(
                $book->period,
                $settings->weekStart($book->weeks->first),
                $names ?? new Names($book->language),
                $month,
                $weeks,
            ),
            $book->pens,
            $pages,
            $book->hand,
            new OfBook(key: $book->key),
        );
    }

    /** The title a person reads: the spread's own, or its kind's, or the kind's id where nobody knows it. */
    public function title(PlannedSpread $spread): string
    {
        return $spread->title ?? $this->kind($spread->kind)->name ?? $spread->kind;
    }

    /**
     * The kinds a person adds to a book.
     *
     * @return list<Kind>
     */
    public function spreads(): array
    {
        return array_values(array_filter($this->all(), static fn (Kind $kind): bool => null !== $kind->section));
    }

    /**
     * The kinds a month's pattern can be made of: its own parts, and spreads that mean something within a month.
     *
     * @return list<Kind>
     */
    public function ofMonths(): array
    {
        return array_values(array_filter($this->all(), static fn (Kind $kind): bool => $kind->suitsMonth()));
    }

    /**
     * The kinds that only a month's pattern has, the weeks among them.
     *
     * @return list<Kind>
     */
    public function monthParts(): array
    {
        return array_values(array_filter($this->all(), static fn (Kind $kind): bool => null === $kind->section));
    }
}
