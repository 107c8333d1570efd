<?php

/* Plan in, book out: a pure function. It places and ranges; pages are drawn when they are looked at. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Volume;

final class Composer
{
    private function __construct(private readonly Plan $plan, private readonly Requests $requests)
    {
    }

    /** One book of the plan; a plan has one unless it says otherwise. @throws \OutOfRangeException where it has no such book */
    public static function compose(Plan $plan, string $book = Volume::FIRST): Book
    {
        return self::books($plan, [$book])[$book] ?? throw new \OutOfRangeException("There is no book $book.");
    }

    /**
     * Every book of the plan, the first first.
     *
     * @return non-empty-array<array-key, Book> by id
     */
    public static function all(Plan $plan): array
    {
        $books = self::books($plan, $plan->books());

        return [] === $books ? throw new \LogicException('Every plan has a first book.') : $books;
    }

    /**
     * Some books of the plan; each is placed once, for the index of each says where the spreads of the others stand.
     *
     * @param non-empty-list<string> $ids
     *
     * @return array<array-key, Book> by id; those the plan has
     */
    private static function books(Plan $plan, array $ids): array
    {
        $parts = [];
        foreach ($plan->books() as $id) {
            $one = $plan->inBook($id);
            if (null !== $one) {
                $requests = new Requests($one);
                $parts[$id] = [new self($one, $requests), (new Pager($one, $requests))->page()];
            }
        }
        $books = [];
        foreach (array_intersect_key($parts, array_flip($ids)) as $id => [$composer, $paged]) {
            $books[$id] = $composer->book(
                $paged,
                self::elsewhere(array_map(static fn (array $part): Paged => $part[1], array_diff_key($parts, [$id => true]))),
            );
        }

        return $books;
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
        $index = IndexEntries::of($this->plan, $this->requests->names, [$paged->front, $paged->back], $paged->months, $elsewhere);
        $numbering = $this->plan->stock->numbered ? [] : Numbering::steps($paged, $this->requests->names);
        $drawings = new Drawings($this->plan, $this->requests, $index, $numbering);
        $taken = new TakenTicks($this->plan);

        return new Book(
            $this->plan,
            $paged->front,
            $paged->back,
            $paged->months,
            $paged->runOut,
            (new Slots($this->plan, $this->requests->names))->fill($paged->front, $paged->back, $paged->months),
            $index,
            $paged->corrections,
            $paged->forecast,
            $drawings,
            $this->requests,
            $taken,
            new BookFindings($this->plan, $this->requests, $paged, $drawings, $taken),
        );
    }
}
