<?php

/*
 * A sum put aside by payday. The amounts are whole units that add up to the target exactly: each is its share rounded down, and
 * the units left over go to those that lost most by that (largest remainder; docs/trade.md, "Money over the year").
 */

declare(strict_types=1);

namespace AmpleMargin\Saving;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\LargestRemainder;

final class SavingsPlan
{
    /** The largest sum, in whole units: seven figures fill a column of four boxes. From memory. */
    public const LARGEST = 9_999_999;

    /** An ordinary month's weight, in hundredths. */
    public const ORDINARY = 100;

    /**
     * @param int           $target   whole units
     * @param int           $begins   whole units that were there at first
     * @param list<Deposit> $deposits in order
     * @param int           $short    units the target is missed by
     * @param list<int>     $weights  hundredths, of each deposit
     */
    private function __construct(
        public readonly int $target,
        public readonly int $begins,
        public readonly array $deposits,
        public readonly int $short = 0,
        private readonly array $weights = [],
    ) {
    }

    /**
     * Shared over paydays, by the weight of the month each falls in.
     *
     * @param int                   $target  whole units, above what is there at first
     * @param list<array{Day, Day}> $paydays one or more
     * @param array<int, int>       $weights month 1 to 12 → hundredths of an ordinary one; of those not given, 100
     */
    public static function shared(int $target, int $begins, array $paydays, array $weights = []): ?self
    {
        $each = array_map(static fn (array $days): int => $weights[$days[0]->month->month] ?? self::ORDINARY, $paydays);
        if (0 === array_sum($each) || $target <= $begins) {
            return null;
        }
        $amounts = LargestRemainder::share($target - $begins, $each);

        return new self($target, $begins, self::deposits($begins, $amounts, $paydays), 0, $each);
    }

    /** The same, so many times on no day in particular. @param int $times 1 or more */
    public static function times(int $target, int $begins, int $times): ?self
    {
        if ($target <= $begins) {
            return null;
        }
        $each = array_fill(0, $times, self::ORDINARY);

        return new self($target, $begins, self::deposits($begins, LargestRemainder::share($target - $begins, $each), []), 0, $each);
    }

    /**
     * The same amount each time until the target is reached; the last time what is left.
     *
     * @param int                        $amount  whole units, 1 or more
     * @param list<array{Day, Day}>|null $paydays null for as many as it takes, without dates
     */
    public static function fixed(int $target, int $begins, int $amount, ?array $paydays): ?self
    {
        if ($target <= $begins) {
            return null;
        }
        $needed = intdiv($target - $begins + $amount - 1, $amount);
        $times = min($needed, null === $paydays ? Paydays::MOST : \count($paydays));
        $amounts = array_fill(0, $times, $amount);
        if ($times === $needed) {
            $amounts[$times - 1] = $target - $begins - ($times - 1) * $amount;
        }

        return new self($target, $begins, self::deposits($begins, $amounts, $paydays ?? []), $target - $begins - array_sum($amounts));
    }

    /** What a deposit would be if units could be divided; null where all are the same by wish. */
    public function exact(int $nth): ?Fraction
    {
        $sum = array_sum($this->weights);

        return 0 === $sum ? null : Fraction::of(($this->target - $this->begins) * $this->weights[$nth], $sum);
    }

    /** Whether the shares are no whole units, so that some were rounded up and others down. */
    public function isRounded(): bool
    {
        foreach (array_keys($this->weights) as $nth) {
            if (true !== $this->exact($nth)?->isWhole()) {
                return true;
            }
        }

        return false;
    }

    /** "15 × 63 + 9 × 62": the amounts that stand in it, the most frequent first. */
    public function counted(): string
    {
        $often = array_count_values(array_column($this->deposits, 'amount'));
        arsort($often);
        $said = [];
        foreach ($often as $amount => $times) {
            $said[] = "$times × $amount";
        }

        return implode(' + ', $said);
    }

    /** @return array<int, int> month's index → units that are there at its end, of the months with a payday */
    public function byMonth(): array
    {
        $sums = [];
        foreach ($this->deposits as $deposit) {
            if (null !== $deposit->month) {
                $sums[$deposit->month->index()] = $deposit->sum;
            }
        }

        return $sums;
    }

    /**
     * @param array<int, int>       $amounts in order
     * @param list<array{Day, Day}> $paydays
     *
     * @return list<Deposit>
     */
    private static function deposits(int $begins, array $amounts, array $paydays): array
    {
        $sum = $begins;
        $deposits = [];
        foreach ($amounts as $i => $amount) {
            $sum += $amount;
            $deposits[] = new Deposit($amount, $sum, $paydays[$i][1] ?? null, ($paydays[$i][0] ?? null)?->month);
        }

        return $deposits;
    }
}
