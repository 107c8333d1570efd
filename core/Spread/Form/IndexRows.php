<?php

/* The index: a row for every spread and every month's reserved range, and room to add. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Request;

final class IndexRows implements Form
{
    /** Rows kept free for what will be added. From memory. */
    private const SPARE = 6;

    /** Boxes a page number takes: "126–137". */
    private const NUMBER = 4;

    public function pages(Request $request): int
    {
        $needed = intdiv(\count($request->index) + self::SPARE + $this->rows($request) - 1, $this->rows($request));

        return $request->settings->count('pages', max(1, min(6, $needed)), 1, 6);
    }

    public function draw(Request $request): array
    {
        $rows = $this->rows($request);
        $pages = [];
        $done = 0;
        for ($i = 0; $i < $this->pages($request); ++$i) {
            $canvas = new Canvas($request->across, $request->down, $request->tally, $i, $done);
            $top = Heading::boxes($canvas->down);
            0 === $i ? Heading::write($canvas, $request) : $canvas->step(Task::Write, 'Leave the title’s boxes free and go on with the index.');
            if (0 === $i) {
                $this->reckon($canvas, $request, $rows, $top);
            }
            $this->write($canvas, \array_slice($request->index, $i * $rows, $rows), $top);
            $done = $canvas->steps();
            $pages[] = $canvas->finish();
        }

        return $pages;
    }

    private function rows(Request $request): int
    {
        return max(1, $request->down - Heading::boxes($request->down));
    }

    private function reckon(Canvas $canvas, Request $request, int $rows, int $top): void
    {
        $all = $rows * $this->pages($request);
        $entries = \count($request->index);
        $canvas->working('rows', "$rows rows a page", "$canvas->down boxes − $top for the title = $rows; $entries entries, ".max(0, $all - $entries).' rows to add');
        if ($entries > $all) {
            $canvas->finding(new Finding($request->id, "The index has $entries entries and room for $all. Give it ".intdiv($entries + self::SPARE + $rows - 1, $rows).' pages.', [[
                'say' => 'Let the index take the pages it needs',
                'edit' => ['type' => 'set-spread', 'spread' => $request->id, 'settings' => ['pages' => null]],
            ]]));
        }
    }

    /** @param list<\AmpleMargin\Spread\IndexRow> $entries */
    private function write(Canvas $canvas, array $entries, int $top): void
    {
        if ([] === $entries) {
            return;
        }
        $name = max(1, $canvas->across - self::NUMBER);
        $canvas->step(Task::Write, 'Write now: '.\count($entries).' entries, one a row, names from the left edge, page numbers at the right.', 'rows');
        foreach ($entries as $i => $entry) {
            $canvas->words(Layer::Writing, 0, $top + $i, $name, 1, $entry->name);
            if ($canvas->across > self::NUMBER) {
                $canvas->words(Layer::Writing, $name, $top + $i, self::NUMBER, 1, $entry->pages, Align::End);
            }
        }
    }
}
