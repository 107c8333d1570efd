<?php

/* How long a page dries, and what a pen does on a paper: as it was seen, or from memory. */

declare(strict_types=1);

namespace Tests\Making;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Making\Drying;
use AmpleMargin\Making\PenVerdict;
use AmpleMargin\Plan\Making\Ghost;
use AmpleMargin\Plan\Making\PenSort;
use AmpleMargin\Plan\Making\PenUse;
use AmpleMargin\Plan\Making\TestedPen;
use PHPUnit\Framework\TestCase;

final class DryingTest extends TestCase
{
    public function testAPageInPencilNeedsNoTime(): void
    {
        $page = self::page(static fn (Canvas $canvas) => $canvas->line(Layer::Pencil, 0, 0, 9, 0));
        self::assertSame(0, (new Drying([]))->closes($page));
        self::assertSame(0, Drying::erases(0));
    }

    public function testTheSlowestOfItsPensDecides(): void
    {
        $page = self::page(static function (Canvas $canvas): void {
            $canvas->line(Layer::Ink, 0, 0, 9, 0);
            $canvas->words(Layer::Writing, 0, 1, 9, 1, 'Choir');
        });
        self::assertSame(PenSort::Gel->dries(), (new Drying([]))->closes($page), 'from memory');
        $seen = new TestedPen('a', 'Wet gel', PenSort::Gel, dries: 9, uses: [PenUse::Writing]);
        self::assertSame(9, (new Drying([$seen]))->closes($page));
        $quick = new TestedPen('b', 'Ballpoint', PenSort::Ballpoint, dries: 0, uses: [PenUse::Writing]);
        self::assertSame(9, (new Drying([$seen, $quick]))->closes($page), 'nobody knows which of the two');
        self::assertSame(1, (new Drying([$quick]))->closes($page), 'then the lines');
        self::assertSame([10, 27], [Drying::erases(2), Drying::erases(9)]);
    }

    public function testAPenOfThePaletteDriesWhereItIsUsed(): void
    {
        $red = new TestedPen('a', 'Red paint', PenSort::Opaque, '#c8553d', dries: 40);
        $plain = self::page(static fn (Canvas $canvas) => $canvas->line(Layer::Ink, 0, 0, 9, 0));
        $marked = self::page(static function (Canvas $canvas): void {
            $canvas->pen('#C8553D');
            $canvas->ring(Layer::Ink, 0, 0, 1, 1);
        });
        self::assertSame([1, 40], array_map((new Drying([$red]))->closes(...), [$plain, $marked]));
    }

    /**
     * What docs/trade.md, "Paper and ink", says (practice): alcohol bleeds even on 160 g/m², brush pens and fineliners do
     * not.
     */
    public function testWhatWasNotTestedIsSaidFromMemory(): void
    {
        foreach ([
            [PenSort::Alcohol, 160, true, Ghost::Strong],
            [PenSort::Brush, 160, false, Ghost::None],
            [PenSort::Fineliner, 160, false, Ghost::None],
            [PenSort::Highlighter, 80, false, Ghost::Slight],
            [PenSort::Pencil, 60, false, Ghost::None],
        ] as [$sort, $grammage, $bleeds, $ghosts]) {
            $verdict = PenVerdict::of(new TestedPen('a', 'A pen', $sort), [], $grammage);
            self::assertSame([$bleeds, $ghosts, false], [$verdict->bleeds, $verdict->ghosts, $verdict->seen], $sort->value);
            self::assertStringContainsString("as a {$sort->words()} usually does on $grammage g/m², from memory", $verdict->says);
        }
    }

    public function testWhatWasSeenGoesOverWhatIsRemembered(): void
    {
        $dry = PenVerdict::of(new TestedPen('a', 'Marker', PenSort::Alcohol, bleeds: false, ghosts: Ghost::Slight, dries: 0), [], 160);
        self::assertSame([false, Ghost::Slight, 0, true], [$dry->bleeds, $dry->ghosts, $dry->dries, $dry->seen]);
        self::assertStringNotContainsString('memory', $dry->says);
        $feathers = PenVerdict::of(new TestedPen('a', 'Fountain pen', PenSort::Fountain, bleeds: false, feathers: true), [], 120);
        self::assertStringContainsString('not for small figures', $feathers->says);
    }

    public function testOfTwoTestsTheWorstCounts(): void
    {
        $one = new TestedPen('a', 'Blue gel', PenSort::Gel, bleeds: false, ghosts: Ghost::None, dries: 2);
        $two = new TestedPen('b', 'blue GEL', PenSort::Gel, bleeds: true, ghosts: Ghost::Slight, dries: 6);
        foreach ([$one, $two] as $pen) {
            $verdict = PenVerdict::of($pen, [$one, $two], 80);
            self::assertSame([true, Ghost::Slight, 6], [$verdict->bleeds, $verdict->ghosts, $verdict->dries]);
            self::assertStringContainsString('the worst counts', $verdict->says);
        }
        $other = new TestedPen('c', 'Green gel', PenSort::Gel, bleeds: false);
        self::assertFalse(PenVerdict::of($other, [$one, $two, $other], 80)->bleeds, 'another pen is another pen');
    }

    /** @param \Closure(Canvas): mixed $draw */
    private static function page(\Closure $draw): PageDrawing
    {
        $canvas = new Canvas(26, 38);
        $canvas->step(Task::Ink, 'Draw.');
        $draw($canvas);

        return $canvas->finish();
    }
}
