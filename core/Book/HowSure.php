<?php

/* How sure a book lasts: from its own months that have ended, and those of the book before it. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Carrying\Lasting;
use AmpleMargin\Carrying\PlannedMonth;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthLayout;
use AmpleMargin\Paging\PartKinds;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\MonthPlan;

/** @internal to Book */
final class HowSure
{
    public function __construct(private readonly BookPlan $plan, private readonly PartKinds $parts)
    {
    }

    /**
     * Of so many books of this paper that share its months, each with the same pages in front and behind. None for a book
     * without months to come.
     *
     * @param list<MonthBlock> $planned as it was meant before the book was in use
     * @param list<MonthBlock> $now
     * @param int              $first   page there is for months
     * @param int              $last    page there is for them
     * @param int              $books   1 or more
     *
     * @return list<Lasting> one a book
     */
    public function lasting(array $planned, array $now, int $first, int $last, int $books = 1): array
    {
        $used = $this->plan->inUse->used;
        $overruns = $this->ofOldBook();
        $coming = [];
        $next = $first;
        foreach ($now as $i => $block) {
            if (isset($used[$block->month->iso()])) {
                $overruns[] = $block->pages - $planned[$i]->pages;
                // What came before it was taken as well, whether somebody noted it or not.
                [$next, $coming] = [$block->lastPage() + 1, []];
                continue;
            }
            $coming[] = $this->planned($block->month, $this->plan->months, $this->plan->period);
        }

        $runs = [] === $coming ? [] : array_chunk($coming, max(1, (int) ceil(\count($coming) / $books)));

        return array_map(
            static fn (array $run, int $i): Lasting => Lasting::of($run, $overruns, 0 === $i ? $next : $first, $last),
            $runs,
            array_keys($runs),
        );
    }

    /** @return list<int> pages the months of the old book took more than this book holds for the same month of the year, or fewer */
    private function ofOldBook(): array
    {
        $old = $this->plan->whole->old;
        $overruns = [];
        foreach ($old->months ?? [] as $iso => $pages) {
            $month = Month::read($iso);
            if (null === $month || null === $old) {
                continue;
            }
            $same = $month;
            foreach ($this->plan->period->months() as $one) {
                $same = $one->month === $month->month ? $one : $same;
            }
            $pattern = $this->plan->months->patternOf($same);
            $overruns[] = $pages - $this->planned($month, new MonthPlan([$pattern], $pattern->id), $old->period)->left;
        }

        return $overruns;
    }

    /** Its pages where it begins on a left page, and on a right one; spare pages are no need. */
    private function planned(Month $month, MonthPlan $months, Period $period): PlannedMonth
    {
        return new PlannedMonth($month, ...(new MonthLayout($this->parts, $months, $this->plan->weeks, $period))->pagesOf($month));
    }
}
