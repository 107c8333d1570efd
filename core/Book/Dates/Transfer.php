<?php

/*
 * What goes into a month's pages when it is set up: its own dates, what must be prepared in it for the months after, what was
 * put off to it or left open before.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\Occurrence;

final class Transfer
{
    /**
     * @param list<Occurrence> $dates   of the month, the undated last
     * @param list<Occurrence> $prepare duties due later that must be thought of in this month
     * @param list<Occurrence> $left    of months before it that were set up, neither copied nor dropped
     */
    private function __construct(
        public readonly Month $month,
        public readonly array $dates,
        public readonly array $prepare,
        public readonly array $left,
    ) {
    }

    public static function of(DatesOfBook $all, Month $month): self
    {
        $here = $all->agenda()->in($month);
        $left = [];
        foreach ($all->plan->period->months() as $before) {
            if ($before->index() < $month->index() && self::wasSetUp($all, $before)) {
                array_push($left, ...array_filter(
                    $all->agenda()->in($before),
                    static fn (Occurrence $once): bool => !self::isSettled($all, $once),
                ));
            }
        }

        return new self(
            $month,
            array_values(array_filter($here, static fn (Occurrence $once): bool => !$once->isAhead())),
            array_values(array_filter($here, static fn (Occurrence $once): bool => $once->isAhead())),
            $left,
        );
    }

    /** @return list<Occurrence> all of them, in the order they are gone through */
    public function all(): array
    {
        return [...$this->dates, ...$this->prepare, ...$this->left];
    }

    /** Somebody went through a month once something of it was copied. */
    private static function wasSetUp(DatesOfBook $all, Month $month): bool
    {
        foreach ($all->agenda()->in($month) as $once) {
            if (KnownDates::COPIED === ($all->known->settled[$once->key()] ?? null)) {
                return true;
            }
        }

        return false;
    }

    private static function isSettled(DatesOfBook $all, Occurrence $once): bool
    {
        return isset($all->known->settled[$once->key()]);
    }
}
