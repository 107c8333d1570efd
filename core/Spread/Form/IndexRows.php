<?php

/* The index: a row for every spread and every month's reserved range, what to write now and what later, and room to add. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\IndexRow;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\ReadsIndex;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

final class IndexRows implements Form, HasLayouts, ReadsIndex
{
    /** Rows kept free for what will be added. From memory. */
    private const SPARE = 6;

    /** Boxes a page number takes: "126–137". */
    private const NUMBER = 4;

    public function fields(): array
    {
        return [
            Field::count('pages', 'Pages', 1, 6),
            Field::count('columns', 'Columns', 1, 2, 1),
            Field::boxes('line', 'Boxes a row'),
        ];
    }

    public function pages(Request $request): int
    {
        $room = $this->rows($request) * \count($this->columns($request)->parts);
        $needed = intdiv(\count($request->index) + self::SPARE + $room - 1, $room);

        return $request->settings->countOrNull('pages') ?? max(1, min(6, $needed));
    }

    public function draw(Request $request): array
    {
        $rows = $this->rows($request);
        $columns = $this->columns($request);
        $room = $rows * \count($columns->parts);
        $line = $this->line($request);

        return Pages::draw($request, range(0, $this->pages($request) - 1), function (Canvas $canvas, int $i) use ($request, $rows, $columns, $room, $line): void {
            $top = Heading::boxes($canvas->down);
            if (\count($columns->parts) > 1) {
                $canvas->working('columns', Plural::boxes($columns->size()).' wide', $columns->working());
                $canvas->tickDivision(Edge::Top, $columns, 'columns');
            }
            0 === $i ? $this->begin($canvas, $request, $room, $top) : $canvas->step(
                Task::Write,
                'Leave the title’s boxes free and go on with the index.',
            );
            $this->write($canvas, \array_slice($request->index, $i * $room, $room), $columns, $rows, $top, $line);
            foreach ($columns->spans() as $span) {
                $canvas->room('rows', 'the index', $span['from'], $top, $columns->size(), $canvas->down - $top, $line);
            }
            $canvas->step(Task::Check, 'Read each page number against the page it names; the ranges of the months stay in pencil.', 'rows');
        });
    }

    private function begin(Canvas $canvas, Request $request, int $room, int $top): void
    {
        $this->reckon($canvas, $request, $room, $top);
        Heading::write($canvas, $request);
        foreach ($request->numbering as $step) {
            $canvas->step(Task::Write, $step, 'rows');
        }
    }

    public function layouts(Request $request): array
    {
        $layouts = [];
        foreach ([1 => 'One column', 2 => 'Two columns'] as $columns => $name) {
            foreach (['1' => '1 box a row', '1.5' => '1½ boxes a row'] as $line => $words) {
                $layouts[] = new Layout("$name, $words", ['columns' => $columns, 'line' => (string) $line, 'pages' => null]);
            }
        }

        return $layouts;
    }

    private function rows(Request $request): int
    {
        return max(1, Fraction::of($request->down - Heading::boxes($request->down))->dividedBy($this->line($request))->floor());
    }

    private function line(Request $request): Fraction
    {
        return $request->settings->boxes('line');
    }

    /** One column, or two where they are wide enough for a name and its pages. */
    private function columns(Request $request): Division
    {
        $two = 2 === $request->settings->count('columns') ? Division::containers($request->across, 2) : null;
        if (null !== $two && $two->size() > self::NUMBER + 1) {
            return $two;
        }

        return Division::of($request->across, 1) ?? throw new \LogicException('Every page is a box wide.');
    }

    private function reckon(Canvas $canvas, Request $request, int $room, int $top): void
    {
        $all = $room * $this->pages($request);
        $entries = \count($request->index);
        $canvas->working(
            'rows',
            Plural::of($room, 'row', 'rows').' a page',
            Plural::boxes($canvas->down)
                ." − $top for the title = "
                .($canvas->down - $top)
                .'; '
                .($canvas->down - $top)
                ." ÷ {$this->line($request)} a row = "
                .$this->rows($request)
                .(1 < \count($this->columns($request)->parts) ? ' in each of 2 columns' : '')
                ."; $entries entries, "
                .Plural::of(
                    max(0, $all - $entries),
                    'row',
                    'rows',
                ).' to add',
        );
        if ($entries > $all) {
            $canvas->finding(new Finding($request->id, "The index has $entries entries and room for $all. Give it ".intdiv(
                $entries + self::SPARE + $room - 1,
                $room,
            ).' pages.', [[
                'say' => 'Let the index take the pages it needs',
                'edit' => ['type' => 'set-spread', 'spread' => $request->id, 'settings' => ['pages' => null]],
            ]]));
        }
    }

    /** @param list<IndexRow> $entries */
    private function write(Canvas $canvas, array $entries, Division $columns, int $rows, int $top, Fraction $line): void
    {
        $now = array_filter($entries, static fn (IndexRow $entry): bool => !$entry->isMonth);
        $later = array_filter($entries, static fn (IndexRow $entry): bool => $entry->isMonth);
        if ([] !== $later) {
            $canvas->step(
                Task::Write,
                'Keep '
                    .self::counted($later, 'row')
                    .' for the months'
                    .($line->equals(1) ? '' : ', one every '.Plural::boxes($line))
                    .': write the names now, the ranges in pencil, and ink each range when its month is drawn.',
                'rows',
            );
            $this->place($canvas, $later, $columns, $rows, $top, $line);
        }
        if ([] !== $now) {
            $canvas->step(
                Task::Write,
                'Write now: '
                    .self::counted($now, 'entry')
                    .', one '
                    .($line->equals(1) ? 'a row' : 'every '.Plural::boxes($line))
                    .', names from the left edge, page numbers at the right.',
                'rows',
            );
            $this->place($canvas, $now, $columns, $rows, $top, $line);
        }
    }

    /** @param array<int, IndexRow> $entries row → entry */
    private function place(Canvas $canvas, array $entries, Division $columns, int $rows, int $top, Fraction $line): void
    {
        $spans = $columns->spans();
        $name = max(1, $columns->size() - self::NUMBER);
        foreach ($entries as $row => $entry) {
            $x = $spans[intdiv($row, $rows)]['from']->floor();
            $y = $line->times($row % $rows)->plus($top);
            $canvas->words(Layer::Writing, $x, $y, $name, 1, $entry->name);
            if ($columns->size() > self::NUMBER) {
                $canvas->words(
                    $entry->isMonth ? Layer::Pencil : Layer::Writing,
                    $x + $name,
                    $y,
                    self::NUMBER,
                    1,
                    $entry->pages,
                    Align::End,
                );
            }
        }
    }

    /** @param array<int, IndexRow> $entries */
    private static function counted(array $entries, string $word): string
    {
        $count = \count($entries);

        return "$count ".(1 === $count ? $word : ('entry' === $word ? 'entries' : $word.'s'));
    }
}
