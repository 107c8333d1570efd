<?php

/* Common layouts as bars and words: across, every division as a bar at true size; down, in words. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Spacing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class ContainerTable implements School
{
    public function layOut(Request $request, SpacingAsked $asked): Laid
    {
        [$across, $down] = [$request->grid->across, $request->grid->down];
        $top = Heading::boxes($down, $request->grid->title);
        $bars = [];
        foreach ($asked->across as $divisor) {
            foreach ($asked->divisions($across, $divisor) as $division) {
                $bars[] = [$divisor, $division];
            }
        }
        $words = DivisionTable::tall($asked, $asked->down);
        $pitch = $top + 2 * \count($bars) + $words <= $down ? 2 : 1;
        if ($across < 10 || $top + $pitch * \count($bars) + $words > $down) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                \count($bars)
                    ." bars and $words lines of words need "
                    .($top + \count($bars) + $words)
                    ." boxes down and 10 across; the page has $across × $down. Choose fewer divisors, or print the loose card.",
            ));
        }

        return Laid::page(
            $request->grid,
            fn (Canvas $canvas) => $this->page($canvas, $request, $asked, $bars, $pitch, $words),
            Heading::findings($request),
        );
    }

    /** @param list<array{int, Division}> $bars */
    private function page(Canvas $canvas, Request $request, SpacingAsked $asked, array $bars, int $pitch, int $words): void
    {
        $top = Heading::boxes($canvas->down, $canvas->title);
        $this->bars($canvas, $asked, $bars, $top, $pitch);
        Heading::write($canvas, $request);
        $canvas->step(Task::Write, 'Write into each part of the bars how many boxes it has.', 'bars');
        foreach ($bars as $i => [, $division]) {
            foreach ($division->spans() as $span) {
                $canvas->words(
                    Layer::Writing,
                    $span['from'],
                    $top + $i * $pitch,
                    $division->size(),
                    1,
                    (string) $division->size(),
                    Align::Middle,
                );
            }
        }
        DivisionTable::write($canvas, $asked, 'Down', $canvas->down, $asked->down, 0, $canvas->down - $words, $canvas->across);
        Closing::page($canvas, 'Lay the bars against the top of another page: their ends meet its dots.', 'bars');
    }

    /** @param list<array{int, Division}> $bars */
    private function bars(Canvas $canvas, SpacingAsked $asked, array $bars, int $top, int $pitch): void
    {
        foreach ($bars as $i => [$divisor, $division]) {
            $canvas->working("bar-$i", $division->run(), $division->working());
            $canvas->shows($division);
            $canvas->pen($asked->colour($divisor));
            $canvas->step(Task::Ink, 'Draw in row '.($top + $i * $pitch + 1).' a bar a box tall: '.$division->run().'.', "bar-$i");
            foreach ($division->spans() as $span) {
                $canvas->frame(Layer::Ink, $span['from'], $top + $i * $pitch, $division->size(), 1);
            }
        }
        $canvas->pen(null);
    }
}
