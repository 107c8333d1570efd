<?php

declare(strict_types=1);

namespace Tests\Paper;

use AmpleMargin\Paper\CountEstimate;
use AmpleMargin\Paper\FirstLeaf;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Paper\StockRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StockTest extends TestCase
{
    /** Published: ISO 216:2007, A0 = 841 × 1189 mm and B0 = 1000 × 1414 mm, each size half the one before, rounded down. */
    public function testIsoSizesAreHalvesOfA0AndB0(): void
    {
        foreach (['A' => [841, 1189], 'B' => [1000, 1414]] as $series => [$wide, $tall]) {
            for ($n = 1; $n <= 6; ++$n) {
                [$wide, $tall] = [intdiv($tall, 2), $wide];
                $size = PaperSize::tryFrom("$series$n");
                if (null !== $size) {
                    self::assertSame([$wide * 1000, $tall * 1000], $size->micrometres(), "$series$n");
                }
            }
        }
    }

    /** Published: JIS P 0138, JIS B0 = 1030 × 1456 mm; ANSI/ASME Y14.1, Letter = 8½ × 11 in of 25.4 mm. */
    public function testJisAndLetter(): void
    {
        [$wide, $tall] = [1030, 1456];
        for ($n = 1; $n <= 6; ++$n) {
            [$wide, $tall] = [intdiv($tall, 2), $wide];
        }
        self::assertSame([$wide * 1000, $tall * 1000], PaperSize::JisB6->micrometres());
        self::assertSame([182_000, 257_000], PaperSize::JisB5->micrometres());
        self::assertSame([(int) (8.5 * 25400), 11 * 25400], PaperSize::Letter->micrometres());
    }

    /** Common practice, no source: an A5 book at 5 mm was counted as 26 × 38. */
    public function testTheEstimateForA5IsWhatPeopleCount(): void
    {
        self::assertSame(26, CountEstimate::of(148_000, CountEstimate::MARGIN_ACROSS, 5_000)->boxes);
        self::assertSame(38, CountEstimate::of(210_000, CountEstimate::MARGIN_DOWN, 5_000)->boxes);
        self::assertSame('(210 mm − 20 mm of margins) ÷ 5 mm = 38 boxes', CountEstimate::of(210_000, 20_000, 5_000)->working);
    }

    public static function refused(): iterable
    {
        yield 'no boxes' => [['across' => 0], 'across', 'at least 1'];
        yield 'a negative count' => [['down' => -3], 'down', 'at least 1'];
        yield 'more boxes than fit the paper' => [['across' => 30], 'across', '29 at most'];
        yield 'an odd count of pages' => [['pages' => 191], 'pages', '190 or 192'];
        yield 'no pages' => [['pages' => 0], 'pages', '8 to 1,000'];
        yield 'over 1,000 pages' => [['pages' => 1002], 'pages', '8 to 1,000'];
        yield 'no pitch' => [['pitch' => 0], 'pitch', '2 to 20 mm'];
        yield 'a page as large as a door' => [['height' => 2_000_000], 'height', '50 to 400 mm'];
    }

    #[DataProvider('refused')]
    public function testAStockThatCannotExistNamesItsField(array $changes, string $field, string $words): void
    {
        $stock = $changes + ['width' => 148_000, 'height' => 210_000, 'pitch' => 5_000, 'across' => 26, 'down' => 38, 'pages' => 192];
        try {
            new Stock(...$stock);
            self::fail('It was taken.');
        } catch (StockRefused $refused) {
            self::assertSame($field, $refused->field);
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }

    public function testLeavesAndOpenings(): void
    {
        self::assertSame([1, 1, 2, 96], array_map(Leaf::ofPage(...), [1, 2, 3, 192]));
        self::assertSame([2, 1, 4, 3], array_map(Leaf::reverse(...), [1, 2, 3, 4]));
        self::assertSame([0, 2, 2, 4], array_map(Leaf::openingOf(...), [1, 2, 3, 4]));
        self::assertSame([3, 2, 5], array_map(Leaf::facing(...), [2, 3, 4]));
        self::assertSame([1, 1, 3, 2], array_map(static fn (FirstLeaf $leaf): int => $leaf->firstPage(), FirstLeaf::cases()));
    }
}
