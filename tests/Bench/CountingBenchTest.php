<?php

declare(strict_types=1);

namespace Tests\Bench;

use AmpleMargin\Bench\BenchRegion;
use AmpleMargin\Bench\CountingBench;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Splitting;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use PHPUnit\Framework\TestCase;

final class CountingBenchTest extends TestCase
{
    /**
     * Random regions: the lines stand where the ticks say, the steps from tick to tick add up to the page, the mm are the boxes times the
     * pitch.
     */
    public function testWhatIsDrawnIsWhatIsSaidAndAddsUpToThePage(): void
    {
        mt_srand(7);
        $answers = 0;
        for ($i = 0; $i < 400; ++$i) {
            [$across, $down, $pitch] = [mt_rand(10, 60), mt_rand(14, 80), [3_700, 5_000, 6_350][$i % 3]];
            $edge = Edge::cases()[$i % 2];
            $wide = mt_rand(1, $across);
            $tall = mt_rand(1, $down);
            $region = new BenchRegion($edge, mt_rand(0, $across - $wide), mt_rand(0, $down - $tall), $wide, $tall);
            $bench = new CountingBench($across, $down, $pitch);
            $counted = $bench->count($region, new Splitting(mt_rand(1, 12), mt_rand(0, 5) < 1 ? null : mt_rand(0, 4)));
            $lines = [];
            foreach ($bench->draw($region, $counted)->marks as $mark) {
                self::assertLessThanOrEqual(
                    Grain::of(Edge::Top === $edge ? $region->x + $wide : $region->y + $tall),
                    Edge::Top === $edge ? $mark->x + $mark->wide : $mark->y + $mark->tall,
                );
                if ($mark instanceof Line) {
                    $lines[$mark->note][] = Edge::Top === $edge ? $mark->x : $mark->y;
                }
            }
            foreach ($counted as $one) {
                if (null === $one->split) {
                    self::assertNotSame('', $one->says);
                    continue;
                }
                ++$answers;
                self::assertSame(array_map(Grain::of(...), $one->ticks), $lines[$one->policy->value] ?? []);
                $sum = array_reduce(
                    $one->fromLast,
                    static fn (Fraction $sum, Fraction $step): Fraction => $sum->plus($step),
                    Fraction::of(0),
                );
                self::assertTrue($sum->plus($one->left ?? 0)->equals(Edge::Top === $edge ? $across : $down));
                foreach ($one->ticks as $j => $tick) {
                    self::assertEqualsWithDelta($tick->numerator / $tick->denominator * $pitch, $one->places[$j], 4.0);
                }
            }
        }
        self::assertGreaterThan(600, $answers);
    }

    public function testWhereNothingIsLeftOverThereIsOneAnswerAndEverySchoolHasIt(): void
    {
        $bench = new CountingBench(26, 38, 5_000);
        $region = new BenchRegion(Edge::Top, 0, 0, 26, 38);
        for ($parts = 1; $parts <= 12; ++$parts) {
            for ($gap = 0; $gap <= 4; ++$gap) {
                $free = 26 - ($parts - 1) * $gap;
                $counted = $bench->count($region, new Splitting($parts, $gap));
                self::assertCount($free >= $parts && 0 === $free % $parts ? 1 : 5, $counted, "$parts parts, gap $gap");
            }
        }
        self::assertSame('Exactly, by every school', $bench->count($region, new Splitting(2))[0]->name);
        self::assertSame('13, 13', $bench->count($region, new Splitting(2))[0]->split?->run());
    }

    public function testWhereASchoolHasNoAnswerItSaysWhyAndWhatWouldFit(): void
    {
        $bench = new CountingBench(27, 38, 5_000);
        $region = new BenchRegion(Edge::Top, 0, 0, 27, 38);
        $parts = $bench->count($region, new Splitting(2, 0))[1];
        self::assertNull($parts->split);
        self::assertStringContainsString('With a gap of 1 it does.', $parts->says);
        self::assertSame(1, $parts->otherGap);
        $wide = $bench->count($region, new Splitting(3, 40))[0];
        self::assertSame(
            '2 gaps of 40 take 80 of the 27 boxes: less than a box is left for each part. A gap of 12 is the widest.',
            $wide->says,
        );
        self::assertSame('1, skip 12, 1, skip 12, 1', $bench->count($region, new Splitting(3, 12))[0]->split?->run());
        self::assertStringContainsString('27 parts are the most', $bench->count($region, new Splitting(60, 0))[0]->says);
    }

    public function testWhatIsLeftAfterASlipIsSplitFromWhereThePenStands(): void
    {
        $bench = new CountingBench(26, 38, 5_000);
        $after = $bench->count(new BenchRegion(Edge::Side, 0, 11, 26, 27), new Splitting(5, 1))[0];
        self::assertSame(
            'skip 1, 4, skip 1, 4, skip 1, 4, skip 1, 4, skip 1, 4, skip 1',
            str_replace(', skip 2', ', skip 1', $after->split?->run().', skip 2'),
        );
        self::assertSame('11', (string) $after->ticks[0]);
        self::assertSame(
            '38',
            (string) array_reduce(
                $after->fromLast,
                static fn (Fraction $sum, Fraction $step): Fraction => $sum->plus($step),
                Fraction::of(0),
            )->plus($after->left ?? 0),
        );
    }
}
