<?php

/* Pieces on sheets: never over one another, never off the sheet, and hardly ever on more sheets than there must be. */

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Sheet\Tray\Bound;
use AmpleMargin\Sheet\Tray\KnifeLines;
use AmpleMargin\Sheet\Tray\Packed;
use AmpleMargin\Sheet\Tray\Packing;
use AmpleMargin\Sheet\Tray\Put;
use PHPUnit\Framework\TestCase;
use Tests\Thorough;

final class PackingTest extends TestCase
{
    /** Against every way to lay up to five pieces on a sheet of up to 8 × 8: the fewest sheets are found, and the bound is no higher. */
    public function testNoWayToPackFewPiecesTakesFewerSheets(): void
    {
        $above = 0;
        $trials = Thorough::of(120, 1_500);
        for ($seed = 1; $seed <= $trials; ++$seed) {
            mt_srand($seed);
            [$wide, $tall] = [mt_rand(4, 8), mt_rand(4, 8)];
            $sizes = [];
            for ($i = mt_rand(2, 5); $i > 0; --$i) {
                $sizes[] = [mt_rand(1, 6), mt_rand(1, 6)];
            }
            $packed = Packing::of($sizes, $wide, $tall);
            $this->isSound($packed, $sizes, $wide, $tall, "seed $seed");
            $fitting = array_values(array_diff_key($sizes, array_flip($packed->left)));
            $fewest = self::fewest($fitting, $wide, $tall);
            self::assertLessThanOrEqual($fewest, $packed->bound, "seed $seed: the bound is proven");
            self::assertLessThanOrEqual($fewest + 1, \count($packed->sheets), "seed $seed");
            $above += \count($packed->sheets) > $fewest ? 1 : 0;
        }
        self::assertLessThanOrEqual($trials / 100, $above, 'trials with a sheet too many');
    }

    public function testManyPiecesStayNearTheBound(): void
    {
        $spare = 0;
        for ($seed = 1; $seed <= 20; ++$seed) {
            mt_srand($seed);
            $sizes = [];
            for ($i = 0; $i < 60; ++$i) {
                $sizes[] = [1_000 * mt_rand(15, 120), 1_000 * mt_rand(15, 120)];
            }
            $packed = Packing::of($sizes, 200_000, 277_000);
            $this->isSound($packed, $sizes, 200_000, 277_000, "seed $seed");
            $spare += \count($packed->sheets) - $packed->bound;
        }
        self::assertLessThanOrEqual(20, $spare, 'sheets above the bound, in twenty trays of sixty pieces');
    }

    /** 200 × 277 mm holds 10 × 27 labels of 20 × 10 upright; two thousand take eight sheets, which their area needs too. */
    public function testTwoThousandLabelsTakeTheSheetsTheirAreaNeeds(): void
    {
        $sizes = array_fill(0, 2_000, [20_000, 10_000]);
        $packed = Packing::of($sizes, 200_000, 277_000);
        $this->isSound($packed, $sizes, 200_000, 277_000, 'labels');
        self::assertSame([8, 8], [\count($packed->sheets), $packed->bound]);
    }

    public function testWhatIsLargerThanTheSheetIsLeftAndTheRestIsPacked(): void
    {
        $packed = Packing::of([[300, 10], [20, 20], [210, 210], [190, 10]], 200, 280);
        self::assertSame([0, 2], $packed->left);
        self::assertCount(1, $packed->sheets);
        self::assertSame([], Packing::of([], 200, 280)->sheets);
        self::assertSame(0, Packing::of([], 200, 280)->bound);
    }

    /** Two cards with a back and pieces without lie so that one sheet is printed twice, not two. */
    public function testWhatHasABackSharesASheet(): void
    {
        $sizes = [[100, 100], [60, 60], [100, 100], [60, 60], [100, 100], [100, 100], [100, 100], [100, 100]];
        $packed = Packing::of($sizes, 200, 280, [1 => true, 3 => true]);
        $backs = array_filter($packed->sheets, static fn (array $sheet): bool => [] !== array_filter(
            $sheet,
            static fn (Put $put): bool => \in_array($put->piece, [1, 3], true),
        ));
        self::assertCount(1, $backs);
    }

    /** What fits upright is not turned: a page alone on its sheet, and twelve months beside one another. */
    public function testNothingIsTurnedThatNeedNotBe(): void
    {
        foreach ([[[125, 176]], array_fill(0, 12, [35, 40]), [[130, 190], [60, 80], [60, 80]]] as $sizes) {
            $packed = Packing::of($sizes, 200, 277);
            $this->isSound($packed, $sizes, 200, 277, 'upright');
            self::assertSame([], array_filter(array_merge(...$packed->sheets), static fn (Put $put): bool => $put->turned));
        }
        self::assertTrue(Packing::of([[270, 100]], 200, 277)->sheets[0][0]->turned, 'what must be turned is');
    }

    /** Three squares of 1 side by side: their shared edges are cut once, the outer ones along their whole length. */
    public function testSharedEdgesAreCutOnce(): void
    {
        $lines = KnifeLines::of([[0, 0, 1, 1], [1, 0, 2, 1], [2, 0, 3, 1], [5, 5, 6, 6]]);
        $said = array_map(static fn ($line): string => "$line->x $line->y $line->toX $line->toY", $lines);
        self::assertEqualsCanonicalizing(
            ['0 0 3 0', '0 1 3 1', '0 0 0 1', '1 0 1 1', '2 0 2 1', '3 0 3 1', '5 5 6 5', '5 6 6 6', '5 5 5 6', '6 5 6 6'],
            $said,
        );
    }

    /** Half of a sheet and a bit: two such pieces never share one, though their area is little more than one sheet’s. */
    public function testTheBoundSeesMoreThanArea(): void
    {
        self::assertSame(4, Bound::of(array_fill(0, 4, [60, 60]), 100, 100));
        self::assertSame(1, Bound::of([[60, 30]], 30, 60));
        self::assertSame(2, Bound::of(array_fill(0, 5, [50, 50]), 100, 100));
    }

    /** @param list<array{int, int}> $sizes */
    private function isSound(Packed $packed, array $sizes, int $wide, int $tall, string $about): void
    {
        $seen = $packed->left;
        foreach ($packed->sheets as $sheet) {
            foreach ($sheet as $i => $put) {
                $seen[] = $put->piece;
                $size = $put->turned ? array_reverse($sizes[$put->piece]) : $sizes[$put->piece];
                self::assertSame($size, [$put->wide, $put->tall], $about);
                self::assertTrue($put->x >= 0 && $put->y >= 0 && $put->x + $put->wide <= $wide && $put->y + $put->tall <= $tall, $about);
                foreach (\array_slice($sheet, $i + 1) as $other) {
                    self::assertTrue(
                        $put->x + $put->wide <= $other->x || $other->x + $other->wide <= $put->x
                            || $put->y + $put->tall <= $other->y || $other->y + $other->tall <= $put->y,
                        "$about: two pieces lie over one another",
                    );
                }
            }
        }
        sort($seen);
        self::assertSame(array_keys($sizes), $seen, "$about: every piece once");
    }

    /**
     * By trying everything: which pieces share a sheet, and on it every corner of whole units for each, upright and turned.
     *
     * @param list<array{int, int}> $sizes
     */
    private static function fewest(array $sizes, int $wide, int $tall): int
    {
        $n = \count($sizes);
        $fits = [];
        for ($set = 1; $set < 1 << $n; ++$set) {
            $some = array_values(array_filter($sizes, static fn (int $i): bool => 0 !== ($set >> $i & 1), \ARRAY_FILTER_USE_KEY));
            $fits[$set] = self::fit($some, $wide, $tall, []);
        }
        $best = [0 => 0];
        for ($set = 1; $set < 1 << $n; ++$set) {
            $best[$set] = \PHP_INT_MAX;
            for ($sub = $set; $sub > 0; $sub = ($sub - 1) & $set) {
                if ($fits[$sub]) {
                    $best[$set] = min($best[$set], 1 + $best[$set ^ $sub]);
                }
            }
        }

        return $best[(1 << $n) - 1];
    }

    /**
     * @param list<array{int, int}>           $sizes
     * @param list<array{int, int, int, int}> $laid
     */
    private static function fit(array $sizes, int $wide, int $tall, array $laid): bool
    {
        $size = array_shift($sizes);
        if (null === $size) {
            return true;
        }
        foreach ([$size, array_reverse($size)] as [$w, $h]) {
            for ($y = 0; $y + $h <= $tall; ++$y) {
                for ($x = 0; $x + $w <= $wide; ++$x) {
                    foreach ($laid as [$left, $top, $right, $foot]) {
                        if ($x < $right && $x + $w > $left && $y < $foot && $y + $h > $top) {
                            continue 2;
                        }
                    }
                    if (self::fit($sizes, $wide, $tall, [...$laid, [$x, $y, $x + $w, $y + $h]])) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
