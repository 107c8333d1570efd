<?php

/* A few lines in the middle of a page: the name page, a quote. Needs no counting, so it may stand on an undotted page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Centring;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

final class CentredWords implements Form
{
    /** Boxes a line takes, with the air below it. */
    private const LINE = 2;

    public function fields(): array
    {
        return [
            Field::lines('lines', 'Lines'),
        ];
    }

    public function pages(Request $request): int
    {
        return 1;
    }

    public function draw(Request $request): array
    {
        $canvas = new Canvas($request->across, $request->down, $request->tally);
        $lines = $request->settings->lines('lines');
        if ([] === $lines) {
            return [$this->empty($canvas)];
        }
        $tall = \count($lines) * self::LINE;
        $centre = Centring::of($canvas->down, $tall);
        if (null === $centre) {
            $canvas->finding(new Finding(
                $request->id,
                \count($lines).' lines of '.self::LINE.' boxes need '.Plural::boxes($tall)."; the page has $canvas->down. Use fewer lines.",
            ));

            return [$canvas->finish()];
        }
        $canvas->working('lines', Plural::boxes($tall), \count($lines).' lines × '.self::LINE." boxes = $tall; ".$centre->working());
        $canvas->step(
            Task::Pencil,
            'Count '
                .Plural::boxes($centre->before)
                ." down; the words take the next $tall, one line every "
                .self::LINE
                .' boxes, centred across.',
            'lines',
        );
        $top = $centre->before;
        foreach ($lines as $line) {
            if (mb_strwidth($line) * 56 > $canvas->across * 200) {
                $canvas->finding(new Finding(
                    $request->id,
                    'A line of '.mb_strlen($line).' letters is too long to be read in '.Plural::boxes($canvas->across).'. Break it in two.',
                ));
            }
            $canvas->step(Task::Write, 'Write '.Heading::quoted($line).'.', 'lines');
            $canvas->words(Layer::Writing, 0, $top, $canvas->across, self::LINE, $line, Align::Middle);
            $top += self::LINE;
        }
        Closing::page($canvas, "Count the boxes above the first line, $centre->before, and below the last, $centre->after.", 'lines');

        return [$canvas->finish()];
    }

    private function empty(Canvas $canvas): \AmpleMargin\Drawing\PageDrawing
    {
        $canvas->step(Task::Write, 'Write your words here, in the middle of the page.');
        $inset = min(2, intdiv($canvas->across - 1, 2));
        $tall = max(1, intdiv($canvas->down, 4));
        $canvas->frame(Layer::Pencil, $inset, intdiv($canvas->down - $tall, 2), $canvas->across - 2 * $inset, $tall);

        return $canvas->finish();
    }
}
