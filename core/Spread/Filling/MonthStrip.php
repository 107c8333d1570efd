<?php

/*
 * A table of items by month: the items on a strip, a column for every month of the period, so wide that a tick or an amount
 * goes in. Months that do not fit beside the strip go on behind it on the next page, items that do not fit below one another too.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Letters;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\RuledTable;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Pages;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\ByMonth;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FitsAnywhere;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\Layout;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Setting\Field;

final class MonthStrip implements HasLayouts, GivesWay, ByMonth, OfTime
{
    use FitsAnywhere;

    /** Boxes an amount needs across: "1250" (common practice, no source). */
    public const AMOUNT = 4;

    public function isByMonth(array $settings): bool
    {
        return true;
    }

    public function shapedBy(array $settings): array
    {
        return OwnPeriod::OF_MONTHS;
    }

    public function name(): string
    {
        return 'Months behind a strip';
    }

    public function purpose(): string
    {
        return 'Names on a strip and a column for every month: a tick, or an amount.';
    }

    public function tall(Request $asked, int $wide): int
    {
        $rows = \count($asked->settings->lines('items')) + 2 + ($asked->settings->flag('sum') ? 1 : 0);

        return 1 + $asked->settings->boxes('line')->times($rows)->ceil();
    }

    public function ways(Request $asked, Region $region): array
    {
        $fits = min(12, $region->wide - $asked->settings->count('column'));

        return $fits < 3 ? [] : [['say' => 'Make the strip '.Plural::boxes($fits).' wide', 'settings' => ['strip' => $fits]]];
    }

    public function fields(): array
    {
        return [
            Field::lines('items', 'Items'),
            Field::count('strip', 'Boxes of the strip', 3, 30, 12),
            Field::count('column', 'Boxes a month', 1, 12, 1),
            Field::boxes('line', 'Boxes a row'),
            Field::flag('sum', 'A row for the sum', false),
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        ['strip' => $strip, 'wide' => $wide, 'line' => $line, 'sum' => $sum] = $this->asked($asked);
        $beside = intdiv($region->wide - $strip, $wide);
        $rows = Fraction::of($region->tall - 1)->dividedBy($line)->floor();
        if ($beside < 1 || $rows < ($sum ? 2 : 1)) {
            return new Filled(findings: [$this->tooLarge($asked, $region, $strip, $wide)]);
        }
        $months = $asked->calendar->months();
        $monthPages = array_chunk($months, Pages::evenly(\count($months), $beside));
        $items = $asked->settings->lines('items');
        // Without items every row is free; with them those of the last page are.
        $itemPages = [] === $items ? [[]] : array_chunk($items, max(1, $rows - ($sum ? 1 : 0)));
        $names = $itemPages[intdiv($from, \count($monthPages))];
        $some = $monthPages[$from % \count($monthPages)];
        $next = $from + 1 < \count($itemPages) * \count($monthPages) ? $from + 1 : null;
        $filled = $this->page($asked, $region, $names, $some, $rows, $next);

        return 0 === $from ? $filled->adding($this->tooLong($asked, $items, $strip)) : $filled;
    }

    public function layouts(Request $request): array
    {
        return [
            new Layout('A tick a month, 1 box a row', ['column' => 1, 'line' => '1']),
            new Layout('A tick a month, 1½ boxes a row', ['column' => 1, 'line' => '1.5']),
            new Layout('A tick a month, 2 boxes a row', ['column' => 1, 'line' => '2']),
            new Layout('Room for an amount, 1½ boxes a row', ['column' => self::AMOUNT, 'line' => '1.5']),
        ];
    }

    /**
     * @param list<string>          $items
     * @param non-empty-list<Month> $months
     */
    private function page(Request $asked, Region $region, array $items, array $months, int $rows, ?int $next): Filled
    {
        ['strip' => $strip, 'wide' => $wide, 'line' => $line, 'sum' => $sum] = $this->asked($asked);
        $cells = new CellGrid($region->x + $strip, $region->y + 1, \count($months), $wide, $rows, $line);
        $table = new RuledTable($cells, $strip, $region->x);
        $end = $strip + \count($months) * $wide;
        $here = new FromHere($asked, $region, 'the table');
        $places = array_map(static fn (int $i): int => $region->x + $strip + $i * $wide, range(0, \count($months)));

        return new Filled(
            ticks: $here->ticks([
                new EdgeTicks(Edge::Top, $places, "strip $strip, then ".\count($months).' × '.Plural::boxes($wide), 'across'),
            ]),
            workings: static function () use ($here, $region, $items, $months, $strip, $wide, $line, $rows, $sum, $end): array {
                $below = $region->sum()->less(1, 'the months');

                return [
                    new Working(
                        $here->note('across'),
                        Plural::of(\count($months), 'column', 'columns').' of '.Plural::boxes($wide),
                        "$strip for the strip + ".\count($months)." × $wide = $end of ".Plural::boxes($region->wide),
                    ),
                    new Working(
                        $here->note('down'),
                        Plural::of($rows, 'row', 'rows'),
                        "$below; $below->left ÷ $line a row = $rows: ".\count($items).' for the items'.($sum ? ' + 1 for the sum' : '')
                            .' + '.($rows - \count($items) - ($sum ? 1 : 0)).' to add',
                    ),
                ];
            },
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($here, $region, $table, $items, $months, $rows, $strip, $line): void {
                    $table->keep($canvas);
                    $text = 'Rule '.($rows + 1).' lines across, one every '.($line->equals(1) ? 'box' : Plural::boxes($line)).', the first '
                        .$canvas->tally->place($table->cells->y).' down; and '.(\count($months) + 1).' lines down.';
                    $here->step($canvas, Task::Ink, $text, 'down');
                    $table->rule($canvas);
                    [$y, $tall] = [$table->cells->down(\count($items)), $line->times($rows - \count($items))];
                    $canvas->room('rows', 'rows to add', $region->x, $y, $strip, $tall, $line);
                },
                write: fn (Canvas $canvas) => $this->write($canvas, $asked, $here, $table, $items, $months, $sum),
            ),
            check: new Check(
                'Count the columns: '.\count($months).', the last is '.$this->heading($asked, $months[\count($months) - 1], 9).'.',
                $here->note('across'),
            ),
            next: $next,
        );
    }

    /**
     * @param list<string>          $items
     * @param non-empty-list<Month> $months
     */
    private function write(Canvas $canvas, Request $asked, FromHere $here, RuledTable $table, array $items, array $months, bool $sum): void
    {
        $wide = $table->cells->wide->floor();
        $here->step($canvas, Task::Write, 'Write the months above their columns.', 'across');
        $table->headings($canvas, array_map(fn (Month $month): string => $this->heading($asked, $month, $wide), $months));
        if ([] === $items && !$sum) {
            return;
        }
        $here->step(
            $canvas,
            Task::Write,
            ([] === $items
                ? 'Write'
                : 'Write the '.Plural::of(\count($items), 'item', 'items').', one a row of the strip'.($sum ? ', and' : ''))
                .($sum ? ' “Sum” in the last row' : '').'.',
            'down',
        );
        $table->names($canvas, $items, 1);
        if ($sum) {
            $table->name($canvas, $table->cells->rows - 1, 'Sum', 1);
        }
    }

    /** @return array{strip: int, wide: int, line: Fraction, sum: bool} */
    private function asked(Request $request): array
    {
        $settings = $request->settings;

        return [
            'strip' => $settings->count('strip'),
            'wide' => $settings->count('column'),
            'line' => $settings->boxes('line'),
            'sum' => $settings->flag('sum'),
        ];
    }

    /** A letter in columns of a box, the short name in wider ones. */
    private function heading(Request $request, Month $month, int $wide): string
    {
        $names = $request->calendar->names;

        return $wide > 1 ? $names->monthShort($month->month) : $names->monthInitial($month->month);
    }

    /**
     * @param list<string> $items
     *
     * @return list<Finding>
     */
    private function tooLong(Request $request, array $items, int $strip): array
    {
        $most = Letters::most($strip);
        $longest = [] === $items ? 0 : max(array_map(mb_strwidth(...), $items));
        $needed = Letters::boxes($longest);

        return $longest <= $most ? [] : [new Finding(
            $request->id,
            "The longest item has $longest letters; a strip of ".Plural::boxes($strip)." holds $most that can be read.",
            $needed > 30 ? [] : [Offer::settings($request->id, 'Make the strip '.Plural::boxes($needed).' wide', ['strip' => $needed])],
            false,
        )];
    }

    private function tooLarge(Request $asked, Region $region, int $strip, int $wide): Finding
    {
        $below = $region->tall - 1;

        return new Finding(
            $asked->id,
            "A strip of $strip and a month of ".Plural::boxes($wide).' need '.($strip + $wide)
                ." boxes across and a row below the title and the months; the page has $region->wide × $below.",
        );
    }
}
