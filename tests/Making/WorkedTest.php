<?php

/* What there is to draw, counted from marks; minutes grow with every one of them. */

declare(strict_types=1);

namespace Tests\Making;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Making\Pace;
use AmpleMargin\Making\PageSteps;
use AmpleMargin\Making\Worked;
use AmpleMargin\Plan\Making\Work;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class WorkedTest extends TestCase
{
    public function testEveryKindOfWorkIsCountedOnce(): void
    {
        $work = Worked::of([$this->page(static function (Canvas $canvas): void {
            $canvas->step(Task::Cut, 'Cut the leaf.');
            $canvas->tick(Edge::Top, 5);
            $canvas->line(Layer::Ink, 0, 3, 26, 0);
            $canvas->line(Layer::Ink, 0, 3, 0, 20);
            $canvas->line(Layer::Pencil, 0, 0, 0, 38);
            $canvas->frame(Layer::Ink, 1, 4, 8, 8);
            $canvas->ring(Layer::Ink, 3, 3, 1, 1);
            $canvas->band(0, 5, 26, 1);
            $canvas->words(Layer::Writing, 0, 0, 26, 2, 'Tram, choir');
            foreach ([1, 31, 2027] as $figure) {
                $canvas->words(Layer::Writing, 2, 6, 1, 1, (string) $figure);
            }
        }), $this->page(static fn (Canvas $canvas) => $canvas->words(Layer::Writing, 0, 0, 9, 1, '12345'))]);
        self::assertEquals(new Work(figures: 3, words: 2, letters: 16, lines: 6, ticks: 3, bands: 1, cuts: 1, pages: 2), $work);
    }

    public function testMinutesGrowWithEveryThingThereIsToDraw(): void
    {
        $bare = Pace::starting()->minutes(Worked::of([$this->page(static fn () => null)]))->likely;
        self::assertGreaterThan(0, $bare, 'a page is opened, and dried');
        foreach ([
            static fn (Canvas $canvas) => $canvas->line(Layer::Ink, 0, 3, 26, 0),
            static fn (Canvas $canvas) => $canvas->frame(Layer::Ink, 0, 3, 4, 4),
            static fn (Canvas $canvas) => $canvas->ring(Layer::Ink, 0, 3, 1, 1),
            static fn (Canvas $canvas) => $canvas->band(0, 3, 4, 4),
            static fn (Canvas $canvas) => $canvas->words(Layer::Writing, 0, 3, 4, 1, '27'),
            static fn (Canvas $canvas) => $canvas->words(Layer::Writing, 0, 3, 9, 1, 'Choir'),
            static fn (Canvas $canvas) => $canvas->step(Task::Cut, 'Cut it.'),
        ] as $draw) {
            $before = $bare;
            foreach ([200, 400] as $times) {
                $minutes = Pace::starting()->minutes(Worked::of([$this->page(static function (Canvas $canvas) use ($draw, $times): void {
                    for ($i = 0; $i < $times; ++$i) {
                        $draw($canvas);
                    }
                })]))->likely;
                self::assertGreaterThan($before, $minutes);
                $before = $minutes;
            }
        }
    }

    public function testTheStepsOfAPageAreAllOfItsWork(): void
    {
        $book = Composer::compose(Books::sample());
        foreach ($book->spreadPages() as $page) {
            $drawing = $book->drawing($page) ?? self::fail("page $page");
            $steps = Worked::steps($drawing);
            $sum = new Work(pages: 1);
            foreach ($steps as $work) {
                $sum = $sum->plus($work);
            }
            self::assertEquals(Worked::of([$drawing]), $sum, "page $page");
            $seconds = array_sum(array_map(static fn ($step): float => $step->seconds, PageSteps::of($drawing, Pace::starting())));
            self::assertEqualsWithDelta(Pace::starting()->likely($sum), $seconds, 0.001, "page $page: set out, erased and checked among it");
        }
    }

    /** @param \Closure(Canvas): mixed $draw */
    private function page(\Closure $draw): PageDrawing
    {
        $canvas = new Canvas(26, 38);
        $draw($canvas);

        return $canvas->finish();
    }
}
