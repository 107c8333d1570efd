<?php

/*
 * The book before this one, as it was when its review began: its paper, its spreads, the pages its months took, and what the
 * person says of each. Kept with the new plan, so the old notebook is never changed by it, and may be gone.
 */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Copies;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\WeekPlan;

final class OldBook
{
    use Copies {
        but as public with;
    }

    public const MOST_SPREADS = 300;

    public const MOST_PATTERNS = 30;

    /** Kinds that were missing. */
    public const MOST_MISSING = 60;

    /** Of twelve months, those whose pages the pattern of the new book should have held, where nobody says another. */
    public const HOLD = 10;

    /** Pages a month may have taken. */
    public const MOST_PAGES = 400;

    /**
     * @param list<OldSpread>    $spreads  in the order of its pages
     * @param array<string, int> $months   month → pages it really took, rising
     * @param array<string, int> $planned  month → pages that were held for it
     * @param int                $front    pages before its first month
     * @param list<OwnKind>      $kinds    of the person's own, that its spreads are of
     * @param list<Pattern>      $patterns of its months, the one they shared first; none where it was typed in
     * @param KnownDates         $dates    known of it that were not carried yet
     * @param list<string>       $missing  kinds that were missing
     * @param list<NextTime>     $notes    written for the next book
     * @param list<Gone>         $gone     dropped from books before it
     * @param int                $hold     of twelve months, those that should fit the new pattern, 1 to 12
     * @param bool               $carried  whether it was carried over once
     * @param MakingPlan         $made     minutes its pages took, pens on its paper, slips
     */
    public function __construct(
        public readonly string $title,
        public readonly Stock $stock,
        public readonly Period $period,
        public readonly WeekPlan $weeks,
        public readonly array $spreads = [],
        public readonly array $months = [],
        public readonly array $planned = [],
        public readonly int $front = 0,
        public readonly array $kinds = [],
        public readonly array $patterns = [],
        public readonly KnownDates $dates = new KnownDates(),
        public readonly array $missing = [],
        public readonly array $notes = [],
        public readonly array $gone = [],
        public readonly int $hold = self::HOLD,
        public readonly bool $carried = false,
        public readonly MakingPlan $made = new MakingPlan(),
    ) {
    }

    public function spread(string $id): ?OldSpread
    {
        foreach ($this->spreads as $old) {
            if ($old->spread->id === $id) {
                return $old;
            }
        }

        return null;
    }

    /** With a spread of it in place of the one with its id. */
    public function judged(OldSpread $judged): self
    {
        return $this->with(['spreads' => array_map(
            static fn (OldSpread $old): OldSpread => $old->spread->id === $judged->spread->id ? $judged : $old,
            $this->spreads,
        )]);
    }

    /** @return list<OldSpread> that are not drawn again, because they are good where they are */
    public function referred(): array
    {
        return array_values(array_filter($this->spreads, static fn (OldSpread $old): bool => Verdict::Refer === $old->verdict));
    }
}
