<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Words;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class SpacingSheetTest extends TestCase
{
    /** Shares of a side stand at side × i ÷ divisor, counted here from the divisor alone. */
    public function testTheTicksOfNumberedEdgesAreTheShares(): void
    {
        foreach ([
            [26, 38, [2, 3, 4], [2, 5, 7]],
            [31, 46, [3, 6], [2, 3, 4, 5, 8]],
            [40, 60, [5], [12]],
        ] as [$across, $down, $wide, $tall]) {
            $page = $this->draw(['divisors_across' => $wide, 'divisors_down' => $tall], $across, $down);
            $found = ['top' => [], 'side' => []];
            foreach ($page->marks as $mark) {
                if ($mark instanceof Line && Layer::Ink === $mark->layer) {
                    0 === $mark->wide ? $found['top'][] = $mark->x : $found['side'][] = $mark->y;
                }
            }
            foreach ([['top', $across, $wide], ['side', $down, $tall]] as [$edge, $side, $divisors]) {
                $expected = [];
                foreach ($divisors as $divisor) {
                    for ($i = 1; $i < $divisor; ++$i) {
                        $expected[] = (int) round($side * $i * Grain::PER_BOX / $divisor);
                    }
                }
                self::assertEqualsCanonicalizing($expected, $found[$edge], "$edge of $across × $down");
            }
        }
    }

    public function testEachDivisorHasOneColourOfTheBooksOwnPens(): void
    {
        $page = $this->draw(['divisors_across' => [2, 3], 'divisors_down' => [2, 3]], 26, 38);
        $colours = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Line) {
                $colours[substr((string) $mark->note, -1)][] = $mark->colour;
            }
        }
        self::assertEquals(
            ['2' => ['#1f5fa8'], '3' => ['#c8553d']],
            array_map(static fn (array $all): array => array_values(array_unique($all)), $colours),
        );
        $plain = $this->draw(['coloured' => false], 26, 38);
        self::assertSame([null], array_values(array_unique(array_map(static fn ($mark): ?string => $mark->colour, $plain->marks))));
    }

    /** Common practice, no source: what people read off their sheets for 26 × 38. */
    public function testTheTableSaysTheDivisionsOfTheTrade(): void
    {
        foreach (['edges', 'half', 'table'] as $school) {
            $words = array_map(
                static fn ($mark): string => $mark instanceof Words ? $mark->text : '',
                $this->draw(['school' => $school, 'divisors_down' => [2, 3, 4, 5, 6, 7], 'gaps' => 'with'], 26, 38)->marks,
            );
            foreach ([
                '2 of 18, gap 2',
                '3 of 12, gap 1',
                '4 of 8, gap 2',
                '5 of 6, gap 2',
                '6 of 5, gap 1, 3 left',
                '7 of 4, gap 1, 4 left',
            ] as $said) {
                self::assertContains($said, $words, $school);
            }
        }
    }

    public function testTheBarsOfTheTableAreAtTrueSizeAndAddUp(): void
    {
        $page = $this->draw(['school' => 'table'], 26, 38);
        $bars = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Frame) {
                $bars[$mark->y][] = [intdiv($mark->x, Grain::PER_BOX), intdiv($mark->wide, Grain::PER_BOX)];
            }
        }
        self::assertSame([[0, 13], [13, 13]], $bars[3 * Grain::PER_BOX]);
        self::assertContains([[0, 8], [9, 8], [18, 8]], $bars);
        self::assertContains([[0, 2], [4, 2], [8, 2], [12, 2], [16, 2], [20, 2], [24, 2]], $bars, '7 parts of 2, gap 2');
    }

    public function testEachCornerIsOnePartOfItsDivisor(): void
    {
        $page = $this->draw(
            ['school' => 'corners', 'divisors_across' => [2, 3, 4, 5], 'divisors_down' => [2, 3, 4, 5], 'gaps' => 'without'],
            26,
            38,
        );
        $corners = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Line) {
                $corners[(string) $mark->note][] = 0 === $mark->wide ? $mark->tall : $mark->wide;
            }
        }
        foreach ([2, 3, 4, 5] as $divisor) {
            self::assertSame([(int) round(38 * 840 / $divisor), (int) round(26 * 840 / $divisor)], $corners["corner-$divisor"]);
        }
    }

    public function testThePageOfThePocketSaysHowLargeItIs(): void
    {
        $texts = implode(' ', array_map(static fn (Step $step): string => $step->text, $this->draw(['school' => 'card'], 26, 38)->steps));
        self::assertStringContainsString('its mouth 12 boxes down. It is 27 boxes wide', $texts);
        self::assertStringContainsString('it stands out by 12 boxes', $texts);
    }

    /** @param array<string, mixed> $settings */
    private function draw(array $settings, int $across, int $down): PageDrawing
    {
        $kind = Asking::kind('spacing-sheet');

        return $kind->form->layOut(Asking::of($kind, $settings, $across, $down))->drawings()[0];
    }
}
