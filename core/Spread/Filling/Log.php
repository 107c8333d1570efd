<?php

/* A log: columns over rows, each as wide as its heading and its usual words need; what is left goes to the title column. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\TakenUp;
use AmpleMargin\Spread\Setting\Field;

final class Log implements TakenUp, GivesWay
{
    /** The row of headings. */
    private const HEAD = 1;

    public function name(): string
    {
        return 'Log';
    }

    public function purpose(): string
    {
        return 'Columns over rows, each as wide as its words need.';
    }

    public function fields(): array
    {
        return [
            Field::lines('columns', 'Columns, with the boxes each needs (a plus takes what is left)'),
            RowItems::field(),
            ...Rows::fields(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return $this->before($asked) + LogColumns::read($asked->settings->lines('columns'))->needed();
    }

    public function least(Request $asked, int $wide): int
    {
        return self::HEAD + $asked->settings->boxes('line')->ceil();
    }

    public function tall(Request $asked, int $wide): int
    {
        return self::HEAD + Rows::tall($asked);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $below = new Region($region->x, $region->y + self::HEAD, $region->wide, $region->tall - self::HEAD);
        $rows = Rows::in($asked, $below, $from);
        $columns = LogColumns::read($asked->settings->lines('columns'));
        $before = Rows::before($asked, $rows->all);
        $widths = $columns->widths($region->wide - $before);
        $edges = [];
        $at = $region->x + $before;
        foreach ($widths as $i => $wide) {
            $edges[] = [$at, $wide, $columns->headings()[$i]];
            $at += $wide;
        }
        $top = array_fill_keys(array_column($edges, 0), 'columns '.implode(', ', 0 === $before ? $widths : [$before, ...$widths]));

        return new Filled(
            top: $top,
            side: [$below->y => 'below the headings'],
            workings: fn (): array => [
                new Working(
                    'columns',
                    Plural::of(\count($widths), 'column', 'columns'),
                    $this->sum($before, $columns->headings(), $widths, $region->wide),
                ),
                new Working('rows', Plural::of($rows->count, 'row', 'rows'), $rows->working(' below the headings')),
            ],
            findings: 0 === $from ? RowItems::findings($asked, $rows, $edges[0][1]) : [],
            layers: new Layers(
                band: $rows->band(...),
                ink: static function (Canvas $canvas) use ($asked, $rows, $edges, $below, $region): void {
                    foreach ($edges as $i => [$x, $wide]) {
                        $canvas->day("column-$i", $x, $below->y, $wide, $rows->line->times($rows->count), $rows->line);
                    }
                    $canvas->room('rows', 'the log', $region->x, $below->y, $region->wide, $rows->line->times($rows->count), $rows->line);
                    $canvas->step(Task::Ink, 'Rule a line below the headings and one before each column but the first.', 'columns');
                    $canvas->line(Layer::Ink, $region->x, $below->y, $region->wide, 0);
                    foreach ($edges as [$x]) {
                        if ($x > $region->x) {
                            $canvas->line(Layer::Ink, $x, $region->y, 0, $rows->line->times($rows->count)->plus(self::HEAD));
                        }
                    }
                    $rows->ink($canvas, $asked);
                },
                write: static function (Canvas $canvas) use ($asked, $rows, $edges, $region): void {
                    $canvas->step(Task::Write, 'Write the headings above the columns.', 'columns');
                    foreach ($edges as [$x, $wide, $heading]) {
                        $canvas->words(
                            Layer::Writing,
                            Fraction::of(4 * $x + 1, 4),
                            $region->y,
                            Fraction::of(4 * $wide - 1, 4),
                            1,
                            $heading,
                        );
                    }
                    $rows->numbers($canvas, $asked);
                    RowItems::write($canvas, $asked, $rows, $edges[0][1]);
                },
            ),
            check: $rows->check($asked->grid->tally),
            next: $rows->next(),
        );
    }

    public function ways(Request $asked, Region $region): array
    {
        $columns = LogColumns::read($asked->settings->lines('columns'));
        $bare = max(0, $region->wide - $this->before($asked));
        $narrow = $columns->within($bare);

        return [
            ['say' => 'Leave out the numbers', 'settings' => ['numbered' => false]],
            ['say' => 'Make the columns narrower: '.implode(', ', $narrow), 'settings' => ['columns' => $narrow]],
        ];
    }

    private function before(Request $asked): int
    {
        return Rows::before($asked, $asked->settings->countOrNull('rows') ?? 99);
    }

    /**
     * @param list<string> $headings
     * @param list<int>    $widths
     */
    private function sum(int $before, array $headings, array $widths, int $wide): string
    {
        $parts = array_map(static fn (string $heading, int $boxes): string => mb_strtolower($heading)." $boxes", $headings, $widths);

        return (0 === $before ? '' : "number and box $before + ").implode(' + ', $parts)." = $wide";
    }
}
