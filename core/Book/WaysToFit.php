<?php

/*
 * The smallest set of changes that makes a book last, found and not tried out by hand.
 *
 * Every set of month changes is gone through in the order of its regret. For each, what must still be dropped
 * from the spreads is at least the pages that are too many even with no page left empty; sets of spreads are
 * built up in the order of their regret, guided by the least regret a page can cost, and the first that truly
 * fits (the spreads placed, the months ranged) is the best for that set of month changes. Sets that cannot
 * beat the best so far are not looked at.
 */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Editing\Edits;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Paging\RunOut;
use AmpleMargin\Plan\Plan;

final class WaysToFit
{
    private readonly FitChanges $changes;

    private readonly Paged $paged;

    private int $budget;

    /** @var list<list<FitChange>> */
    private readonly array $classes;

    /** @param int $tries how many placements may be tried before the best so far has to do */
    public function __construct(private readonly Plan $plan, int $tries = 600)
    {
        $this->changes = new FitChanges($plan);
        $this->paged = self::paged($plan);
        $this->classes = $this->changes->spreads($this->paged->front, $this->paged->back);
        $this->budget = $tries;
    }

    /** True where the search ended before its tries did: no set of these changes that fits is regretted less. */
    public function isProven(): bool
    {
        return $this->budget > 0;
    }

    /** The way that is regretted least, or null where the book fits already or nothing makes it fit. */
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

        return null === $best ? null : $this->way($best);
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
        $ways = array_values(array_filter($ways, static fn (Way $way): bool => $way->saves > 0));
        usort($ways, static fn (Way $a, Way $b): int => [$a->regret, -$a->saves] <=> [$b->regret, -$b->saves]);

        return $ways;
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
        $missing = $this->pagesMissing($months);
        $queue = new \SplPriorityQueue();
        $queue->insert([[], 0, 0, 0], 0);
        while (!$queue->isEmpty() && $this->budget > 0) {
            /** @var array{list<FitChange>, int, int, int} $state */
            $state = $queue->extract();
            [$dropped, $regret, $pages, $from] = $state;
            if ($regret >= $below) {
                return null;
            }
            if ($pages >= $missing) {
                --$this->budget;
                if ($this->fits([...$months, ...$dropped])) {
                    return $dropped;
                }
            }
            $taken = array_count_values(array_map(spl_object_id(...), $dropped));
            for ($i = $from; $i < \count($this->classes); ++$i) {
                $next = null;
                foreach ($this->classes[$i] as $change) {
                    if (!isset($taken[spl_object_id($change)])) {
                        $next = $change;
                        break;
                    }
                }
                if (null !== $next) {
                    $cost = $regret + $next->regret;
                    $saved = $pages + $next->pages;
                    $queue->insert([[...$dropped, $next], $cost, $saved, $i], -1000 * $cost - $this->least($missing - $saved));
                }
            }
        }

        return null;
    }

    /** The least regret, in thousandths, that so many pages more can cost. */
    private function least(int $pages): int
    {
        $cheapest = \PHP_INT_MAX;
        foreach ($this->classes as [$change]) {
            $cheapest = min($cheapest, intdiv(1000 * $change->regret, $change->pages));
        }

        return $pages <= 0 || \PHP_INT_MAX === $cheapest ? 0 : $pages * $cheapest;
    }

    /**
     * Pages that are too many even if no page stayed empty.
     *
     * @param list<FitChange> $months
     */
    private function pagesMissing(array $months): int
    {
        $plan = $this->changed($months);
        $spreads = array_sum(array_map(static fn (array $class): int => array_sum(array_map(static fn (FitChange $change): int => $change->pages, $class)), $this->classes));
        $shortest = \PHP_INT_MAX;
        foreach ([2, 3] as $start) {
            $blocks = (new MonthLayout($plan->months, $plan->weeks, $plan->period))->from($start);
            $shortest = min($shortest, array_sum(array_map(static fn (MonthBlock $block): int => $block->pages, $blocks)));
        }

        return $spreads + $shortest - ($plan->stock->pages - $plan->stock->firstLeaf->firstPage() + 1);
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
            self::slack($after) - self::slack($this->paged->runOut),
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

    private static function slack(RunOut $runOut): int
    {
        return $runOut->fits ? $runOut->pages : -$runOut->pages;
    }

    /** @param list<FitChange> $changes */
    private static function regret(array $changes): int
    {
        return array_sum(array_map(static fn (FitChange $change): int => $change->regret, $changes));
    }
}
