<?php

declare(strict_types=1);

namespace Tests\Counting;

use AmpleMargin\Counting\Centring;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Counting\Tally;
use PHPUnit\Framework\TestCase;

final class LetteringTest extends TestCase
{
    /** Common practice, no source: four digits 7 wide need 28 boxes and do not fit on 26. */
    public function testAYearInDigitsOfSevenDoesNotFitOn26AndIsMadeSmaller(): void
    {
        $lettering = Lettering::largest('2027', 26, 19) ?? self::fail();

        self::assertSame([5, 2, 26], [$lettering->wide, $lettering->gap, $lettering->width]);
        self::assertSame([0, 7, 14, 21], array_column($lettering->places(), 'from'));
        self::assertTrue(Centring::of(26, $lettering->width)?->isTrue());
    }

    public function testNoLettersEverNeedMoreThanTheSide(): void
    {
        foreach (['A', '2027', 'September', 'Illinois 1111', 'Käytävä', 'هدف', '予定', str_repeat('W', 80)] as $title) {
            for ($side = 1; $side <= 90; ++$side) {
                $lettering = Lettering::largest($title, $side, 30);
                if (null === $lettering) {
                    self::assertGreaterThan($side, mb_strlen($title), "$title in $side");
                    continue;
                }
                $places = $lettering->places();
                $last = end($places) ?: self::fail();
                self::assertSame($lettering->width, $last['from'] + $last['wide']);
                self::assertLessThanOrEqual($side, $lettering->width);
            }
        }
    }

    public function testABlockOfOtherParityStandsHalfABoxOffAndSaysSo(): void
    {
        $centre = Centring::of(26, 23) ?? self::fail();

        self::assertSame([1, 2, false], [$centre->before, $centre->after, $centre->isTrue()]);
        self::assertStringContainsString('half a box off', $centre->working());
        self::assertNull(Centring::of(26, 27));
    }

    public function testTheSameRegionIsOneMoreInDotsThanInBoxes(): void
    {
        self::assertSame('8 boxes', Tally::Boxes->length(8));
        self::assertSame('9 dots', Tally::Dots->length(8));
        self::assertSame('on dots 9, 10', Tally::Dots->places([8, 9]));
        self::assertSame('7½', Tally::Dots->place(Fraction::of(13, 2)));
    }

    public function testFractionsAreWrittenAsOnPaper(): void
    {
        self::assertSame(
            ['6½', '8⅔', '13', '⅐', "11\u{a0}1/7", "3\u{a0}2/9", '−½'],
            array_map(
                strval(...),
                [
                    Fraction::of(13, 2),
                    Fraction::of(26, 3),
                    Fraction::of(26, 2),
                    Fraction::of(1, 7),
                    Fraction::of(78, 7),
                    Fraction::of(29, 9),
                    Fraction::of(-1, 2),
                ],
            ),
        );
        self::assertTrue(Fraction::of(1, 3)->plus(Fraction::of(2, 3))->equals(1));
        self::assertTrue(Fraction::of(26)->minus(Fraction::of(26, 3))->times(3)->equals(52));
        self::assertSame([-1, 3], [Fraction::of(-1, 2)->floor(), Fraction::of(7, 2)->floor()]);
    }
}
