<?php

/* Amounts against a largest remainder written down anew from its definition; paydays against PHP's own date library (timelib). */

declare(strict_types=1);

namespace Tests\Saving;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Saving\PaydayRule;
use AmpleMargin\Saving\Paydays;
use AmpleMargin\Saving\SavingsPlan;
use AmpleMargin\Saving\Weekend;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class SavingsPlanTest extends TestCase
{
    /** Sums are exact, each amount is within one unit of its exact share, and as an independent largest remainder has it. */
    public function testTheAmountsMeetTheAimToTheUnit(): void
    {
        mt_srand(11);
        for ($nth = 0; $nth < 4_000; ++$nth) {
            $start = new Month(mt_rand(1990, 2060), mt_rand(1, 12));
            $period = new Period($start, $start->plus(mt_rand(0, 23)));
            $rules = [PaydayRule::Months, PaydayRule::HalfMonths, PaydayRule::Fortnights, PaydayRule::Weeks];
            $paydays = Paydays::in($period, $rules[mt_rand(0, 3)], Day::of($start, mt_rand(1, 28)), mt_rand(1, 31));
            $target = mt_rand(1, 10 ** mt_rand(1, 6));
            $begins = mt_rand(0, $target - 1);
            $weights = [];
            foreach (array_rand(range(1, 12), mt_rand(2, 12)) as $month) {
                $weights[$month + 1] = mt_rand(0, 400);
            }
            $each = array_map(static fn (array $days): int => $weights[$days[0]->month->month] ?? 100, $paydays);
            $plan = SavingsPlan::shared($target, $begins, $paydays, $weights);
            if (0 === array_sum($each)) {
                self::assertNull($plan);
                continue;
            }
            self::assertNotNull($plan);
            $amounts = array_column($plan->deposits, 'amount');
            self::assertSame($target - $begins, array_sum($amounts));
            self::assertSame($target, $plan->deposits[\count($amounts) - 1]->sum);
            self::assertSame(self::largestRemainder($target - $begins, $each), $amounts, "target $target, ".json_encode($each));
            foreach ($amounts as $i => $amount) {
                self::assertLessThan(1, abs($amount - ($target - $begins) * $each[$i] / array_sum($each)));
            }
        }
    }

    /**
     * By its definition: one unit at a time to whoever is furthest below their exact share of those that may still have one.
     *
     * @param list<int> $weights
     *
     * @return list<int>
     */
    private static function largestRemainder(int $whole, array $weights): array
    {
        $sum = array_sum($weights);
        $shares = $remainders = [];
        foreach ($weights as $weight) {
            $shares[] = (int) floor($whole * $weight / $sum);
            $remainders[] = $whole * $weight - $sum * (int) floor($whole * $weight / $sum);
        }
        for ($left = $whole - array_sum($shares); $left > 0; --$left) {
            $largest = array_search(max($remainders), $remainders, true);
            ++$shares[$largest];
            $remainders[$largest] = -1;
        }

        return $shares;
    }

    public function testPaydaysAreThoseOfADateLibrary(): void
    {
        for ($year = 1990; $year <= 2060; ++$year) {
            $period = Asking::period("$year-01", "$year-12");
            $friday = new \DateTimeImmutable("first friday of january $year");
            foreach ([[PaydayRule::Weeks, 7], [PaydayRule::Fortnights, 14]] as [$rule, $days]) {
                $expected = [];
                for ($day = $friday; $day->format('Y') === (string) $year; $day = $day->modify("+$days days")) {
                    $expected[] = $day->format('Y-m-d');
                }
                self::assertSame($expected, self::paid(Paydays::in($period, $rule)), "$rule->value of $year");
            }
            $ends = $halves = [];
            for ($month = 1; $month <= 12; ++$month) {
                $ends[] = $halves[2 * $month] = (new \DateTimeImmutable("$year-$month-01"))->modify('last day of this month')->format('Y-m-d');
                $halves[2 * $month - 1] = \sprintf('%d-%02d-15', $year, $month);
            }
            ksort($halves);
            self::assertSame($ends, self::paid(Paydays::in($period, PaydayRule::Months)));
            self::assertSame(array_values($halves), self::paid(Paydays::in($period, PaydayRule::HalfMonths)));
        }
    }

    public function testThereAreTwentySevenFortnightsFromTheFirstOfJanuary2027(): void
    {
        self::assertCount(27, Paydays::in(Asking::period('2027-01', '2027-12'), PaydayRule::Fortnights, self::day('2027-01-01')));
        self::assertCount(26, Paydays::in(Asking::period('2027-01', '2027-12'), PaydayRule::Fortnights, self::day('2027-01-08')));
    }

    public function testTwentyTwentyEightHasFiftyThreeSundays(): void
    {
        self::assertCount(53, Paydays::in(Asking::period('2028-01', '2028-12'), PaydayRule::Weeks, self::day('2028-01-02')));
    }

    /** A payday of the old book goes on in its own rhythm. */
    public function testAFirstPaydayBeforeTheBookKeepsItsRhythm(): void
    {
        mt_srand(12);
        for ($nth = 0; $nth < 500; ++$nth) {
            $first = (new \DateTimeImmutable('2026-01-01'))->modify('+'.mt_rand(0, 400).' days');
            $days = 0 === $nth % 2 ? 14 : 7;
            $expected = [];
            for ($day = $first; $day->format('Y-m-d') <= '2027-06-30'; $day = $day->modify("+$days days")) {
                if ($day->format('Y-m-d') >= '2027-01-01') {
                    $expected[] = $day->format('Y-m-d');
                }
            }
            $rule = 14 === $days ? PaydayRule::Fortnights : PaydayRule::Weeks;
            self::assertSame(
                $expected,
                self::paid(Paydays::in(Asking::period('2027-01', '2027-06'), $rule, self::day($first->format('Y-m-d')))),
                $first->format('Y-m-d'),
            );
        }
    }

    public function testADayOnTheWeekendMovesToTheFridayBeforeOrTheMondayAfter(): void
    {
        for ($day = self::day('2027-01-01'); $day->month->year < 2029; $day = $day->plus(1)) {
            $library = new \DateTimeImmutable($day->iso());
            $weekend = $library->format('N') >= 6;
            $before = $weekend ? $library->modify('last friday')->format('Y-m-d') : $day->iso();
            $after = $weekend ? $library->modify('next monday')->format('Y-m-d') : $day->iso();
            self::assertSame($before, Weekend::Before->moved($day)->iso());
            self::assertSame($after, Weekend::After->moved($day)->iso());
            self::assertSame($day->iso(), Weekend::Stays->moved($day)->iso());
        }
    }

    public function testTheSameAmountEachTimeEndsWithWhatIsLeft(): void
    {
        $plan = SavingsPlan::fixed(1_000, 100, 70, null);
        self::assertSame([70, 70, 70, 70, 70, 70, 70, 70, 70, 70, 70, 70, 60], array_column($plan->deposits ?? [], 'amount'));
        self::assertSame(1_000, ($plan->deposits ?? [])[12]->sum);
    }

    public function testTheSameAmountOnTooFewPaydaysSaysWhatIsMissing(): void
    {
        $paydays = Paydays::in(Asking::period('2027-01', '2027-12'), PaydayRule::Months);
        self::assertSame(1_200 - 12 * 70, SavingsPlan::fixed(1_200, 0, 70, $paydays)?->short);
    }

    private static function day(string $iso): Day
    {
        return Day::read($iso) ?? throw new \LogicException($iso);
    }

    /**
     * @param list<array{Day, Day}> $paydays
     *
     * @return list<string>
     */
    private static function paid(array $paydays): array
    {
        return array_map(static fn (array $days): string => $days[1]->iso(), $paydays);
    }
}
