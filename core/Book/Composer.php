<?php

/* Plan in, book out: a pure function. It places and ranges; pages are drawn when they are looked at. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Book\Dates\BookDates;
use AmpleMargin\Book\Dates\DatesInk;
use AmpleMargin\Book\Dates\DatesOfBook;
use AmpleMargin\Book\Making\PensOnPages;
use AmpleMargin\Book\Slips\Mended;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Paging\IndexCorrection;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Composer
{
    private function __construct(private readonly BookPlan $plan, private readonly Layouts $layouts)
    {
    }

    /** One book of the plan; a plan has one unless it says otherwise. @throws \OutOfRangeException where it has no such book */
    public static function compose(
        Plan $plan,
        string $book = Volume::FIRST,
        Catalogue $catalogue = new Catalogue(),
        Faults $faults = new Faults(),
        Memory $memory = new Memory(),
    ): Book {
        $books = self::books($plan, [$book], $catalogue, $faults, $memory);

        return $books[$book] ?? throw new \OutOfRangeException("There is no book $book.");
    }

    /**
     * Every book of the plan, the first first.
     *
     * @return non-empty-array<array-key, Book> by id
     */
    public static function all(
        Plan $plan,
        Catalogue $catalogue = new Catalogue(),
        Faults $faults = new Faults(),
        Memory $memory = new Memory(),
    ): array {
        $books = self::books($plan, $plan->books(), $catalogue, $faults, $memory);

        return [] === $books ? throw new \LogicException('Every plan has a first book.') : $books;
    }

    /**
     * Some books of the plan; each is placed once, for the index of each says where the spreads of the others stand.
     *
     * @param non-empty-list<string> $ids
     *
     * @return array<array-key, Book> by id; those the plan has
     */
    private static function books(Plan $plan, array $ids, Catalogue $catalogue, Faults $faults, Memory $memory): array
    {
        $parts = [];
        $names = null;
        $catalogue = $catalogue->having($plan);
        foreach ($plan->books() as $id) {
            $one = $plan->inBook($id);
            if (null !== $one) {
                $layouts = new Layouts($one, $catalogue, $names ??= new Names($plan->language), $faults, $memory);
                $parts[$id] = [new self($one, $layouts), (new Pager($one, $layouts))->page()];
            }
        }
        $books = [];
        foreach (array_intersect_key($parts, array_flip($ids)) as $id => [$composer, $paged]) {
            $others = array_map(static fn (array $part): Paged => $part[1], array_diff_key($parts, [$id => true]));
            $books[$id] = $composer->book($paged->correcting($composer->moved($paged, $others)), self::elsewhere($others));
        }

        return $books;
    }

    /**
     * Months that a book has lost to one that came while it was in use: its index may be inked with them.
     *
     * @param array<array-key, Paged> $others
     *
     * @return list<IndexCorrection>
     */
    private function moved(Paged $paged, array $others): array
    {
        $whole = $this->plan->whole;
        $before = array_values(array_filter($whole->volumes, static fn (Volume $volume): bool => !$volume->later));
        if (\count($before) === \count($whole->volumes)) {
            return [];
        }
        $inked = $whole->with(['volumes' => $before, 'inUse' => new InUse()])->inBook($this->plan->id);
        if (null === $inked) {
            return [];
        }
        $elsewhere = [];
        foreach ($others as $book => $other) {
            foreach ($other->months as $block) {
                $elsewhere["$book {$block->month->iso()}"] = $block;
            }
        }
        $names = $this->layouts->names;
        $was = (new Pager($inked, $this->layouts->for($inked)))->page()->months;

        return IndexCorrection::ofMoved($was, $paged->months, $elsewhere, $names);
    }

    /**
     * Where the spreads of the other books stand, as the index of one says it.
     *
     * @param array<array-key, Paged> $others
     *
     * @return array<string, string> id → "book 2, 14"
     */
    private static function elsewhere(array $others): array
    {
        $found = [];
        foreach ($others as $other => $paged) {
            foreach ([...$paged->front->placed, ...$paged->back->placed] as $placed) {
                $found[$placed->spread->id] = "book $other, $placed->page";
            }
        }

        return $found;
    }

    /** @param array<string, string> $elsewhere */
    private function book(Paged $paged, array $elsewhere): Book
    {
        [$plan, $layouts] = [$this->plan, $this->layouts];
        $catalogue = $layouts->catalogue;
        $index = IndexEntries::of($plan, $layouts, [$paged->front, $paged->back], $paged->months, $elsewhere);
        $numbering = $plan->stock->numbered ? [] : Numbering::steps($paged, $layouts->names);
        $dates = new DatesOfBook($plan->whole, $catalogue, $layouts->names);
        $drawings = new Drawings($plan, $layouts, $index, $numbering, [] === $plan->whole->dates->entries ? [] : [
            new DatesInk($dates, $plan->hand ?? Hand::usual(), $plan->counting, $plan->stock->pitch),
        ]);
        $slots = (new Slots($plan, $layouts))->fill($paged->front, $paged->back, $paged->months);
        $overlays = [new TakenTicks($plan), new Mended($plan)];
        $pens = new PensOnPages($plan, $drawings, $catalogue);
        $cut = new CutLeaves($slots, $drawings, $plan->stock->pages);
        $known = new BookDates($dates, $plan, $layouts, $drawings);

        return new Book($plan, $paged, $slots, $drawings, $overlays, $pens, $cut, $known, [
            new SpreadFindings($plan, $layouts, $paged, $drawings),
            new GoalsServed($plan, $catalogue),
            new PatternFindings($plan, $catalogue),
            new LostPages($plan, $layouts, $paged),
            ...$overlays,
            $pens,
            $cut,
            $known,
        ]);
    }
}
