<?php

/*
 * The smallest set of changes that makes a book last, found and not tried out by hand.
 *
 * For every set of month changes, what must still be dropped from the spreads is at least the pages that are too many even
 * with no page left empty; sets of spreads that drop so many come in the order of their regret. All these sets together
 * are tried in the order of their regret, so the first that truly fits (the spreads placed, the months ranged) is the one
 * that is regretted least. Where patience or tries end first, more is dropped at once, and what no way can be regretted
 * less than is said beside it.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Fit;

use AmpleMargin\Book\Known;
use AmpleMargin\Book\Layouts;
use AmpleMargin\Book\Memory;
use AmpleMargin\Book\Paged;
use AmpleMargin\Book\Pager;
use AmpleMargin\Book\PartsOfCatalogue;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class WaysToFit
{
    /** Shares of the patience: for the best way, and for it with each change alone. */
    private const FOR_BEST = 0.6;
    private const FOR_ALL = 0.9;

    private readonly FitChanges $changes;

    private readonly Paged $paged;

    private readonly Known $known;

    private readonly Names $names;

    /** @var list<list<FitChange>> */
    private readonly array $classes;

    /** @var list<WayToLast>|null */
    private ?array $books = null;

    private bool $proven = true;

    private bool $complete = true;

    private int $bound = 0;

    /** @param int $tries how many placements may be tried before the best so far has to do */
    public function __construct(
        private readonly BookPlan $plan,
        private int $tries = 600,
        private readonly Patience $patience = new Patience(),
        private readonly Catalogue $catalogue = new Catalogue(),
        Memory $memory = new Memory(),
    ) {
        $this->changes = new FitChanges($plan, $catalogue);
        $this->known = new Known(memory: $memory);
        $this->names = new Names($plan->language);
        $this->paged = $this->paged($plan);
        // Once months are in use their pages are settled: dropping what stands before them would save nothing.
        $this->classes = [] === $plan->inUse->used
            ? $this->changes->spreads($this->paged->front, $this->paged->back)
            : $this->changes->spreads($this->paged->back);
    }

    /** True where the search ended before its tries and its patience did: no set of these changes that fits is regretted less. */
    public function isProven(): bool
    {
        return $this->proven;
    }

    /** False where patience ended before every change had been tried alone. */
    public function isComplete(): bool
    {
        return $this->complete;
    }

    /** No way that fits is regretted less than this, proven or not. */
    public function bound(): int
    {
        return $this->bound;
    }

    /**
     * The way that is regretted least, or null where the book fits already or nothing makes it fit. A further
     * book is weighed as it is, not together with changes to the first.
     */
    public function best(): ?WayToLast
    {
        if ($this->paged->runOut->fits) {
            return null;
        }
        $best = $this->least();
        $ways = null === $best ? [] : [$this->way($best)];
        foreach ($this->books() as $way) {
            if ($way->fits) {
                $ways[] = $way;
            }
        }
        usort($ways, static fn (WayToLast $a, WayToLast $b): int => $a->regret <=> $b->regret);
        $this->proven = $this->proven || isset($ways[0]) && $ways[0]->regret <= $this->bound;
        $this->bound = min($this->bound, $ways[0]->regret ?? $this->bound);

        return $ways[0] ?? null;
    }

    /**
     * The changes that are regretted least, of all sets in the order of their regret.
     *
     * @return list<FitChange>|null
     */
    private function least(): ?array
    {
        $everything = array_map(static fn (array $group): FitChange => $group[\count($group) - 1], $this->changes->months());
        if (!$this->fits([...$everything, ...array_merge(...$this->classes)])) {
            // Not even all of it together is enough.
            $this->bound = \PHP_INT_MAX;

            return null;
        }
        /** @var \SplPriorityQueue<mixed, mixed> $queue */
        $queue = new \SplPriorityQueue();
        $sets = $this->changes->monthSets();
        $next = 0;
        while (true) {
            // A set of month changes is looked into once nothing cheaper is left.
            while (isset($sets[$next]) && ($queue->isEmpty() || $sets[$next][0] <= self::first($queue)) && !$this->isOver()) {
                $this->queue(
                    $queue,
                    $sets[$next][1],
                    (new LeastRegret($this->classes))->sets(max(0, $this->halvesMissing($sets[$next][1])), \PHP_INT_MAX),
                );
                ++$next;
            }
            if ($queue->isEmpty() && !isset($sets[$next])) {
                $this->bound = \PHP_INT_MAX;

                return null;
            }
            $this->bound = min($queue->isEmpty() ? \PHP_INT_MAX : self::first($queue), $sets[$next][0] ?? \PHP_INT_MAX);
            if ($this->isOver() || --$this->tries < 0) {
                $this->proven = false;

                return $this->enough($sets[$next - 1][1] ?? []) ?? $this->enough($everything);
            }
            /** @var array{list<FitChange>, \Generator<int, list<FitChange>>} $cheapest */
            $cheapest = $queue->extract();
            [$months, $dropped] = $cheapest;
            $all = [...$months, ...$dropped->current()];
            if ($this->fits($all)) {
                return $all;
            }
            $dropped->next();
            $this->queue($queue, $months, $dropped);
        }
    }

    /**
     * Where there is no time to find the least: ever more spreads dropped beside some month changes, until the book lasts.
     *
     * @param list<FitChange> $months
     *
     * @return list<FitChange>|null
     */
    private function enough(array $months): ?array
    {
        $missing = max(0, $this->halvesMissing($months));
        foreach ([$missing + 4, 2 * $missing + 8, $this->halves()] as $halves) {
            foreach ((new LeastRegret($this->classes))->sets(min($halves, $this->halves()), \PHP_INT_MAX) as $dropped) {
                if ($this->fits([...$months, ...$dropped])) {
                    return [...$months, ...$dropped];
                }
                break;
            }
        }

        return null;
    }

    /**
     * @param \SplPriorityQueue<mixed, mixed> $queue
     * @param list<FitChange>                                                                             $months
     * @param \Generator<int, list<FitChange>>                                                            $dropped
     */
    private function queue(\SplPriorityQueue $queue, array $months, \Generator $dropped): void
    {
        if ($dropped->valid()) {
            $queue->insert([$months, $dropped], [-self::regret($months) - self::regret($dropped->current()), -\count($months)]);
        }
    }

    /** @param \SplPriorityQueue<mixed, mixed> $queue the least regret in it */
    private static function first(\SplPriorityQueue $queue): int
    {
        /** @var array{list<FitChange>, \Generator<int, list<FitChange>>} $cheapest */
        $cheapest = $queue->top();

        return self::regret($cheapest[0]) + self::regret($cheapest[1]->current());
    }

    private function isOver(): bool
    {
        return $this->patience->isOver(self::FOR_BEST);
    }

    /**
     * Each change alone, with the pages it saves; those that save nothing are left out. Cheapest in regret first.
     *
     * @return list<WayToLast>
     */
    public function single(): array
    {
        $ways = [];
        $alone = [
            ...array_merge(...$this->changes->months()),
            ...array_map(static fn (array $class): FitChange => $class[0], $this->classes),
        ];
        foreach ($alone as $change) {
            if ($this->patience->isOver(self::FOR_ALL)) {
                $this->complete = false;
                break;
            }
            $ways[] = $this->way([$change]);
        }
        $ways = array_values(array_filter([...$ways, ...$this->books()], static fn (WayToLast $way): bool => $way->saves > 0));
        usort($ways, static fn (WayToLast $a, WayToLast $b): int => [$a->regret, -$a->saves] <=> [$b->regret, -$b->saves]);

        return $ways;
    }

    /**
     * Trying every month to switch in costs more than the rest, so it is done once.
     *
     * @return list<WayToLast>
     */
    private function books(): array
    {
        return $this->books ??= (new MoreBooks($this->plan->whole, $this->known, $this->patience, $this->catalogue, $this->names))->ways();
    }

    /**
     * Half pages that are too many even if no page stayed empty.
     *
     * @param list<FitChange> $months
     */
    private function halvesMissing(array $months): int
    {
        $plan = $this->changed($months);
        if ([] !== $plan->inUse->used && [] !== $plan->ranged) {
            $blocks = $this->months($plan, $plan->inUse)->from($this->paged->front->next);

            return $this->halves() + 2 * ($blocks[\count($blocks) - 1]->lastPage() - $plan->stock->pages);
        }
        $shortest = \PHP_INT_MAX;
        foreach ([2, 3] as $start) {
            $blocks = $this->months($plan, new InUse())->from($start);
            $shortest = min($shortest, array_sum(array_map(static fn (MonthBlock $block): int => $block->pages, $blocks)));
        }

        return $this->halves() + 2 * ($shortest - ($plan->stock->pages - $plan->stock->firstLeaf->firstPage() + 1));
    }

    private function months(BookPlan $plan, InUse $inUse): MonthLayout
    {
        return new MonthLayout(
            new PartsOfCatalogue($this->catalogue),
            $plan->months,
            $plan->weeks,
            $plan->period,
            [],
            $inUse,
            [],
            $plan->ranged,
        );
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
        return $this->paged($this->changed($changes))->runOut->fits;
    }

    /** @param list<FitChange> $changes */
    private function way(array $changes): WayToLast
    {
        $say = implode('; ', array_map(static fn (FitChange $change): string => $change->say, $changes));
        $after = $this->paged($this->changed($changes))->runOut;

        return new WayToLast(
            $say,
            array_map(static fn (FitChange $change): string => $change->lost, $changes),
            self::regret($changes),
            $after->slack() - $this->paged->runOut->slack(),
            $after->fits,
            $this->changes->edit($changes, $say)->written(),
        );
    }

    /** @param list<FitChange> $changes */
    private function changed(array $changes): BookPlan
    {
        if ([] === $changes) {
            return $this->plan;
        }
        $changed = $this->changes->edit($changes, 'Made to fit')->on($this->plan->whole, $this->catalogue)->plan;

        return $this->plan->after($changed) ?? throw new \LogicException('No change takes a book away.');
    }

    private function paged(BookPlan $plan): Paged
    {
        $layouts = new Layouts($plan, $this->catalogue, $this->names, memory: $this->known->memory);

        return (new Pager($plan, $layouts, $this->known))->page();
    }

    /** @param list<FitChange> $changes */
    private static function regret(array $changes): int
    {
        return array_sum(array_map(static fn (FitChange $change): int => $change->regret, $changes));
    }
}
