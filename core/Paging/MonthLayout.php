<?php

/*
 * The reserved ranges of the months: each month's pattern and weeks, one block after another. With the parts
 * in a fixed order, going to the earliest page each part allows never ends later than any other way.
 */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Calendar\MonthWeeks;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\WeekPages;
use AmpleMargin\Plan\WeekPlan;

final class MonthLayout
{
    /** @param array<int, true> $taken pages that pinned spreads stand on */
    public function __construct(private readonly MonthPlan $months, private readonly WeekPlan $weeks, private readonly Period $period, private readonly array $taken = [])
    {
    }

    /** @return list<MonthBlock> */
    public function from(int $page): array
    {
        $blocks = [];
        foreach ($this->period->months() as $month) {
            $block = $this->block($month, $page);
            $blocks[] = $block;
            $page = $block->lastPage() + 1;
        }

        return $blocks;
    }

    private function block(Month $month, int $from): MonthBlock
    {
        $pattern = $this->months->patternOf($month);
        $weeks = MonthWeeks::of($month, $this->weeks->first, $this->weeks->school, $this->period);
        $parts = [];
        $page = $from;
        foreach ($this->wanted($pattern, $weeks) as [$kind, $pages, $left, $shown]) {
            $start = $this->earliest($page, $pages, $left);
            if ($start > $page && !isset($this->taken[$page])) {
                $parts[] = new MonthPart(MonthPart::FREE, $page, $start - $page);
            }
            $parts[] = new MonthPart($kind, $start, $pages, $shown);
            $page = $start + $pages;
        }
        $parts = $this->freePageFirst($parts);
        $start = $parts[0]->page ?? $from;

        return new MonthBlock($month, $pattern, $parts, $weeks, $start, $page - $start, $this->working($parts, $weeks));
    }

    /**
     * @param list<MonthWeek> $weeks
     *
     * @return list<array{string, int, bool, list<MonthWeek>}> kind, pages, starts left, weeks
     */
    private function wanted(Pattern $pattern, array $weeks): array
    {
        $wanted = [];
        foreach ($pattern->parts as $part) {
            if (PatternPart::WEEKS === $part->kind) {
                array_push($wanted, ...$this->weekParts($weeks));
            } elseif ($part->pages > 0) {
                // A calendar of two pages is an opening; other parts may turn the page.
                $wanted[] = [$part->kind, $part->pages, 'month-calendar' === $part->kind && 2 === $part->pages, []];
            }
        }

        return $wanted;
    }

    /**
     * Weeks gathered into pages: an opening each, a page each, or two halves to a page.
     *
     * @param list<MonthWeek> $weeks
     *
     * @return list<array{string, int, bool, list<MonthWeek>}>
     */
    private function weekParts(array $weeks): array
    {
        $pages = [];
        $half = null;
        foreach ($weeks as $week) {
            $halves = $week->folded ? max(1, intdiv($this->weeks->pages->halves(), 2)) : $this->weeks->pages->halves();
            if (1 === $halves && null !== $half) {
                $pages[$half] = [1, [...$pages[$half][1], $week]];
                $half = null;
                continue;
            }
            $half = 1 === $halves ? \count($pages) : $half;
            $pages[] = [max(1, intdiv($halves, 2)), [$week]];
        }

        return array_map(static fn (array $page): array => [PatternPart::WEEKS, $page[0], 2 === $page[0], $page[1]], array_values($pages));
    }

    private function earliest(int $page, int $pages, bool $left): int
    {
        for (;; ++$page) {
            if ($left && !Leaf::isLeft($page)) {
                continue;
            }
            if ($this->isFree($page, $pages)) {
                return $page;
            }
        }
    }

    private function isFree(int $page, int $pages): bool
    {
        for ($at = $page; $at < $page + $pages; ++$at) {
            if (isset($this->taken[$at])) {
                return false;
            }
        }

        return true;
    }

    /**
     * A free page that only single pages stand before is moved to the front of the block: so the divider faces
     * it, and the block hangs together.
     *
     * @param list<MonthPart> $parts
     *
     * @return list<MonthPart>
     */
    private function freePageFirst(array $parts): array
    {
        foreach ($parts as $i => $part) {
            if (MonthPart::FREE === $part->kind && 1 === $part->pages && $i > 0) {
                $moved = [new MonthPart(MonthPart::FREE, $parts[0]->page, 1)];
                for ($j = 0; $j < $i; ++$j) {
                    $moved[] = new MonthPart($parts[$j]->kind, $parts[$j]->page + 1, $parts[$j]->pages, $parts[$j]->weeks);
                }

                return [...$moved, ...\array_slice($parts, $i + 1)];
            }
            if ($part->pages > 1 || [] !== $part->weeks || isset($this->taken[$part->page + 1])) {
                return $parts;
            }
        }

        return $parts;
    }

    /**
     * @param list<MonthPart> $parts
     * @param list<MonthWeek> $weeks
     */
    private function working(array $parts, array $weeks): string
    {
        $by = [];
        foreach ($parts as $part) {
            $by[$part->kind] = ($by[$part->kind] ?? 0) + $part->pages;
        }
        $said = [];
        foreach ($by as $kind => $pages) {
            $said[] = match ($kind) {
                PatternPart::WEEKS => "$pages for ".\count($weeks).' weeks at '.$this->weekWords(),
                MonthPart::FREE => "$pages free",
                default => "$pages ".str_replace('month-', '', $kind),
            };
        }

        return implode(' + ', $said).' = '.array_sum($by).' pages';
    }

    private function weekWords(): string
    {
        return match ($this->weeks->pages) {
            WeekPages::Two => '2 pages',
            WeekPages::One => '1 page',
            WeekPages::Half => '½ page',
        };
    }
}
