<?php

declare(strict_types=1);

namespace Tests\Counting;

use AmpleMargin\Counting\BlockDigits;
use AmpleMargin\Counting\Centring;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\FoldedTitle;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Counting\Pitched;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Counting\Splitting;
use PHPUnit\Framework\TestCase;

final class SplittingTest extends TestCase
{
    /** Largest remainder: every share is its quota rounded down or up, and the shares add up. */
    public function testARatioAddsUpAndKeepsToItsQuota(): void
    {
        foreach ([[2, 1], [2, 1, 1], [1, 1, 1, 1], [5, 3, 2], [1, 2, 3, 4, 5], [7, 1]] as $ratio) {
            for ($side = 1; $side <= 80; ++$side) {
                for ($gap = 0; $gap <= 4; ++$gap) {
                    $free = $side - (\count($ratio) - 1) * $gap;
                    $division = Division::byRatio($side, $ratio, $gap);
                    if (null === $division) {
                        self::assertTrue($free < \count($ratio) || intdiv($free * min($ratio), array_sum($ratio)) < 1);
                        continue;
                    }
                    self::assertSame($free, array_sum(array_map(static fn (Fraction $part): int => $part->numerator, $division->parts)));
                    foreach ($division->parts as $i => $part) {
                        self::assertLessThan(
                            array_sum($ratio),
                            abs($part->numerator * array_sum($ratio) - $free * $ratio[$i]),
                            "$side by ".implode(':', $ratio),
                        );
                    }
                }
            }
        }
        self::assertSame('13, 7, 6', Division::byRatio(26, [2, 1, 1])?->run());
    }

    public function testTheSmallestSymmetricGapIsTheFirstThatWorks(): void
    {
        self::assertSame(1, Division::smallestSymmetricGap(27, 2));
        self::assertSame('13, skip 1, 13', Division::of(27, 2, 1, Remainder::IntoParts)?->run());
        for ($side = 2; $side <= 80; ++$side) {
            for ($parts = 1; $parts <= 12; ++$parts) {
                $found = Division::smallestSymmetricGap($side, $parts);
                for ($gap = 0; $gap < ($found ?? 40); ++$gap) {
                    $left = $side - ($parts - 1) * $gap;
                    self::assertTrue(
                        $left < $parts || (0 === $parts % 2 && 1 === $left % $parts % 2),
                        "$side in $parts: a gap of $gap would do",
                    );
                }
            }
        }
    }

    public function testAPartIsDividedAgain(): void
    {
        $split = (new Splitting(2, 2, Remainder::Outside, [], 3))->of(38);
        self::assertSame('18 as 6, 6, 6, skip 2, 18 as 6, 6, 6', $split?->run());
        self::assertSame(['6', '12', '18', '20', '26', '32'], array_map(strval(...), $split->ticks()));
        self::assertNull((new Splitting(4, 0, Remainder::Exact, [], 2))->of(26), 'parts between dots are not divided again');
    }

    /** All lengths in µm; compared with placing them one after another. */
    public function testStampsFitAsOftenAsLayingThemDownShows(): void
    {
        for ($room = 10_000; $room <= 140_000; $room += 7_300) {
            foreach ([4_000, 6_500, 12_000] as $each) {
                foreach ([0, 1_500] as $between) {
                    $laid = 0;
                    for ($at = 0; $at + $each <= $room; $at += $each + $between) {
                        ++$laid;
                    }
                    $placed = Pitched::on($room, $each, $between);
                    self::assertSame($laid, $placed->count ?? 0);
                    self::assertNull(Pitched::on($room, $each, $between, $laid + 1));
                    if (null !== $placed) {
                        self::assertSame($room, $placed->left() + $laid * $each + ($laid - 1) * $between);
                        self::assertLessThanOrEqual(1, abs($placed->start - ($placed->left() - $placed->start)));
                    }
                }
            }
        }
    }

    public function testNoLetterSitsOnTheFold(): void
    {
        foreach (['2027', 'JULY TO DECEMBER', 'Äijänsuo', 'A B', 'خريف', '二〇二七年'] as $title) {
            foreach ([10, 26, 31] as $side) {
                $folded = FoldedTitle::largest($title, $side, 19);
                if (null === $folded) {
                    self::assertLessThan(mb_strlen($title), 2 * $side);
                    continue;
                }
                self::assertLessThanOrEqual($side, $folded->from + $folded->left->width);
                self::assertLessThanOrEqual($side, $folded->air + $folded->right->width);
                self::assertSame(
                    str_replace(' ', '', $title),
                    str_replace(' ', '', implode('', [...$folded->left->letters, ...$folded->right->letters])),
                );
            }
        }
    }

    public function testTwoLinesAllowLargerLettersWhereThereIsASpace(): void
    {
        [$one, $two] = Lettering::onTwoLines('HARBOUR TRAM', 26, 19) ?? self::fail();
        self::assertSame(['HARBOUR', 'TRAM'], [implode('', $one->letters), implode('', $two->letters)]);
        self::assertSame($one->wide, $two->wide);
        self::assertGreaterThan(Lettering::largest('HARBOUR TRAM', 26, 19)->wide ?? 0, $one->wide);
        self::assertNull(Lettering::onTwoLines('HARBOUR', 26, 19));
    }

    /** 148 mm of paper, the first dot 9 mm in: the paper's middle is 74 mm, 13 boxes from the first dot. */
    public function testTheMiddleOfThePaperIsNotTheMiddleOfTheGrid(): void
    {
        self::assertSame(['before' => 8, 'off' => 0], Centring::onPaper(148_000, 9_000, 5_000, 10));
        self::assertSame(
            ['before' => 9, 'off' => 1_000],
            Centring::onPaper(148_000, 5_000, 5_000, 10),
            'from 50 mm to 100 mm: its middle is 75 mm',
        );
        self::assertSame(8, Centring::of(26, 10)?->before);
    }

    /** Every figure differs from every other by two boxes at least, and none touches the next. */
    public function testBlockFiguresCannotBeTakenForOneAnother(): void
    {
        $drawn = [];
        foreach (range(0, 9) as $figure) {
            $boxes = [];
            $block = BlockDigits::largest((string) $figure, 3, 5) ?? self::fail();
            foreach ($block->stretches() as $run) {
                for ($x = 0; $x < $run['wide']; ++$x) {
                    $boxes[] = ($run['x'] + $x).'/'.$run['y'];
                }
            }
            foreach ($drawn as $other => $theirs) {
                self::assertGreaterThanOrEqual(
                    2,
                    \count(array_merge(array_diff($boxes, $theirs), array_diff($theirs, $boxes))),
                    "$figure and $other",
                );
            }
            $drawn[$figure] = $boxes;
        }
        $year = BlockDigits::largest('2027', 31, 20) ?? self::fail();
        self::assertSame([2, 30, 10], [$year->scale, $year->width, $year->tall]);
        self::assertNull(BlockDigits::largest('May', 31, 20));
        self::assertNull(BlockDigits::largest('2027', 14, 20), 'four figures of 3 and three gaps need 15');
    }
}
