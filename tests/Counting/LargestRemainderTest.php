<?php

/* Shares by largest remainder against a reckoning of its own: exact fractions, one unit at a time. */

declare(strict_types=1);

namespace Tests\Counting;

use AmpleMargin\Counting\LargestRemainder;
use Brick\Math\BigRational;
use PHPUnit\Framework\TestCase;

final class LargestRemainderTest extends TestCase
{
    public function testSharesAddUpAndEachIsWithinOneOfItsExactShare(): void
    {
        for ($seed = 1; $seed <= 2_000; ++$seed) {
            mt_srand($seed);
            $weights = array_map(static fn (): int => mt_rand(0, 9), range(1, mt_rand(1, 14)));
            $weights[] = mt_rand(1, 9);
            $whole = mt_rand(0, 5_000);
            $shares = LargestRemainder::share($whole, $weights, 0 === $seed % 2);
            self::assertSame($whole, array_sum($shares), "seed $seed");
            self::assertSame(array_keys($weights), array_keys($shares));
            $lost = [];
            foreach ($weights as $i => $weight) {
                $exact = BigRational::of($whole * $weight)->dividedBy(array_sum($weights));
                $off = BigRational::of($shares[$i])->minus($exact);
                self::assertTrue($off->abs()->isLessThan(1), "seed $seed, $i");
                $lost[] = [$off->isPositive(), $exact->minus($exact->quotient())];
            }
            // Nobody who was rounded up lost less than somebody who was rounded down.
            foreach ($lost as [$up, $rest]) {
                foreach ($lost as [$otherUp, $otherRest]) {
                    self::assertFalse($up && !$otherUp && $otherRest->isGreaterThan($rest), "seed $seed");
                }
            }
        }
    }

    public function testOfEqualRemaindersTheEarlierOrTheLaterIsServedFirst(): void
    {
        self::assertSame(['a' => 2, 'b' => 2, 'c' => 1], LargestRemainder::share(5, ['a' => 1, 'b' => 1, 'c' => 1]));
        self::assertSame(['a' => 1, 'b' => 2, 'c' => 2], LargestRemainder::share(5, ['a' => 1, 'b' => 1, 'c' => 1], true));
    }
}
