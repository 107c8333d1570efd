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
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\WeekPages;
use AmpleMargin\Plan\WeekPlan;

final class MonthLayout
{
    /** @var array<int, true> */
    private readonly array $lost;

    /**
     * @param array<int, true>   $pinned pages that pinned spreads stand on
     * @param array<string, int> $extra  month → spare pages given to it
     * @param list<Month>|null   $ranged the months of this book; null for all of the period
     */
    public function __construct(
        private readonly PartKinds $kinds,
        private readonly MonthPlan $months,
        private readonly WeekPlan $weeks,
        private readonly Period $period,
        private readonly array $pinned = [],
        private readonly InUse $inUse = new InUse(),
        private readonly array $extra = [],
        private readonly ?array $ranged = null,
    ) {
        $this->lost = array_fill_keys($inUse->lost, true);
    }

    /** @return list<MonthBlock> */
    public function from(int $page): array
    {
        $blocks = [];
        foreach ($this->ranged ?? $this->period->months() as $month) {
            $block = $this->block($month, $page);
            $blocks[] = $block;
            $page = $block->lastPage() + 1;
        }

        return $blocks;
    }

    /**
     * Pages a month takes with nothing in its way: where it may begin on a left page, and on a right one.
     *
     * @return array{int, int}
     */
    public function pagesOf(Month $month): array
    {
        $weeks = MonthWeeks::of($month, $this->weeks->first, $this->weeks->school, $this->period);
        $wanted = PatternPages::of($this->months->patternOf($month), $weeks, $this->weeks->pages, $this->kinds);
        $from = fn (int $page): int => self::end($this->laid($wanted, $page, []), $page) - $page + 1;

        return [$from(2), $from(3)];
    }

    private function block(Month $month, int $from): MonthBlock
    {
        $pattern = $this->months->patternOf($month);
        $weeks = MonthWeeks::of($month, $this->weeks->first, $this->weeks->school, $this->period);
        $wanted = PatternPages::of($pattern, $weeks, $this->weeks->pages, $this->kinds);
        $spare = $this->extra[$month->iso()] ?? 0;
        if ($spare > 0) {
            $wanted[] = new WantedPart(MonthPart::SPARE, $spare);
        }
        $parts = $this->mended($wanted, $from);
        $parts = $this->asUsed($parts, $from, $this->inUse->used[$month->iso()] ?? null);
        $start = $parts[0]->page ?? $from;
        $last = [] === $parts ? $from - 1 : $parts[\count($parts) - 1]->lastPage();

        return new MonthBlock($month, $pattern, $parts, $weeks, $start, $last - $start + 1, $this->working($parts, $weeks));
    }

    /**
     * The parts on their pages. Where a page of the block was lost, pages of notes give way, as few as let the
     * block end where it would have ended, so that no later range moves; where that cannot be, none do.
     *
     * @param list<WantedPart> $wanted
     *
     * @return list<MonthPart>
     */
    private function mended(array $wanted, int $from): array
    {
        $meant = $this->laid($wanted, $from, []);
        $planned = self::end($meant, $from);
        if (!$this->losesOne($from, $planned)) {
            return $meant;
        }
        $wanted = self::notesApart($wanted);
        $parts = $this->laid($wanted, $from, $this->lost);
        for ($fewer = $wanted; null !== $fewer; $fewer = self::lessNotes($fewer)) {
            $tried = $this->laid($fewer, $from, $this->lost);
            $end = self::end($tried, $from);
            while ($end < $planned && isset($this->lost[$end + 1])) {
                $tried[] = new MonthPart(MonthPart::TAKEN, ++$end, 1);
            }
            if ($end === $planned) {
                return $tried;
            }
        }

        return $parts;
    }

    private function losesOne(int $from, int $to): bool
    {
        foreach (array_keys($this->lost) as $page) {
            if ($page >= $from && $page <= $to) {
                return true;
            }
        }

        return false;
    }

    /**
     * Pages of notes need not hang together: a lost page may lie between them.
     *
     * @param list<WantedPart> $wanted
     *
     * @return list<WantedPart>
     */
    private static function notesApart(array $wanted): array
    {
        $apart = [];
        foreach ($wanted as $part) {
            array_push($apart, ...($part->givesWay ? array_fill(0, max(1, $part->pages), $part->on(1)) : [$part]));
        }

        return $apart;
    }

    /**
     * @param list<WantedPart> $wanted
     *
     * @return list<WantedPart>|null one page of notes fewer, the last first; null where there are none
     */
    private static function lessNotes(array $wanted): ?array
    {
        for ($i = \count($wanted) - 1; $i >= 0; --$i) {
            if ($wanted[$i]->givesWay) {
                $kept = $wanted[$i]->pages > 1 ? [$wanted[$i]->on($wanted[$i]->pages - 1)] : [];

                return [...\array_slice($wanted, 0, $i), ...$kept, ...\array_slice($wanted, $i + 1)];
            }
        }

        return null;
    }

    /**
     * @param list<WantedPart> $wanted
     * @param array<int, true>                                $lost
     *
     * @return list<MonthPart>
     */
    private function laid(array $wanted, int $from, array $lost): array
    {
        $taken = $this->pinned + $lost;
        $parts = [];
        $page = $from;
        foreach ($wanted as $part) {
            $start = self::earliest($page, $part->pages, $part->startsLeft, $taken);
            for (; $page < $start; ++$page) {
                // A page passed over before the month begins is not the month's.
                if (!isset($taken[$page])) {
                    $parts[] = new MonthPart(MonthPart::FREE, $page, 1);
                } elseif ([] !== $parts) {
                    $parts[] = new MonthPart(isset($this->pinned[$page]) ? MonthPart::PINNED : MonthPart::TAKEN, $page, 1);
                }
            }
            $parts[] = new MonthPart($part->kind, $start, $part->pages, $part->weeks, $part->settings);
            $page = $start + $part->pages;
        }

        return [] === $taken ? self::freePageFirst($parts) : $parts;
    }

    /**
     * The block as it was really used: longer or shorter than planned, to the last page the person noted.
     *
     * @param list<MonthPart> $parts
     *
     * @return list<MonthPart>
     */
    private function asUsed(array $parts, int $from, ?int $used): array
    {
        $end = self::end($parts, $from);
        if (null === $used || $used === $end) {
            return $parts;
        }
        if ($used > $end) {
            return [...$parts, new MonthPart(MonthPart::MORE, $end + 1, $used - $end)];
        }
        $kept = [];
        foreach ($parts as $part) {
            if ($part->page <= $used) {
                $kept[] = $part->at($part->page, min($part->pages, $used - $part->page + 1));
            }
        }

        return $kept;
    }

    /** @param list<MonthPart> $parts */
    private static function end(array $parts, int $from): int
    {
        return [] === $parts ? $from - 1 : $parts[\count($parts) - 1]->lastPage();
    }

    /** @param array<int, true> $taken */
    private static function earliest(int $page, int $pages, bool $left, array $taken): int
    {
        for (;; ++$page) {
            if ($left && !Leaf::isLeft($page)) {
                continue;
            }
            for ($at = $page; $at < $page + $pages; ++$at) {
                if (isset($taken[$at])) {
                    continue 2;
                }
            }

            return $page;
        }
    }

    /**
     * A free page that only single pages stand before is moved to the front of the block: so the divider faces
     * it, and the block hangs together.
     *
     * @param list<MonthPart> $parts
     *
     * @return list<MonthPart>
     */
    private static function freePageFirst(array $parts): array
    {
        foreach ($parts as $i => $part) {
            if (MonthPart::FREE === $part->kind && 1 === $part->pages && $i > 0) {
                $moved = [new MonthPart(MonthPart::FREE, $parts[0]->page, 1)];
                for ($j = 0; $j < $i; ++$j) {
                    $moved[] = $parts[$j]->at($parts[$j]->page + 1, $parts[$j]->pages);
                }

                return [...$moved, ...\array_slice($parts, $i + 1)];
            }
            if ($part->pages > 1 || [] !== $part->weeks) {
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
                MonthPart::TAKEN => "$pages passed over",
                MonthPart::PINNED => "$pages pinned to something else",
                MonthPart::SPARE => "$pages spare",
                MonthPart::MORE => "$pages more than planned",
                default => "$pages {$this->kinds->word($kind)}",
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
