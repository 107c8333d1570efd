<?php

/* Every kind of mark is visited as itself, and stays what it is when it moves. */

declare(strict_types=1);

namespace Tests\Drawing;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\MarkVisitor;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use App\Api\MarkRows;
use PHPUnit\Framework\TestCase;

final class MarksTest extends TestCase
{
    public function testEveryMarkIsVisitedAsWhatItIs(): void
    {
        $names = new class implements MarkVisitor {
            public function line(Line $line): string
            {
                return 'line';
            }

            public function frame(Frame $frame): string
            {
                return 'frame';
            }

            public function band(Band $band): string
            {
                return 'band';
            }

            public function ring(Ring $ring): string
            {
                return 'ring';
            }

            public function words(Words $words): string
            {
                return $words->text;
            }
        };
        $said = $rows = [];
        foreach ($this->one() as $mark) {
            $said[] = $mark->visit($names);
            $rows[] = $mark->visit(new MarkRows())[0];
            self::assertSame(!$mark instanceof Line, $mark->takesRoom());
        }
        self::assertSame(['line', 'frame', 'band', 'ring', 'Tram'], $said);
        self::assertSame(['line', 'frame', 'band', 'ring', 'words'], $rows);
    }

    public function testAMovedMarkIsTheSameLowerDownAndLater(): void
    {
        foreach ($this->one() as $mark) {
            $moved = $mark->moved(840, 3, 'l');
            self::assertSame($mark::class, $moved::class);
            $differ = array_keys(array_filter(
                get_object_vars($moved),
                static fn (mixed $value, string $name): bool => $value !== get_object_vars($mark)[$name],
                \ARRAY_FILTER_USE_BOTH,
            ));
            self::assertSame(['y', 'step', 'note'], array_values(array_intersect(['y', 'step', 'note'], $differ)));
            self::assertCount(3, $differ, 'and nothing else');
            self::assertSame([$mark->y + 840, $mark->step + 3, "l$mark->note"], [$moved->y, $moved->step, $moved->note]);
        }
    }

    /** @return list<\AmpleMargin\Drawing\Mark> one of each */
    private function one(): array
    {
        $canvas = new Canvas(26, 38);
        $canvas->step(Task::Ink, 'Draw.', 'note');
        $canvas->pen('#1f5fa8');
        $canvas->line(Layer::Ink, 0, 1, 2, 0);
        $canvas->frame(Layer::Ink, 0, 1, 2, 3);
        $canvas->band(0, 1, 2, 3);
        $canvas->ring(Layer::Ink, 0, 1, 2, 3);
        $canvas->words(Layer::Writing, 3, 1, 4, 1, 'Tram', Align::End);

        return $canvas->finish()->marks;
    }
}
