<?php

/* What stands where: a row for each spread, and those of the months, whose pages are inked when they are drawn. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\FitsAnywhere;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\Layout;
use AmpleMargin\Spread\Part\ReadsIndex;
use AmpleMargin\Spread\Setting\Field;

final class IndexRows implements Filling, HasLayouts, GivesWay, ReadsIndex
{
    use FitsAnywhere;

    /** Rows kept free for what will be added. From memory. */
    private const SPARE = 6;

    /** Boxes a page number takes: "126–137". */
    private const NUMBER = 4;

    /** Pages it takes at most by itself. */
    private const MOST = 6;

    public function name(): string
    {
        return 'Index';
    }

    public function purpose(): string
    {
        return 'What stands on which page, the months among it, with rows to add.';
    }

    public function fields(): array
    {
        return [
            Field::count('pages', 'Pages', 1, self::MOST),
            Field::count('columns', 'Columns', 1, 2, 1),
            Field::boxes('line', 'Boxes a row'),
        ];
    }

    public function tall(Request $asked, int $wide): int
    {
        return $asked->settings->boxes('line')->times(max(1, \count($asked->book->rows) + self::SPARE))->ceil();
    }

    public function ways(Request $asked, Region $region): array
    {
        return [['say' => 'Let the index take the pages it needs', 'settings' => ['pages' => null]]];
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

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $rows = max(1, Fraction::of($region->tall)->dividedBy($asked->settings->boxes('line'))->floor());
        $columns = $this->columns($asked, $region);
        $room = $rows * \count($columns->parts);
        $entries = \count($asked->book->rows);
        $needed = intdiv($entries + self::SPARE + $room - 1, $room);
        $pages = $asked->settings->countOrNull('pages') ?? max(1, min(self::MOST, $needed));
        $line = $asked->settings->boxes('line');
        $here = new FromHere($asked, $region, 'the index');
        $two = \count($columns->parts) > 1;

        return new Filled(
            ticks: $two ? $here->ticks([EdgeTicks::division(Edge::Top, $columns, 'columns', $region->x)]) : [],
            workings: static fn (): array => [
                ...$two ? [new Working($here->note('columns'), Plural::boxes($columns->size()).' wide', $columns->working())] : [],
                ...0 < $from ? [] : [new Working(
                    $here->note('rows'),
                    Plural::of($room, 'row', 'rows').' a page',
                    "{$region->sum()}; $region->tall ÷ $line a row = $rows"
                        .($two ? ' in each of 2 columns' : '')
                        .'; '.Plural::of($entries, 'entry', 'entries').', '
                        .Plural::of(max(0, $room * $pages - $entries), 'row', 'rows')
                        .' to add',
                )],
            ],
            findings: 0 === $from ? $this->tooFew($asked, $room * $pages, $needed) : [],
            layers: new Layers(
                write: function (Canvas $canvas) use ($asked, $region, $from, $here, $columns, $rows, $room, $line): void {
                    $goesOn = ['Leave the title’s boxes free and go on with the index.'];
                    foreach (0 === $from ? $asked->book->numbering : $goesOn as $step) {
                        $here->step($canvas, Task::Write, $step, 0 === $from ? 'rows' : null);
                    }
                    $this->write($canvas, $here, \array_slice($asked->book->rows, $from * $room, $room), $region, $columns, $rows, $line);
                    foreach ($columns->spans() as $span) {
                        $x = $span['from']->plus($region->x);
                        $canvas->room('rows', 'the index', $x, $region->y, $columns->size(), $region->tall, $line);
                    }
                    $text = 'Read each page number against the page it names; the ranges of the months stay in pencil.';
                    $here->step($canvas, Task::Check, $text, 'rows');
                },
            ),
            next: $from + 1 < $pages ? $from + 1 : null,
        );
    }

    /** @return list<Finding> */
    private function tooFew(Request $asked, int $all, int $needed): array
    {
        $entries = \count($asked->book->rows);

        return $entries <= $all ? [] : [
            new Finding($asked->id, "The index has $entries entries and room for $all. Give it $needed pages."),
        ];
    }

    /** One column, or two where they are wide enough for a name and its pages. */
    private function columns(Request $asked, Region $region): Division
    {
        $two = 2 === $asked->settings->count('columns') ? Division::containers($region->wide, 2) : null;
        if (null !== $two && $two->size() > self::NUMBER + 1) {
            return $two;
        }

        return Division::of($region->wide, 1) ?? throw new \LogicException('Every part is a box wide.');
    }

    /** @param list<IndexRow> $entries */
    private function write(
        Canvas $canvas,
        FromHere $here,
        array $entries,
        Region $region,
        Division $columns,
        int $rows,
        Fraction $line,
    ): void {
        $now = array_filter($entries, static fn (IndexRow $entry): bool => !$entry->isMonth);
        $later = array_filter($entries, static fn (IndexRow $entry): bool => $entry->isMonth);
        if ([] !== $later) {
            $here->step(
                $canvas,
                Task::Write,
                'Keep '
                    .Plural::of(\count($later), 'row', 'rows')
                    .' for the months'
                    .($line->equals(1) ? '' : ', one every '.Plural::boxes($line))
                    .': write the names now, the ranges in pencil, and ink each range when its month is drawn.',
                'rows',
            );
            $this->place($canvas, $later, $region, $columns, $rows, $line);
        }
        if ([] !== $now) {
            $here->step(
                $canvas,
                Task::Write,
                'Write now: '
                    .Plural::of(\count($now), 'entry', 'entries')
                    .', one '
                    .($line->equals(1) ? 'a row' : 'every '.Plural::boxes($line))
                    .', names from the left edge, page numbers at the right.',
                'rows',
            );
            $this->place($canvas, $now, $region, $columns, $rows, $line);
        }
    }

    /** @param array<int, IndexRow> $entries row → entry */
    private function place(Canvas $canvas, array $entries, Region $region, Division $columns, int $rows, Fraction $line): void
    {
        $spans = $columns->spans();
        $name = max(1, $columns->size() - self::NUMBER);
        foreach ($entries as $row => $entry) {
            $x = $spans[intdiv($row, $rows)]['from']->floor() + $region->x;
            $y = $line->times($row % $rows)->plus($region->y);
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
