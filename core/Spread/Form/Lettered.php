<?php

/* A title in guide boxes, as large as the page takes it: the cover of the year, a month's divider. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Centring;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Request;

final class Lettered implements Form
{
    public function pages(Request $request): int
    {
        return 1;
    }

    public function draw(Request $request): array
    {
        $canvas = new Canvas($request->across, $request->down, $request->tally);
        $title = $this->title($request);
        $lettering = Lettering::largest($title, $canvas->across, max(1, intdiv($canvas->down, 2)));
        if (null === $lettering) {
            $canvas->finding(new Finding($request->id, mb_strlen($title)." letters do not fit in $canvas->across boxes, not even at one box a letter. Shorten the title, or write it on two lines."));

            return [$canvas->finish()];
        }
        $this->letters($canvas, $title, $lettering);
        $this->subtitle($canvas, $request, $lettering);
        Closing::page($canvas, 'Count the boxes before the first letter and after the last: they are as the working says.', 'letters');

        return [$canvas->finish()];
    }

    private function title(Request $request): string
    {
        return null === $request->month
            ? $request->settings->text('lettering', $request->period->years())
            : $request->names->month($request->month->month);
    }

    private function letters(Canvas $canvas, string $title, Lettering $lettering): void
    {
        $centre = Centring::of($canvas->across, $lettering->width) ?? throw new \LogicException('Letters are never wider than their page.');
        // A title stands a little above the middle: a third of the free height over it (common practice, no source).
        $top = intdiv($canvas->down - $lettering->tall, 3);
        $canvas->working('letters', $lettering->width.' boxes', $lettering->working().'; '.$centre->working());
        $edges = [];
        foreach ($lettering->places() as $place) {
            $from = $centre->before + $place['from'];
            array_push($edges, $from, $from + $place['wide']);
        }
        $edges = array_values(array_unique(array_filter($edges, static fn (int $at): bool => $at > 0 && $at < $canvas->across)));
        $canvas->tickAll(Edge::Top, $edges, Heading::quoted($title).' in guide boxes', 'letters');
        $downs = array_values(array_filter([$top, $top + $lettering->tall], static fn (int $at): bool => $at > 0 && $at < $canvas->down));
        $canvas->tickAll(Edge::Side, $downs, "letters $lettering->tall tall", 'letters');
        $canvas->step(Task::Pencil, 'Draw a guide box for each letter.', 'letters');
        foreach ($lettering->places() as $place) {
            if (' ' !== $place['letter']) {
                $canvas->frame(Layer::Pencil, $centre->before + $place['from'], $top, $place['wide'], $lettering->tall);
            }
        }
        $canvas->step(Task::Ink, 'Draw the letters '.Heading::quoted($title).' inside their guide boxes.', 'letters');
        foreach ($lettering->places() as $place) {
            if (' ' !== $place['letter']) {
                $canvas->words(Layer::Ink, $centre->before + $place['from'], $top, $place['wide'], $lettering->tall, $place['letter'], Align::Middle);
            }
        }
    }

    private function subtitle(Canvas $canvas, Request $request, Lettering $lettering): void
    {
        $words = $request->settings->text('subtitle', null === $request->month ? '' : (string) $request->month->year);
        $top = intdiv($canvas->down - $lettering->tall, 3) + $lettering->tall + 2;
        if ('' === $words || $top + 2 > $canvas->down) {
            return;
        }
        $canvas->step(Task::Write, 'Write '.Heading::quoted($words).' below, in the middle, 2 boxes under the letters.');
        $canvas->words(Layer::Writing, 0, $top, $canvas->across, 2, $words, Align::Middle);
    }
}
