<?php

/* Letters in guide boxes on a page: ticked, pencilled, then inked. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Title;

use AmpleMargin\Counting\Lettering;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Heading;

/** @internal to Spread */
final class GuideBoxes
{
    /** @param non-empty-list<array{Lettering, int, int}> $lines each with the box across and the box down where it begins */
    public static function draw(Canvas $canvas, array $lines): void
    {
        $across = [];
        $down = [];
        $said = [];
        foreach ($lines as [$lettering, $x, $y]) {
            foreach ($lettering->places() as $place) {
                array_push($across, $x + $place['from'], $x + $place['from'] + $place['wide']);
            }
            array_push($down, $y, $y + $lettering->tall);
            $said[] = Heading::quoted(implode('', $lettering->letters));
        }
        $words = implode(' and ', $said);
        $canvas->tickAll(Edge::Top, self::within($across, $canvas->across), "$words in guide boxes", 'letters');
        $canvas->tickAll(Edge::Side, self::within($down, $canvas->down), "letters {$lines[0][0]->tall} tall", 'letters');
        $canvas->step(Task::Pencil, 'Draw a guide box for each letter.', 'letters');
        foreach (self::letters($lines) as [, $x, $y, $wide, $tall]) {
            $canvas->frame(Layer::Pencil, $x, $y, $wide, $tall);
        }
        $canvas->step(Task::Ink, "Draw the letters $words inside their guide boxes.", 'letters');
        foreach (self::letters($lines) as [$letter, $x, $y, $wide, $tall]) {
            $canvas->words(Layer::Ink, $x, $y, $wide, $tall, $letter, Align::Middle);
        }
    }

    /**
     * @param non-empty-list<array{Lettering, int, int}> $lines
     *
     * @return list<array{string, int, int, int, int}> letter, box across, box down, wide, tall; spaces left out
     */
    private static function letters(array $lines): array
    {
        $letters = [];
        foreach ($lines as [$lettering, $x, $y]) {
            foreach ($lettering->guides() as $place) {
                $letters[] = [$place['letter'], $x + $place['from'], $y, $place['wide'], $lettering->tall];
            }
        }

        return $letters;
    }

    /**
     * @param list<int> $places
     *
     * @return list<int> rising, each once, without the page's own edges
     */
    private static function within(array $places, int $side): array
    {
        $places = array_unique(array_filter($places, static fn (int $at): bool => $at > 0 && $at < $side));
        sort($places);

        return $places;
    }
}
