<?php

/* The canvas: marks belong to the step begun last, ticks say their counts, words shrink into their places. */

declare(strict_types=1);

namespace Tests\Drawing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Part\EdgeTicks;
use PHPUnit\Framework\TestCase;

final class CanvasTest extends TestCase
{
    public function testMarksBelongToTheStepBegunLastAndItsNote(): void
    {
        $canvas = new Canvas(26, 38, done: 4);
        $canvas->line(Layer::Ink, 0, 0, 1, 0);
        $canvas->step(Task::Ink, 'Rule it.', 'rows');
        $canvas->frame(Layer::Ink, 1, 2, 3, 4);
        $canvas->step(Task::Write, 'Write it.');
        $canvas->ring(Layer::Ink, Fraction::of(1, 3), 0, 1, 1);
        $page = $canvas->finish();
        self::assertSame([4, 5, 6], array_map(static fn (Mark $mark): int => $mark->step, $page->marks));
        self::assertSame([null, 'rows', null], array_map(static fn (Mark $mark): ?string => $mark->note, $page->marks));
        self::assertSame([5, 6], [$page->steps[0]->number, $page->steps[1]->number]);
        self::assertSame(6, $canvas->steps());
        self::assertSame([840, 1680, 2520, 3360], [$page->marks[1]->x, $page->marks[1]->y, $page->marks[1]->wide, $page->marks[1]->tall]);
        self::assertSame(280, $page->marks[2]->x, 'a third of a box is a whole number of grains');
    }

    public function testTheSameWordsTwiceAreTwoStepsAndOtherWordsAnother(): void
    {
        $canvas = new Canvas(26, 38);
        foreach (['Rule it.', 'Rule it.', 'Rule them.'] as $text) {
            $canvas->step(Task::Ink, $text);
        }
        $keys = array_column($canvas->finish()->steps, 'key');
        self::assertCount(3, array_unique($keys));
        $again = new Canvas(26, 38);
        $again->step(Task::Ink, 'Rule it.');
        self::assertSame($keys[0], $again->finish()->steps[0]->key, 'a tick is kept as long as the words are');
    }

    /** 26 in 4: 4 × 6 + 2 left over; ticks at 6, 12, 18, 24, two left at the end. */
    public function testTicksSayWhereFromTickToTickAndWhatIsLeft(): void
    {
        $division = Division::of(26, 4) ?? self::fail();
        $canvas = new Canvas(26, 38);
        $ticks = EdgeTicks::division(Edge::Top, $division, 'across');
        $canvas->tickAll($ticks->edge, $ticks->within(26)->places, $ticks->why, $ticks->note);
        $page = $canvas->finish();
        $step = $page->steps[0];
        self::assertSame(Edge::Top, $step->edge);
        self::assertCount(\count($step->ticks), $page->marks, 'a mark for every tick');
        foreach ($page->marks as $i => $mark) {
            self::assertSame([(int) $step->ticks[$i] * Grain::PER_BOX, 0, 0, 210], [$mark->x, $mark->y, $mark->wide, $mark->tall]);
            self::assertSame(Layer::Pencil, $mark->layer);
        }
        self::assertSame(1, preg_match('/From tick to tick: (.+); (.+) box(?:es)? left at the end\.$/u', $step->text, $said));
        self::assertSame(26, array_sum(array_map(intval(...), explode(', ', $said[1]))) + (int) $said[2]);
    }

    public function testTicksOfAPartStandAsFarInAsItBegins(): void
    {
        $canvas = new Canvas(26, 38, Tally::Dots);
        $ticks = EdgeTicks::division(Edge::Side, Division::of(35, 5) ?? self::fail(), 'down', 3);
        $canvas->tickAll($ticks->edge, $ticks->within(38)->places, $ticks->why, $ticks->note);
        $page = $canvas->finish();
        self::assertSame([3, 10, 17, 24, 31], array_map(static fn (Mark $mark): int => intdiv($mark->y, Grain::PER_BOX), $page->marks));
        self::assertSame(['4', '11', '18', '25', '32'], $page->steps[0]->ticks, 'who counts dots counts the first one too');
    }

    public function testWordsShrinkUntilTheyFitTheirPlaceAndNeverGrow(): void
    {
        $canvas = new Canvas(26, 38);
        foreach (['A', str_repeat('w', 200), '漢字漢字'] as $text) {
            $canvas->words(Layer::Writing, 5, 0, 4, 1, $text);
            $canvas->words(Layer::Writing, 5, 0, 4, 1, $text, Align::Middle);
        }
        foreach ($canvas->finish()->marks as $mark) {
            self::assertInstanceOf(Words::class, $mark);
            self::assertLessThanOrEqual(630, $mark->size, 'three quarters of a box');
            self::assertLessThanOrEqual($mark->wide, mb_strwidth($mark->text) * $mark->size * 60 / 100, $mark->text);
            self::assertGreaterThan(0, $mark->size);
        }
    }

    public function testWordsAtTheLeftEdgeBeginBehindItsTicks(): void
    {
        $canvas = new Canvas(26, 38);
        $canvas->words(Layer::Writing, 0, 0, 10, 1, 'Title');
        $canvas->words(Layer::Writing, 0, 0, 1, 1, '7');
        $canvas->words(Layer::Writing, 0, 0, 10, 1, 'Middle', Align::Middle);
        [$title, $figure, $middle] = $canvas->finish()->marks;
        self::assertSame([280, 8_120], [$title->x, $title->wide]);
        self::assertSame([0, 840, 0], [$figure->x, $figure->wide, $middle->x]);
    }

    public function testRoomSaysItsWholeLinesAndIsPencilledOnlyByPencil(): void
    {
        $canvas = new Canvas(26, 38);
        self::assertSame([22, 34, 0], [
            $canvas->room('a', 'A', 0, 4, 26, 34, Fraction::of(3, 2)),
            $canvas->room('b', 'B', 0, 4, 26, 34, 1),
            $canvas->room('c', 'C', 0, 4, 26, 1, 2),
        ]);
        $canvas->words(Layer::Pencil, 0, 0, 2, 1, 'faint');
        self::assertFalse($canvas->isPencilled(), 'faint words stay');
        $canvas->tick(Edge::Top, 3);
        self::assertTrue($canvas->isPencilled());
        $why = new Finding('x', 'It does not fit.');
        self::assertSame([$why], $canvas->finish([$why])->findings);
    }
}
