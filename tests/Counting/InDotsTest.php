<?php

/* Sentences for who counts dots: a region spans a dot more than it has boxes, a distance is as many dots on, a sum is of spaces. */

declare(strict_types=1);

namespace Tests\Counting;

use AmpleMargin\Counting\InDots;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Catalogue\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class InDotsTest extends TestCase
{
    /** What stays a box for everybody: one that is drawn, or written in. */
    private const REAL = '/small box|guide box|upper left box|third box of|second box of|a letter a box|one figure a box|^Number the boxes'
        .'|Colour one box for each|one box for each|boxes (?:of days|left open|of the)|number of boxes|box(?:es)? to tick/u';

    #[DataProvider('sentences')]
    public function testASentenceInDots(string $inBoxes, string $inDots): void
    {
        self::assertSame($inDots, InDots::step($inBoxes));
    }

    /** @return list<array{string, string}> */
    public static function sentences(): array
    {
        return [
            ['Frame “Why 3 boxes”: 26 boxes across, 6 down.', 'Frame “Why 3 boxes”: 27 dots across, 7 down.'],
            ['Rule 2 frames of 11 × 18 boxes.', 'Rule 2 frames of 12 × 19 dots.'],
            ['Mark the room kept free: 26 × 12 boxes, 130 × 60 mm.', 'Mark the room kept free: 27 × 13 dots, 130 × 60 mm.'],
            ['Rule 10 lines, one every 1½ boxes', 'Rule 10 lines, one every 1½ dots'],
            ['Rule 10 lines, one every box', 'Rule 10 lines, one every dot'],
            ['From tick to tick: 4; 1 box left at the end.', 'From tick to tick: 4; 1 dot left at the end.'],
            ['(26 boxes: 12, skip 2, 12)', '(26 spaces: 12, skip 2, 12)'],
            ['12 months of 2 boxes, a box between (12 × 1 box)', '12 months of 2 dots, a dot between (12 × 1 space)'],
            ['Write the title “A” in the top 1 box.', 'Write the title “A” in the top 2 dots.'],
            ['Leaf 1: ½ box from the outer edge, 8 boxes from the head', 'Leaf 1: on dot 1½ from the outer edge, on dot 9 from the head'],
            ['Draw a small box to tick in every row.', 'Draw a small box to tick in every row.'],
        ];
    }

    public function testNoStepOfAnyKindCountsBoxesForWhoCountsDots(): void
    {
        $steps = 0;
        foreach ((new Catalogue())->spreads() as $kind) {
            [$boxes, $dots] = [self::steps($kind->id, Tally::Boxes), self::steps($kind->id, Tally::Dots)];
            self::assertCount(\count($boxes), $dots);
            foreach ($dots as $i => $step) {
                $own = (string) preg_replace('/“[^”]*”/u', '“…”', $step->text);
                self::assertFalse(str_contains($own, 'box') && 1 !== preg_match(self::REAL, $own), "$kind->id: $step->text");
                self::assertStringNotContainsString(' 1 dots', $own);
                self::assertSame(\count($boxes[$i]->ticks), \count($step->ticks));
                ++$steps;
            }
        }
        self::assertGreaterThan(800, $steps);
    }

    /** @return list<Step> */
    private static function steps(string $kind, Tally $tally): array
    {
        $plan = Books::starter()->with(['spreads' => [new PlannedSpread('one', $kind, Section::Back)], 'counting' => $tally]);

        return array_merge(...array_map(static fn (PageDrawing $page): array => $page->steps, Books::pagesOf($plan, 'one')));
    }
}
