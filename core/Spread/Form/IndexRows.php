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
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\IndexRow;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\ReadsIndex;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class IndexRows implements Form, HasLayouts, ReadsIndex
{
    /** Rows kept free for what will be added. From memory. */
    private const SPARE = 6;

    /** Boxes a page number takes: "126–137". */
    private const NUMBER = 4;

    /**
     * @param list<IndexRow> $index     all rows
     * @param list<string>   $numbering what to number before starting
     */
    public function __construct(private readonly array $index = [], private readonly array $numbering = [])
    {
    }

    public function fields(): array
    {
        return [
            Field::count('pages', 'Pages', 1, 6),
            Field::count('columns', 'Columns', 1, 2, 1),
            Field::boxes('line', 'Boxes a row'),
        ];
    }

    public function reading(array $rows, array $numbering): Form
    {
        return new self($rows, $numbering);
    }

    public function layOut(Request $request): Laid
    {
        $rows = $this->rows($request);
        $columns = $this->columns($request);
        $room = $rows * \count($columns->parts);
        $needed = intdiv(\count($this->index) + self::SPARE + $room - 1, $room);
        $pages = $request->settings->countOrNull('pages') ?? max(1, min(6, $needed));
        $line = $request->settings->boxes('line');

        return Laid::pages($request->grid, range(0, $pages - 1), function (
            Canvas $canvas,
            int $i,
        ) use ($request, $pages, $rows, $columns, $room, $line): void {
            $top = Heading::boxes($canvas->down, $canvas->title);
            if (\count($columns->parts) > 1) {
                $canvas->working('columns', Plural::boxes($columns->size()).' wide', $columns->working());
                $canvas->tickDivision(Edge::Top, $columns, 'columns');
            }
            0 === $i ? $this->begin($canvas, $request, $columns, $rows, $pages) : $canvas->step(
                Task::Write,
                'Leave the title’s boxes free and go on with the index.',
            );
            $this->write($canvas, \array_slice($this->index, $i * $room, $room), $columns, $rows, $top, $line);
            foreach ($columns->spans() as $span) {
                $canvas->room('rows', 'the index', $span['from'], $top, $columns->size(), $canvas->down - $top, $line);
            }
            $canvas->step(Task::Check, 'Read each page number against the page it names; the ranges of the months stay in pencil.', 'rows');
        }, [[...$this->tooFew($request, $room, $pages, $needed), ...Heading::findings($request)]]);
    }

    /** @return list<Finding> */
    private function tooFew(Request $request, int $room, int $pages, int $needed): array
    {
        $entries = \count($this->index);
        $all = $room * $pages;

        return $entries <= $all ? [] : [
            new Finding(
                $request->id,
                "The index has $entries entries and room for $all. Give it $needed pages.",
                [Offer::settings($request->id, 'Let the index take the pages it needs', ['pages' => null])],
            ),
        ];
    }

    private function begin(Canvas $canvas, Request $request, Division $columns, int $rows, int $pages): void
    {
        $room = $rows * \count($columns->parts);
        $entries = \count($this->index);
        $below = Heading::below($canvas->down, $canvas->title);
        $canvas->working(
            'rows',
            Plural::of($room, 'row', 'rows').' a page',
            "$below; $below->left ÷ {$request->settings->boxes('line')} a row = $rows"
                .(1 < \count($columns->parts) ? ' in each of 2 columns' : '')
                .'; '.Plural::of($entries, 'entry', 'entries').', '
                .Plural::of(max(0, $room * $pages - $entries), 'row', 'rows')
                .' to add',
        );
        Heading::write($canvas, $request);
        foreach ($this->numbering as $step) {
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
        $room = Heading::below($request->grid->down, $request->grid->title)->left;

        return max(1, Fraction::of($room)->dividedBy($request->settings->boxes('line'))->floor());
    }

    /** One column, or two where they are wide enough for a name and its pages. */
    private function columns(Request $request): Division
    {
        $two = 2 === $request->settings->count('columns') ? Division::containers($request->grid->across, 2) : null;
        if (null !== $two && $two->size() > self::NUMBER + 1) {
            return $two;
        }

        return Division::of($request->grid->across, 1) ?? throw new \LogicException('Every page is a box wide.');
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
                    .Plural::of(\count($later), 'row', 'rows')
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
                    .Plural::of(\count($now), 'entry', 'entries')
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
}
