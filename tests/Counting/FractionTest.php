<?php

declare(strict_types=1);

namespace Tests\Counting;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Grain;
use Brick\Math\BigRational;
use PHPUnit\Framework\TestCase;

final class FractionTest extends TestCase
{
    /** Outside eye: brick/math's exact rationals, from Packagist. */
    public function testSumsProductsAndOrderAreThoseOfAnExactMathsLibrary(): void
    {
        mt_srand(3);
        for ($i = 0; $i < 4000; ++$i) {
            [$a, $b, $c, $d] = [mt_rand(-90, 90), mt_rand(1, 12), mt_rand(-90, 90), mt_rand(1, 12)];
            [$one, $two] = [Fraction::of($a, $b), Fraction::of($c, $d)];
            [$x, $y] = [BigRational::nd($a, $b), BigRational::nd($c, $d)];
            self::same($x->plus($y), $one->plus($two));
            self::same($x->minus($y), $one->minus($two));
            self::same($x->multipliedBy($y), $one->times($two));
            self::same($x->plus($c), $one->plus($c));
            self::same($x->minus($c), $one->minus($c));
            if (0 !== $c) {
                self::same($x->dividedBy($y), $one->dividedBy($two));
            }
            self::assertSame($x->compareTo($y), $one->compare($two) <=> 0);
            self::assertSame($x->isEqualTo($y), $one->equals($two));
            self::assertSame((int) floor($a / $b), $one->floor());
        }
    }

    public function testNothingIsDividedByNought(): void
    {
        $this->expectException(\DivisionByZeroError::class);
        Fraction::of(1)->dividedBy(Fraction::of(1)->minus(1));
    }

    public function testEveryPartUpToEighthsIsAWholeNumberOfGrains(): void
    {
        for ($divisor = 1; $divisor <= 8; ++$divisor) {
            for ($part = 0; $part <= 40; ++$part) {
                self::assertSame($part * Grain::PER_BOX, Grain::of(Fraction::of($part, $divisor)) * $divisor);
            }
        }
    }

    /** Micrometres are the nearest to boxes × pitch, wherever on the page. */
    public function testGrainsBecomeTheNearestMicrometre(): void
    {
        foreach ([3_700, 5_000, 6_350] as $pitch) {
            for ($grains = 0; $grains <= 80 * Grain::PER_BOX; $grains += 137) {
                self::assertEqualsWithDelta($grains * $pitch / Grain::PER_BOX, Grain::micrometres($grains, $pitch), 0.5);
            }
        }
    }

    private static function same(BigRational $said, Fraction $found): void
    {
        $simple = $said->simplified();
        self::assertSame([$simple->getNumerator()->toInt(), $simple->getDenominator()->toInt()], [$found->numerator, $found->denominator]);
    }
}
