<?php

/* A savings plan on paper: its sums as they are written, its pictures as they are drawn. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class SavingsTest extends TestCase
{
    /** The sums beside the jar stand at levels that divide the drawn outline's area as they divide the aim, within half a box. */
    public function testTheLevelsDivideTheAreaOfTheDrawnJar(): void
    {
        foreach ([[26, 38, 1_200], [26, 38, 977], [17, 28, 5_000], [31, 45, 333], [40, 24, 10_000]] as [$across, $down, $target]) {
            $kind = Asking::kind('savings-picture');
            $page = $kind->form->layOut(Asking::of($kind, ['target' => $target], $across, $down))->drawings()[0];
            $sides = $levels = $sums = [];
            foreach ($page->marks as $mark) {
                if ($mark instanceof Line && 0 !== $mark->tall && 0 !== $mark->x && abs($mark->tall) === Grain::PER_BOX / 2) {
                    $sides[] = [$mark->x, $mark->y, $mark->x + $mark->wide, $mark->y + $mark->tall];
                } elseif ($mark instanceof Line && 0 === $mark->tall && 'levels' === $mark->note) {
                    $levels[] = $mark->y;
                } elseif ($mark instanceof Words && 'levels' === $mark->note) {
                    $sums[] = (int) $mark->text;
                }
            }
            self::assertNotEmpty($levels);
            self::assertSameSize($levels, $sums);
            $slices = self::slices($sides);
            $whole = array_sum($slices);
            foreach ($levels as $i => $level) {
                // Half a box too high and half a box too low enclose the right share.
                $share = $sums[$i] / $target;
                $half = Grain::PER_BOX / 2;
                self::assertLessThanOrEqual($share + 1e-6, self::below($slices, $level + $half) / $whole, "$sums[$i] of $target");
                self::assertGreaterThanOrEqual($share - 1e-6, self::below($slices, $level - $half) / $whole, "$sums[$i] of $target");
            }
            self::assertSame($target, max($sums));
        }
    }

    /**
     * The width of the outline at each grain of its height, measured at the middle of the grain.
     *
     * @param list<array{int, int, int, int}> $sides
     *
     * @return array<int, float> y → width
     */
    private static function slices(array $sides): array
    {
        $slices = [];
        foreach ($sides as [$x, $y, $toX, $toY]) {
            for ($at = min($y, $toY); $at < max($y, $toY); ++$at) {
                $x0 = $x + ($toX - $x) * ($at + 0.5 - $y) / ($toY - $y);
                $slices[$at] = isset($slices[$at]) ? abs($slices[$at] - $x0) : $x0;
            }
        }

        return $slices;
    }

    /** @param array<int, float> $slices */
    private static function below(array $slices, float $level): float
    {
        return array_sum(array_filter($slices, static fn (int $y): bool => $y >= $level, \ARRAY_FILTER_USE_KEY));
    }

    /** What stands in the list adds up row by row, and to the aim; over the pages too. */
    public function testTheListAddsUp(): void
    {
        foreach (['half-months', 'months', 'fortnights', 'weeks'] as $paid) {
            foreach ([[26, 38], [17, 28], [30, 20]] as [$across, $down]) {
                $kind = Asking::kind('savings-plan');
                $settings = ['paid' => $paid, 'target' => 4_321, 'begins' => 21];
                $pages = $kind->form->layOut(Asking::of($kind, $settings, $across, $down))->drawings();
                $figures = [];
                foreach ($pages as $page) {
                    foreach ($page->marks as $mark) {
                        if ($mark instanceof Words && 'amounts' === $mark->note && ctype_digit($mark->text)) {
                            $figures[] = (int) $mark->text;
                        }
                    }
                }
                $sum = 21;
                foreach (array_chunk($figures, 2) as [$amount, $written]) {
                    $sum += $amount;
                    self::assertSame($sum, $written, "$paid on $across × $down");
                }
                self::assertSame(4_321, $sum, "$paid on $across × $down");
            }
        }
    }

    public function testBarsRiseToTheAim(): void
    {
        $page = self::picture(['picture' => 'bars', 'target' => 999]);
        $tall = array_map(
            static fn (Frame $bar): int => $bar->tall,
            array_values(array_filter($page->marks, static fn (object $mark): bool => $mark instanceof Frame)),
        );
        self::assertCount(12, $tall);
        $rising = $tall;
        sort($rising);
        self::assertSame($rising, $tall);
        self::assertSame(33 * Grain::PER_BOX, $tall[11]);
        foreach ($tall as $i => $height) {
            self::assertEqualsWithDelta(33 * ($i + 1) / 12, $height / Grain::PER_BOX, 0.3);
        }
    }

    public function testBoxesAreWorthTheAimTogether(): void
    {
        foreach ([20, 137, 1_200, 5_230, 99_999, 9_999_999] as $target) {
            $page = self::picture(['picture' => 'boxes', 'target' => $target]);
            $working = array_column($page->workings, null, 'note')['boxes']->arithmetic;
            self::assertSame(1, preg_match('/^(\d+) in steps of (\d+): (\d+)/', $working, $said));
            self::assertSame((int) ceil($target / (int) $said[2]), (int) $said[3]);
            $boxes = 0;
            foreach ($page->marks as $mark) {
                $boxes += $mark instanceof Frame || ($mark instanceof Line && 0 === $mark->wide && 'boxes' === $mark->note) ? 1 : 0;
            }
            self::assertSame((int) $said[3], $boxes);
        }
    }

    public function testWhatCannotBeIsSaidInWords(): void
    {
        foreach ([
            'nothing is left to put aside' => ['target' => 100, 'begins' => 100],
            'lies behind the end of the book' => ['paid' => 'weeks', 'first_payday' => '2031-05-01'],
            'No month with a payday bears anything' => ['lighter' => array_map(static fn (int $month): string => "$month 0", range(1, 12))],
            'it is nothing' => ['target' => 5],
            'miss the aim by 1140' => ['each' => 10, 'paid' => 'months', 'target' => 1_260],
            'names no month' => ['lighter' => ['Novembre 50']],
        ] as $says => $settings) {
            foreach (['savings-plan', 'savings-picture'] as $id) {
                if ('savings-picture' === $id && \in_array($says, ['it is nothing', 'names no month', 'miss the aim by 1140'], true)) {
                    continue;
                }
                $kind = Asking::kind($id);
                $findings = array_merge(...$kind->form->layOut(Asking::of($kind, $settings))->findings);
                self::assertStringContainsString($says, implode(' ', array_map(static fn (Finding $one): string => $one->says, $findings)));
            }
        }
    }

    /** @param array<string, mixed> $settings */
    private static function picture(array $settings): PageDrawing
    {
        $kind = Asking::kind('savings-picture');

        return $kind->form->layOut(Asking::of($kind, $settings))->drawings()[0];
    }
}
