<?php

/* A book's set-up packed into free evenings: what is drawn in which, what is laid out for it, what is short and what would help. */

declare(strict_types=1);

namespace AmpleMargin\Book\Making;

use AmpleMargin\Book\Book;
use AmpleMargin\Making\Sitting\FreeEvening;
use AmpleMargin\Making\Sitting\PackedEvenings;
use AmpleMargin\Making\Sitting\PackingEvenings;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\Making\MakingPlan;

final class Sittings
{
    /** Minutes of an evening that are worth sitting down for. */
    private const LEAST = Evening::SHORTEST;

    /**
     * @param list<Evening>      $evenings all of them, those that are over among them
     * @param array<string, int> $minutes  free minutes of those to come, by key
     */
    private function __construct(
        public readonly Book $book,
        public readonly Pending $pending,
        public readonly array $evenings,
        public readonly array $minutes,
        public readonly PackedEvenings $packed,
    ) {
    }

    /**
     * @param array<string, array<string, bool>> $ticked drawing → what was said of its steps, by key
     * @param int|null                           $now    minutes from the first midnight of 1970; null before everything
     */
    public static function of(Book $book, array $ticked = [], ?int $now = null, ?MakingPlan $making = null): self
    {
        $pending = Pending::of($book, $ticked);

        return self::packing($book, $pending, $making ?? $book->plan->whole->making, $now);
    }

    private static function packing(Book $book, Pending $pending, MakingPlan $making, ?int $now): self
    {
        $rooms = $minutes = [];
        foreach ($making->evenings as $evening) {
            // One that has begun has what is left of it.
            $free = $evening->ends() - max($evening->begins(), $now ?? $evening->begins());
            if ($free >= self::LEAST) {
                $rooms[] = new FreeEvening($evening->key(), $evening->begins(), $free);
                $minutes[$evening->key()] = $free;
            }
        }

        return new self($book, $pending, $making->evenings, $minutes, PackingEvenings::of($pending->pages, $rooms));
    }

    /** Minutes of an evening that are gone when its first page is begun. */
    public function gone(Evening $evening): int
    {
        return $evening->minutes - ($this->minutes[$evening->key()] ?? $evening->minutes);
    }

    /** The sitting that is next; null where there is none with anything to draw. */
    public function next(): ?Evening
    {
        foreach ($this->evenings as $evening) {
            if ([] !== ($this->packed->pieces[$evening->key()] ?? [])) {
                return $evening;
            }
        }

        return null;
    }
}
