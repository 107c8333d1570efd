<?php

/* Which sums of a savings plan are marked in its picture: all of them where they can be told apart, else fewer. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Savings;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Saving\Deposit;
use AmpleMargin\Saving\SavingsPlan;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class Milestones
{
    /**
     * @param list<array{string, int}> $marks what it is called, and its sum; rising
     * @param string                   $said  "each payday"
     */
    private function __construct(public readonly array $marks, public readonly string $said)
    {
    }

    /**
     * The most of them for which something holds; quarters of the aim where it holds for none.
     *
     * @param \Closure(list<int>): bool $fits told their sums
     */
    public static function of(Request $asked, SavingsPlan $plan, \Closure $fits): self
    {
        foreach ([self::each($plan), self::months($asked, $plan)] as $ones) {
            if ([] !== $ones->marks && $fits(array_column($ones->marks, 1))) {
                return $ones;
            }
        }

        return self::parts($plan, $fits(array_column(self::parts($plan, 10)->marks, 1)) ? 10 : 4);
    }

    private static function each(SavingsPlan $plan): self
    {
        $marks = array_map(static fn (Deposit $one): array => ['', $one->sum], $plan->deposits);
        // Of equal sums the first says all.
        $marks = array_values(array_column($marks, null, 1));

        return new self($marks, 'each payday');
    }

    /** At the end of each month with a payday; none where the paydays have no date. */
    public static function months(Request $asked, SavingsPlan $plan): self
    {
        $marks = [];
        foreach ($plan->byMonth() as $index => $sum) {
            $month = new Month(intdiv($index, 12), $index % 12 + 1);
            $marks[] = [$asked->calendar->names->monthInitial($month->month), $sum];
        }

        return new self($marks, 'the end of each month');
    }

    private static function parts(SavingsPlan $plan, int $count): self
    {
        $left = $plan->target - $plan->begins;
        $marks = array_map(
            static fn (int $nth): array => ['', $plan->begins + intdiv($left * $nth, $count)],
            range(1, $count),
        );

        return new self(array_values(array_column($marks, null, 1)), 10 === $count ? 'each tenth of the aim' : 'each quarter of the aim');
    }
}
