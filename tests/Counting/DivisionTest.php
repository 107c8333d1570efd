<?php

declare(strict_types=1);

namespace Tests\Counting;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Ticks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DivisionTest extends TestCase
{
    /** Common practice, no source: what people read off their spacing sheets. */
    public static function checkValues(): iterable
    {
        foreach ([
            [26, 2, 12, 2, 0],
            [26, 3, 8, 1, 0],
            [26, 4, 5, 2, 0],
            [26, 5, 4, 1, 2],
            [26, 7, 2, 2, 0],
            [38, 2, 18, 2, 0],
            [38, 3, 12, 1, 0],
            [38, 4, 8, 2, 0],
            [38, 5, 6, 2, 0],
            [38, 6, 5, 1, 3],
            [38, 7, 4, 1, 4],
            [34, 7, 4, 1, 0],
        ] as [$side, $parts, $size, $gap, $left]) {
            yield "$side boxes in $parts containers: $size, gap $gap, $left left" => [$side, $parts, $size, $gap, $left];
        }
    }

    #[DataProvider('checkValues')]
    public function testTheBestGapIsWhatPeopleUse(int $side, int $parts, int $size, int $gap, int $left): void
    {
        $division = Division::containers($side, $parts);

        self::assertNotNull($division);
        self::assertSame([$size, $gap, $left], [$division->size(), $division->gap, $division->remainder]);
    }

    public function testAThirdOf26WithGapsIsSaidAsARunAndTicked(): void
    {
        $division = Division::containers(26, 3) ?? self::fail();

        self::assertSame('8, skip 1, 8, skip 1, 8', $division->run());
        self::assertSame(['8', '9', '17', '18'], array_map(strval(...), $division->ticks()));
        self::assertSame(['8', '1', '8', '1'], array_map(strval(...), Ticks::at($division->ticks())->fromLast()));
        self::assertSame('8', (string) Ticks::at($division->ticks())->left(26));
        self::assertSame('26 boxes = 3 × 8 + 2 × 1', $division->working());
    }

    /** Common practice, no source. */
    public static function symmetric(): iterable
    {
        yield '26 in 4 reads 6·7·7·6' => [26, 4, 0, '6, 7, 7, 6'];
        yield '38 in 3 reads 13·12·13' => [38, 3, 0, '13, 12, 13'];
        yield '27 in 2 with a gap of 1 reads 13, gap, 13' => [27, 2, 1, '13, skip 1, 13'];
    }

    #[DataProvider('symmetric')]
    public function testARemainderGoesIntoThePartsSymmetrically(int $side, int $parts, int $gap, string $run): void
    {
        self::assertSame($run, Division::of($side, $parts, $gap, Remainder::IntoParts)?->run());
    }

    public function testAnOddRemainderInAnEvenNumberOfPartsHasNoSymmetricAnswer(): void
    {
        self::assertNull(Division::of(27, 2, 0, Remainder::IntoParts));
    }

    public function testExactFractionsFallBetweenDots(): void
    {
        self::assertSame('6½, 6½, 6½, 6½', Division::of(26, 4, 0, Remainder::Exact)?->run());
        self::assertSame('8⅔, 8⅔, 8⅔', Division::of(26, 3, 0, Remainder::Exact)?->run());
    }

    /** Every side up to 80, up to 12 parts, gaps up to 4, against the plain definition of each school. */
    public function testEveryDivisionFillsItsSideAndKeepsItsPromise(): void
    {
        $seen = 0;
        for ($side = 1; $side <= 80; ++$side) {
            for ($parts = 1; $parts <= 12; ++$parts) {
                for ($gap = 0; $gap <= 4; ++$gap) {
                    foreach ([
                        Remainder::Outside,
                        Remainder::After,
                        Remainder::IntoGaps,
                        Remainder::IntoParts,
                        Remainder::Exact,
                    ] as $policy) {
                        $seen += $this->check($side, $parts, $gap, $policy);
                    }
                }
            }
        }
        self::assertGreaterThan(10_000, $seen);
    }

    private function check(int $side, int $parts, int $gap, Remainder $policy): int
    {
        $division = Division::of($side, $parts, $gap, $policy);
        $largest = 0;
        while ($parts * ($largest + 1) + ($parts - 1) * $gap <= $side) {
            ++$largest;
        }
        $left = $side - $parts * $largest - ($parts - 1) * $gap;
        $about = "$side in $parts, gap $gap, $policy->value";
        if (0 === $largest) {
            self::assertNull($division, $about);

            return 1;
        }
        if (null === $division) {
            // The only refusals: no symmetric answer, or no gap to put anything into.
            self::assertTrue((Remainder::IntoParts === $policy && 0 === $parts % 2 && 1 === $left % 2)
                || (Remainder::IntoGaps === $policy && (1 === $parts || (1 === $parts % 2 && 1 === $left % 2))), $about);

            return 1;
        }
        $sum = Fraction::of($division->before + $division->after + array_sum($division->gaps));
        foreach ($division->parts as $part) {
            self::assertGreaterThanOrEqual(0, $part->compare(1), $about);
            $sum = $sum->plus($part);
        }
        self::assertTrue($sum->equals($side), "$about fills the side");
        $spans = $division->spans();
        self::assertGreaterThanOrEqual(0, $spans[0]['from']->compare(0));
        self::assertLessThanOrEqual(0, end($spans)['to']->compare($side));
        self::assertSame(
            array_reverse(array_map(strval(...), $division->parts)),
            array_map(strval(...), $division->parts),
            "$about reads the same from both ends",
        );
        self::assertSame(array_reverse($division->gaps), $division->gaps, $about);
        if (Remainder::Outside === $policy) {
            self::assertSame([intdiv($left, 2), $left - intdiv($left, 2)], [$division->before, $division->after], $about);
        }

        return 1;
    }

    public function testTheBestGapLeavesLeastOfAllGapsThatAreNoWiderThanAPart(): void
    {
        for ($side = 3; $side <= 80; ++$side) {
            for ($parts = 2; $parts <= 12; ++$parts) {
                $best = null;
                foreach ([1, 2, 3] as $gap) {
                    $size = intdiv($side - ($parts - 1) * $gap, $parts);
                    $left = $side - $parts * $size - ($parts - 1) * $gap;
                    if ($side > ($parts - 1) * $gap && $size >= $gap && (null === $best || $left < $best[1])) {
                        $best = [$gap, $left];
                    }
                }
                $found = Division::containers($side, $parts);
                self::assertSame($best, null === $found ? null : [$found->gap, $found->remainder], "$side in $parts");
            }
        }
    }
}
