<?php

/*
 * How sure a book lasts. The fit of a plan is exact, but months run over: each month to come takes as many pages more or fewer
 * as one of those that are known, any of them as likely as the others. All sequences of months are reckoned together, by where
 * each month may end and how likely that is; nothing is drawn by lot, so the answer is the same every time, and exact.
 */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Month;

final class Lasting
{
    /** Months of one's own from which on nothing is taken from memory. */
    public const ENOUGH = 4;

    /** Pages months run over where nobody knows better: most do not, some by one or two. From memory. */
    public const USUAL = [-1, 0, 0, 0, 0, 1, 1, 2];

    /** Shares between which a month ends nine times of ten. */
    private const LOW = 0.05;
    private const HIGH = 0.95;

    /** Pages more that are looked at. */
    private const MORE = 96;

    /** A book that lasts in so many years of a hundred is one that lasts. */
    private const SURE = 0.99;

    /**
     * @param float                                  $share   of years in which it lasts, 0 to 1
     * @param array<string, float>                   $runsOut month → share of years in which it runs out there
     * @param array<string, array{int, int}>         $ends    month → pages between which it ends nine times of ten
     * @param int|null                               $more    pages more with which it would last in 99 of 100 years; 0 where it does
     * @param bool                                   $isOwn   whether only months of this book were taken
     */
    private function __construct(
        public readonly float $share,
        public readonly array $runsOut,
        public readonly array $ends,
        public readonly ?int $more,
        public readonly bool $isOwn,
    ) {
    }

    /**
     * @param list<PlannedMonth> $months   to come, in order
     * @param list<int>          $overruns pages that months took more than planned, or fewer
     * @param int                $next     the first page there is for them
     * @param int                $last     the last page there is
     */
    public static function of(array $months, array $overruns, int $next, int $last): self
    {
        $isOwn = \count($overruns) >= self::ENOUGH;
        $known = array_count_values($isOwn ? $overruns : [...$overruns, ...self::USUAL]);
        $all = array_sum($known);
        $chances = array_map(static fn (int $count): float => $count / $all, $known);
        [$after, $runsOut, $ends] = self::reckon($months, $chances, $next, $last);
        $share = array_sum($after);

        return new self($share, $runsOut, $ends, $share >= self::SURE ? 0 : self::more($months, $chances, $next, $last), $isOwn);
    }

    /**
     * Pages more with which it would last. No month begins before the one before it ends, so a book has pages enough where its last
     * month has.
     *
     * @param list<PlannedMonth> $months
     * @param array<int, float>  $chances
     */
    private static function more(array $months, array $chances, int $next, int $last): ?int
    {
        $after = self::reckon($months, $chances, $next, $last + self::MORE)[0];
        ksort($after);
        $share = 0.0;
        foreach ($after as $page => $chance) {
            $share += $chance;
            if ($share >= self::SURE) {
                return max(1, $page - 1 - $last);
            }
        }

        return null;
    }

    /** Of a hundred years; never 100 or 0 where it is not sure. */
    public function ofHundred(): int
    {
        $of = (int) round(100 * $this->share);

        return match (true) {
            100 === $of && $this->share < 1 - 1e-9 => 99,
            0 === $of && $this->share > 1e-9 => 1,
            default => $of,
        };
    }

    /** @return list<string> the months in which it runs out most often, together nine of ten times that it does, in order */
    public function where(): array
    {
        $left = 1 - $this->share;
        $likely = $this->runsOut;
        arsort($likely);
        $found = [];
        $sum = 0.0;
        foreach ($likely as $month => $share) {
            if ($share > 0 && $sum < 0.9 * $left) {
                $found[] = $month;
                $sum += $share;
            }
        }
        sort($found);

        return $found;
    }

    /**
     * @param list<PlannedMonth>   $months
     * @param array<int, float> $chances pages more or fewer → how likely
     *
     * @return array{array<int, float>, array<string, float>, array<string, array{int, int}>} the page behind the last month → share;
     *     month → share of years it runs out in; month → where it ends
     */
    private static function reckon(array $months, array $chances, int $next, int $last): array
    {
        $begins = [$next => 1.0];
        $runsOut = $ends = [];
        foreach ($months as $planned) {
            [$ended, $out] = self::through($planned, $begins, $chances, $last);
            $runsOut[$planned->month->iso()] = $out;
            $ends[$planned->month->iso()] = self::between($ended, $last);
            $begins = [];
            foreach ($ended as $page => $share) {
                $begins[$page + 1] = $share;
            }
        }

        return [$begins, $runsOut, $ends];
    }

    /**
     * @param array<int, float> $begins  first page → share
     * @param array<int, float> $chances
     *
     * @return array{array<int, float>, float} last page → share of those that fit; and the share of those that do not
     */
    private static function through(PlannedMonth $planned, array $begins, array $chances, int $last): array
    {
        $ended = [];
        $out = 0.0;
        foreach ($begins as $page => $share) {
            foreach ($chances as $over => $chance) {
                $end = $page + max(0, $planned->pagesFrom($page) + $over) - 1;
                if ($end > $last) {
                    $out += $share * $chance;
                } else {
                    $ended[$end] = ($ended[$end] ?? 0.0) + $share * $chance;
                }
            }
        }

        return [$ended, $out];
    }

    /**
     * @param array<int, float> $ended
     *
     * @return array{int, int} where it ends nine times of ten, of the years it has pages
     */
    private static function between(array $ended, int $last): array
    {
        ksort($ended);
        $all = array_sum($ended);
        [$low, $high, $sum] = [$last, $last, 0.0];
        foreach ($ended as $page => $share) {
            $before = $sum;
            $sum += $share;
            $low = $before <= self::LOW * $all && $sum > self::LOW * $all ? $page : $low;
            $high = $before < self::HIGH * $all && $sum >= self::HIGH * $all - 1e-12 ? $page : $high;
        }

        return [min($low, $high), $high];
    }
}
