<?php

/* Whether the book lasts: how many pages are spare, or the page, month and day it runs out. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;

final class RunOut
{
    private function __construct(
        public readonly bool $fits,
        /** Pages left over, or pages missing. */
        public readonly int $pages,
        /** The last page there is for months. */
        public readonly int $page,
        public readonly ?Month $month,
        public readonly ?Day $day,
    ) {
    }

    /**
     * @param list<MonthBlock> $blocks
     * @param int              $last  the last page the months may use
     * @param int              $front pages the front needs, for a book without months
     */
    public static function of(array $blocks, int $last, int $front): self
    {
        $end = $front;
        foreach ($blocks as $block) {
            $end = max($end, $block->lastPage());
        }
        if ($end <= $last) {
            return new self(true, $last - $end, $last, null, null);
        }
        $month = null;
        $day = null;
        foreach ($blocks as $block) {
            if ($block->lastPage() > $last) {
                $month ??= $block->month;
                $day ??= self::firstDayWithout($block, $last);
            }
        }

        return new self(false, $end - $last, $last, $month, $day);
    }

    /** Pages spare, or pages missing as a negative number. */
    public function slack(): int
    {
        return $this->fits ? $this->pages : -$this->pages;
    }

    /** "Fits, 5 pages spare." or "Runs out on page 192, in November 2027: …" */
    public function sentence(Names $names = new Names('en')): string
    {
        $count = $this->pages.(1 === $this->pages ? ' page' : ' pages');
        if ($this->fits) {
            return "Fits, $count spare.";
        }
        $where = null === $this->month ? '' : ', in '.$names->monthAndYear($this->month);
        $when = null === $this->day ? '' : ' From '.$names->dayShort($this->day).' on there is no page.';

        return "Runs out on page $this->page$where: $count short.$when";
    }

    private static function firstDayWithout(MonthBlock $block, int $last): ?Day
    {
        foreach ($block->parts as $part) {
            if ($part->lastPage() > $last && [] !== $part->weeks) {
                return $part->weeks[0]->from;
            }
        }

        return $block->page > $last ? Day::of($block->month, 1) : null;
    }
}
