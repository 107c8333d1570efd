<?php

/* How the book will end at the pace so far. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;

final class Forecast
{
    /**
     * @param Fraction $pace pages taken for each planned page, in the months whose last page is noted
     * @param int      $end  the page the last month will end on, rounded up
     */
    private function __construct(
        public readonly Fraction $pace,
        public readonly int $taken,
        public readonly int $planned,
        public readonly int $end,
        public readonly int $last,
        private readonly ?MonthBlock $runsOut,
    ) {
    }

    /**
     * @param list<MonthBlock>   $planned as it was meant before the book was in use
     * @param list<MonthBlock>   $now
     * @param array<string, int> $used    month → last page taken
     * @param int                $last    the last page months may use
     */
    public static function of(array $planned, array $now, array $used, int $last): ?self
    {
        $taken = 0;
        $meant = 0;
        foreach ($now as $i => $block) {
            if (isset($used[$block->month->iso()])) {
                $taken += $block->pages;
                $meant += $planned[$i]->pages;
            }
        }
        if (0 === $meant) {
            return null;
        }
        $pace = Fraction::of($taken, $meant);
        $page = Fraction::of(0);
        $runsOut = null;
        foreach ($now as $i => $block) {
            if (isset($used[$block->month->iso()])) {
                $page = Fraction::of($block->lastPage());
                continue;
            }
            $page = 0 === $page->numerator ? Fraction::of($block->page - 1) : $page;
            $page = $page->plus($pace->times($planned[$i]->pages));
            if (null === $runsOut && $page->compare($last) > 0) {
                $runsOut = $block;
            }
        }

        return new self($pace, $taken, $meant, $page->isWhole() ? $page->floor() : $page->floor() + 1, $last, $runsOut);
    }

    public function sentence(Names $names = new Names('en')): string
    {
        $pace = 'So far '.Plural::of($this->taken, 'page was', 'pages were')." taken for $this->planned planned.";
        if (null === $this->runsOut) {
            return "$pace At this pace the last month ends on page $this->end: it fits, ".($this->last - $this->end).' spare.';
        }

        return "$pace At this pace the book runs out in {$names->monthAndYear($this->runsOut->month)}, "
            .Plural::of($this->end - $this->last, 'page', 'pages').' short.';
    }
}
