<?php

/* How sure a book lasts, against going through every sequence of months one by one, and against throwing dice. */

declare(strict_types=1);

namespace Tests\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Carrying\Lasting;
use AmpleMargin\Carrying\LastingWords;
use AmpleMargin\Carrying\PlannedMonth;
use PHPUnit\Framework\TestCase;

final class LastingTest extends TestCase
{
    /** Small cases, every sequence: the share of years, the months it runs out in, and the band of each month's end. */
    public function testItIsExactOverEverySequence(): void
    {
        mt_srand(3);
        for ($i = 0; $i < 150; ++$i) {
            $months = self::months(mt_rand(1, 5));
            $overruns = array_map(static fn (): int => mt_rand(-3, 5), range(1, mt_rand(Lasting::ENOUGH, 5)));
            $next = mt_rand(10, 15);
            $last = $next + array_sum(array_map(static fn (PlannedMonth $one): int => $one->left, $months)) + mt_rand(-6, 12);
            $lasting = Lasting::of($months, $overruns, $next, $last);
            [$lasts, $out, $ends, $all] = [0, [], [], \count($overruns) ** \count($months)];
            foreach (self::sequences($overruns, \count($months)) as $sequence) {
                $page = $next;
                $fits = true;
                foreach ($months as $nth => $month) {
                    $end = $page + max(0, $month->pagesFrom($page) + $sequence[$nth]) - 1;
                    if ($end > $last) {
                        $out[$month->month->iso()] = ($out[$month->month->iso()] ?? 0) + 1;
                        $fits = false;
                        break;
                    }
                    $ends[$month->month->iso()][] = $end;
                    $page = $end + 1;
                }
                $lasts += $fits ? 1 : 0;
            }
            self::assertEqualsWithDelta($lasts / $all, $lasting->share, 1e-9);
            foreach ($lasting->runsOut as $month => $share) {
                self::assertEqualsWithDelta(($out[$month] ?? 0) / $all, $share, 1e-9, $month);
            }
            self::assertEqualsWithDelta(1, $lasting->share + array_sum($lasting->runsOut), 1e-9);
            foreach ($ends as $month => $pages) {
                sort($pages);
                [$low, $high] = $lasting->ends[$month];
                $within = \count(array_filter($pages, static fn (int $page): bool => $page >= $low && $page <= $high));
                self::assertGreaterThanOrEqual(0.9 * \count($pages) - 1e-6, $within, "$month: nine of ten");
                self::assertContains($low, $pages);
                self::assertContains($high, $pages);
            }
            if (null !== $lasting->more && $lasting->more > 0) {
                self::assertGreaterThanOrEqual(0.99, Lasting::of($months, $overruns, $next, $last + $lasting->more)->share);
                self::assertLessThan(0.99, Lasting::of($months, $overruns, $next, $last + $lasting->more - 1)->share);
            }
        }
    }

    /** Where a month ends nine times of ten is where a library of statistics has its twentieths. */
    public function testTheBandOfAMonthIsThatOfALibraryOfStatistics(): void
    {
        $file = \dirname(__DIR__, 2).'/var/reference-quantiles.json';
        self::assertFileExists($file, 'Run node tests/Reference/quantiles.mjs var/reference-quantiles.json first; bin/test does.');
        $cases = json_decode((string) file_get_contents($file), true, 8, \JSON_THROW_ON_ERROR);
        self::assertCount(60, $cases);
        foreach ($cases as $case) {
            $months = array_map(
                static fn (array $pages, int $i): PlannedMonth => new PlannedMonth(new Month(2027, $i + 1), $pages[0], $pages[1]),
                $case['months'],
                array_keys($case['months']),
            );
            $lasting = Lasting::of($months, $case['overruns'], $case['next'], 1_000);
            foreach (array_values($lasting->ends) as $i => $band) {
                foreach ($i < 2 ? [] : [0, 1] as $end) {
                    self::assertEqualsWithDelta($case['ends'][$i][$end], $band[$end], 1, "month $i of ".json_encode($case));
                }
            }
        }
    }

    /** Twelve months, ten thousand years by lot: within the error of so many throws. */
    public function testAYearOfTwelveMonthsIsAsDiceHaveIt(): void
    {
        mt_srand(12);
        $months = self::months(12);
        $overruns = [0, 0, 1, -1, 2, 0, 3];
        $last = 20 + array_sum(array_map(static fn (PlannedMonth $one): int => $one->right, $months)) + 4;
        $lasts = 0;
        for ($year = 0; $year < 10_000; ++$year) {
            $page = 20;
            foreach ($months as $month) {
                $page += max(0, $month->pagesFrom($page) + $overruns[mt_rand(0, 6)]);
            }
            $lasts += $page - 1 <= $last ? 1 : 0;
        }
        $share = Lasting::of($months, $overruns, 20, $last)->share;
        self::assertGreaterThan(0.05, $share);
        self::assertLessThan(0.95, $share);
        // Four standard errors.
        self::assertEqualsWithDelta($share, $lasts / 10_000, 0.02);
    }

    public function testWhatIsKnownOnlyFromMemoryIsSaidSoAndNarrowsWithEachMonth(): void
    {
        $months = self::months(6);
        self::assertFalse(Lasting::of($months, [], 10, 90)->isOwn);
        self::assertFalse(Lasting::of($months, [1, 1, 1], 10, 90)->isOwn);
        self::assertTrue(Lasting::of($months, [1, 1, 1, 1], 10, 90)->isOwn);
        $sure = Lasting::of($months, [0, 0, 0, 0], 10, 300);
        self::assertSame([100, 0, []], [$sure->ofHundred(), $sure->more, $sure->where()]);
        $never = Lasting::of($months, [0, 0, 0, 0], 10, 12);
        self::assertSame([0, ['2027-01']], [$never->ofHundred(), $never->where()]);
        self::assertSame([100, []], [Lasting::of([], [], 10, 5)->ofHundred(), Lasting::of([], [], 10, 5)->where()]);
    }

    public function testItIsSaidInASentence(): void
    {
        mt_srand(1);
        $months = self::months(3);
        $says = static fn (array $overruns, int $last): string => LastingWords::of(Lasting::of($months, $overruns, 10, $last), new Names('en'));
        self::assertSame('Lasts in all years like your last months.', $says([0, 0, 0, 0], 300));
        self::assertStringStartsWith('Lasts in none of 100 years like your last months: it runs out in January 2027. ', $says([9, 9, 9, 9], 12));
        self::assertMatchesRegularExpression('/^Lasts in \d+ of 100 years as most people’s .*; in the others it runs out in .*March 2027\. \d+ pages? more would make it 99\.$/', $says([], 10 + array_sum(array_map(static fn (PlannedMonth $one): int => $one->right, $months))));
    }

    /** @return list<PlannedMonth> */
    private static function months(int $count): array
    {
        return array_map(static function (Month $month): PlannedMonth {
            $left = mt_rand(2, 6);

            return new PlannedMonth($month, $left, $left + mt_rand(0, 1));
        }, (new Month(2027, 1))->run($count));
    }

    /**
     * @param list<int> $of
     *
     * @return iterable<list<int>>
     */
    private static function sequences(array $of, int $length): iterable
    {
        if (0 === $length) {
            yield [];

            return;
        }
        foreach ($of as $first) {
            foreach (self::sequences($of, $length - 1) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }
}
