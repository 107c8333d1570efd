<?php

/*
 * Sets of spreads to drop that save at least so many half pages, in the order of their regret.
 *
 * Of a class the first so many are dropped, never others. A table says the least regret that any number of
 * half pages can cost with the classes still open; guided by it the search walks straight to the best set, and on to
 * the next.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Fit;

/** @internal to Book */
final class LeastRegret
{
    private const NEVER = 1_000_000;

    /** @param list<list<FitChange>> $classes */
    public function __construct(private readonly array $classes)
    {
    }

    /**
     * @param int $halves at least so many
     * @param int $below sets of so much regret or more are left out
     *
     * @return \Generator<int, list<FitChange>>
     */
    public function sets(int $halves, int $below): \Generator
    {
        $least = $this->table($halves);
        $queue = new \SplPriorityQueue();
        $queue->insert([0, 0, 0, []], [-$least[0][$halves], 0]);
        while (!$queue->isEmpty()) {
            /** @var array{int, int, int, list<int>} $state */
            $state = $queue->extract();
            [$class, $saved, $regret, $counts] = $state;
            if ($regret + $least[$class][max(0, $halves - $saved)] >= min($below, self::NEVER)) {
                return;
            }
            if ($class === \count($this->classes)) {
                yield $this->chosen($counts);
                continue;
            }
            for ($count = 0; $count <= \count($this->classes[$class]); ++$count) {
                if ($count > 0) {
                    $saved += $this->classes[$class][$count - 1]->halves;
                    $regret += $this->classes[$class][$count - 1]->regret;
                }
                $whole = $regret + $least[$class + 1][max(0, $halves - $saved)];
                if ($whole < min($below, self::NEVER)) {
                    $queue->insert([$class + 1, $saved, $regret, [...$counts, $count]], [-$whole, $class]);
                }
            }
        }
    }

    /**
     * The least regret of saving so many half pages with the classes from one on.
     *
     * @return list<list<int>> [class][half pages]
     */
    private function table(int $halves): array
    {
        $least = [array_replace(array_fill(0, $halves + 1, self::NEVER), [0])];
        foreach (array_reverse($this->classes) as $class) {
            $with = [];
            for ($need = 0; $need <= $halves; ++$need) {
                $best = $least[0][$need];
                [$saved, $regret] = [0, 0];
                foreach ($class as $change) {
                    $saved += $change->halves;
                    $regret += $change->regret;
                    $best = min($best, $regret + $least[0][max(0, $need - $saved)]);
                }
                $with[] = $best;
            }
            array_unshift($least, $with);
        }

        return $least;
    }

    /**
     * @param list<int> $counts
     *
     * @return list<FitChange>
     */
    private function chosen(array $counts): array
    {
        $chosen = [];
        foreach ($counts as $class => $count) {
            array_push($chosen, ...\array_slice($this->classes[$class], 0, $count));
        }

        return $chosen;
    }
}
