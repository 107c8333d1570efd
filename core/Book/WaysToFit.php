<?php

/*
 * The smallest set of changes that makes a book last, found and not tried out by hand.
 *
 * Every set of month changes is gone through in the order of its regret. For each, what must still be dropped
 * from the spreads is at least the pages that are too many even with no page left empty; sets of spreads that
 * drop so many come in the order of their regret, and the first that truly fits (the spreads placed, the
 * months ranged) is the best for that set of month changes. Sets that cannot beat the best so far are not
 * looked at.
 */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Editing\Edits;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Plan\Plan;

final class WaysToFit
{
    private readonly FitChanges $changes;

    private readonly Paged $paged;

    private int $budget;

    /** @var list<list<FitChange>> */
    private readonly array $classes;

    /** @var list<Way>|null */
    private ?array $books = null;

    /** @param int $tries how many placements may be tried before the best so far has to do */
    public function __construct(private readonly Plan $plan, int $tries = 600)
    {
        $this->changes = new FitChanges($plan);
        $this->paged = self::paged($plan);
        // Once months are in use their pages are settled: dropping what stands before them would save nothing.
        $this->classes = [] === $plan->inUse->used
            ? $this->changes->spreads($this->paged->front, $this->paged->back)
            : $this->changes->spreads($this->paged->back);
        $this->budget = $tries;
    }

    /** True where the search ended before its tries did: no set of these changes that fits is regretted less. */
    public function isProven(): bool
    {
        return $this->budget > 0;
    }

    /**
     * The way that is regretted least, or null where the book fits already or nothing makes it fit. A further
     * book is weighed as it is, not together with changes to the first.
     */
    public function best(): ?Way
    {
        if ($this->paged->runOut->fits) {
            return null;
        }
        $best = null;
        $regret = \PHP_INT_MAX;
        foreach ($this->monthSets() as [$cost, $months]) {
            if ($cost >= $regret || $this->budget <= 0) {
                break;
            }
            $found = $this->leastSpreads($months, $regret - $cost);
            if (null !== $found) {
                $best = [...$months, ...$found];
                $regret = $cost + self::regret($found);
            }
        }

        $ways = null === $best ? [] : [$this->way($best)];
        foreach ($this->books() as $way) {
            if ($way->fits) {
                $ways[] = $way;
            }
        }
        usort($ways, static fn (Way $a, Way $b): int => $a->regret <=> $b->regret);

        return $ways[0] ?? null;
    }

    /**
     * Each change alone, with the pages it saves; those that save nothing are left out. Cheapest in regret first.
     *
     * @return list<Way>
     */
    public function single(): array
    {
        $ways = [];
        foreach ($this->changes->months() as $group) {
            foreach ($group as $change) {
                $ways[] = $this->way([$change]);
            }
        }
        foreach ($this->classes as $class) {
            $ways[] = $this->way([$class[0]]);
        }
        $ways = array_values(array_filter([...$ways, ...$this->books()], static fn (Way $way): bool => $way->saves > 0));
        usort($ways, static fn (Way $a, Way $b): int => [$a->regret, -$a->saves] <=> [$b->regret, -$b->saves]);

        return $ways;
    }

    /**
     * Trying every month to switch in costs more than the rest, so it is done once.
     *
     * @return list<Way>
     */
    private function books(): array
    {
        return $this->books ??= (new MoreBooks($this->plan))->ways();
    }

    /**
     * Every choice of month changes with its regret, rising.
     *
     * @return list<array{int, list<FitChange>}>
     */
    private function monthSets(): array
    {
        $sets = [[0, []]];
        foreach ($this->changes->months() as $group) {
            foreach ($sets as [$cost, $set]) {
                foreach ($group as $change) {
                    $sets[] = [$cost + $change->regret, [...$set, $change]];
                }
            }
        }
        usort($sets, static fn (array $a, array $b): int => [$a[0], \count($a[1])] <=> [$b[0], \count($b[1])]);

        return $sets;
    }

    /**
     * The spreads to drop beside these month changes, with less regret than `$below`; null where none will do.
     *
     * @param list<FitChange> $months
     *
     * @return list<FitChange>|null
     */
    private function leastSpreads(array $months, int $below): ?array
    {
        $missing = $this->halvesMissing($months);
        foreach ((new LeastRegret($this->classes))->sets(max(0, $missing), $below) as $dropped) {
            if (--$this->budget < 0) {
                return null;
            }
            if ($this->fits([...$months, ...$dropped])) {
                return $dropped;
            }
        }

        return null;
    }

    /**
     * Half pages that are too many even if no page stayed empty.
     *
     * @param list<FitChange> $months
     */
    private function halvesMissing(array $months): int
    {
        $plan = $this->changed($months);
        if ([] !== $plan->inUse->used && [] !== $plan->months()) {
            $blocks = (new MonthLayout($plan->months, $plan->weeks, $plan->period, [], $plan->inUse, [], $plan->ranged))->from($this->paged->front->next);

            return $this->halves() + 2 * ($blocks[\count($blocks) - 1]->lastPage() - $plan->stock->pages);
        }
        $shortest = \PHP_INT_MAX;
        foreach ([2, 3] as $start) {
            $blocks = (new MonthLayout($plan->months, $plan->weeks, $plan->period, ranged: $plan->ranged))->from($start);
            $shortest = min($shortest, array_sum(array_map(static fn (MonthBlock $block): int => $block->pages, $blocks)));
        }

        return $this->halves() + 2 * ($shortest - ($plan->stock->pages - $plan->stock->firstLeaf->firstPage() + 1));
    }

    /** Half pages of all spreads that could be dropped. */
    private function halves(): int
    {
        $halves = 0;
        foreach ($this->classes as $class) {
            foreach ($class as $change) {
                $halves += $change->halves;
            }
        }

        return $halves;
    }

    /** @param list<FitChange> $changes */
    private function fits(array $changes): bool
    {
        return self::paged($this->changed($changes))->runOut->fits;
    }

    /** @param list<FitChange> $changes */
    private function way(array $changes): Way
    {
        $say = implode('; ', array_map(static fn (FitChange $change): string => $change->say, $changes));
        $after = self::paged($this->changed($changes))->runOut;

        return new Way(
            $say,
            array_map(static fn (FitChange $change): string => $change->lost, $changes),
            self::regret($changes),
            $after->slack() - $this->paged->runOut->slack(),
            $after->fits,
            $this->changes->edit($changes, $say),
        );
    }

    /** @param list<FitChange> $changes */
    private function changed(array $changes): Plan
    {
        return [] === $changes ? $this->plan : Edits::apply($this->plan, $this->changes->edit($changes, 'Made to fit'))->plan;
    }

    private static function paged(Plan $plan): Paged
    {
        return (new Pager($plan, new Requests($plan)))->page();
    }

    /** @param list<FitChange> $changes */
    private static function regret(array $changes): int
    {
        return array_sum(array_map(static fn (FitChange $change): int => $change->regret, $changes));
    }
}
