<?php

/* A title and ruled lines below it: notes, free lists. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Request;

final class RuledRows implements Form
{
    public function pages(Request $request): int
    {
        return max(1, $request->pages, $request->settings->count('pages', 1, 1, 12));
    }

    public function draw(Request $request): array
    {
        $pages = [];
        $done = 0;
        for ($i = 0; $i < $this->pages($request); ++$i) {
            $canvas = new Canvas($request->across, $request->down, $request->tally, $i, $done);
            $ruled = $request->settings->flag('ruled', true);
            if ($ruled) {
                $this->rule($canvas, Heading::boxes($canvas->down), $request->settings->count('line', 1, 1, 3));
            }
            if (0 === $i) {
                Heading::write($canvas, $request);
            }
            if ($ruled) {
                Closing::page($canvas, 'Count the lines: there are as many as the working says.', 'rows');
            }
            $done = $canvas->steps();
            $pages[] = $canvas->finish();
        }

        return $pages;
    }

    private function rule(Canvas $canvas, int $top, int $line): void
    {
        $free = $canvas->down - $top;
        $rows = intdiv($free, $line);
        $left = $free - $rows * $line;
        $canvas->working('rows', "$rows lines", "$canvas->down boxes − $top for the title = $free = $rows × $line".($left > 0 ? " + $left left over at the bottom" : ''));
        $canvas->step(Task::Ink, "Rule $rows lines, one every ".(1 === $line ? 'box' : "$line boxes").", the first $line below the title.", 'rows');
        for ($row = 1; $row <= $rows; ++$row) {
            $canvas->line(Layer::Ink, 0, $top + $row * $line, $canvas->across, 0);
        }
    }
}
