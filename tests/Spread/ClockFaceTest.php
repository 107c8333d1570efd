<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Filling\ClockFace;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class ClockFaceTest extends TestCase
{
    /** Wherever it stands: each stroke points to the middle at its own angle, from one circle to the other, and its figure lies beyond it. */
    public function testEveryHourStandsAtItsAngle(): void
    {
        foreach (['24', '12'] as $hours) {
            foreach ([[26, 38], [17, 28], [31, 46], [12, 60]] as [$across, $down]) {
                foreach ([0, 2] as $beside) {
                    $leaf = FilledPart::of(new ClockFace())->with(['clock_hours' => $hours]);
                    $form = new Parted(0 === $beside ? $leaf : Parting::across([Size::boxes($beside), FilledPart::of(new Lines())], [Size::share(), $leaf])->gap(0));
                    $laid = $form->layOut(Asking::of($form, [], $across, $down));
                    if (null !== $laid->broken()) {
                        continue;
                    }
                    $this->isAClock($laid->drawings()[0], (int) $hours, "$hours on $across × $down beside $beside");
                }
            }
        }
    }

    private function isAClock(PageDrawing $page, int $hours, string $about): void
    {
        $rings = array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Ring));
        self::assertCount(2, $rings, $about);
        usort($rings, static fn (Mark $one, Mark $other): int => $other->wide <=> $one->wide);
        [$x, $y] = [$rings[0]->x + $rings[0]->wide / 2, $rings[0]->y + $rings[0]->tall / 2];
        self::assertSame([0.0, 0.0], [fmod($x, Grain::PER_BOX), fmod($y, Grain::PER_BOX)], "$about: its middle is on a dot");
        $strokes = array_values(array_filter(
            $page->marks,
            static fn (Mark $mark): bool => $mark instanceof Line && Layer::Ink === $mark->layer && str_contains((string) $mark->note, 'clock'),
        ));
        self::assertCount($hours, $strokes, $about);
        foreach ($strokes as $hour => $stroke) {
            foreach ([[$stroke->x, $stroke->y, $rings[1]], [$stroke->x + $stroke->wide, $stroke->y + $stroke->tall, $rings[0]]] as [$atX, $atY, $ring]) {
                self::assertEqualsWithDelta($ring->wide / 2, hypot($atX - $x, $atY - $y), Grain::PER_BOX / 20, "$about, hour $hour: on its circle");
                $angle = fmod(rad2deg(atan2($atX - $x, $y - $atY)) + 360, 360);
                self::assertEqualsWithDelta(0, fmod(abs($angle - 360 / $hours * $hour) + 180, 360) - 180, 1.0, "$about, hour $hour: its angle");
            }
        }
        $figures = array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words && ctype_digit($mark->text)));
        self::assertSame(
            12 === $hours ? ['12', ...array_map(strval(...), range(1, 11))] : array_map(strval(...), range(0, 23)),
            array_map(static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '', $figures),
            $about,
        );
        foreach ($figures as $figure) {
            $far = hypot($figure->x + $figure->wide / 2 - $x, $figure->y + $figure->tall / 2 - $y);
            self::assertGreaterThan($rings[0]->wide / 2, $far, "$about: beyond the ring");
            self::assertTrue($figure->x >= 0 && $figure->y >= 0 && $figure->x + $figure->wide <= $page->across * Grain::PER_BOX
                && $figure->y + $figure->tall <= $page->down * Grain::PER_BOX, "$about: on the page");
        }
    }
}
