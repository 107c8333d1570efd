<?php

/*
 * A table of items by month: the items on a strip, a column for every month of the period, so wide that a tick or an amount
 * goes in. Months that do not fit beside the strip go on behind it on the next page, items that do not fit below one another too.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Letters;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Cells;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\Table;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\MonthsShown;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class MonthTable implements Form, HasLayouts
{
    /** Boxes an amount needs across: "1250" (common practice, no source). */
    public const AMOUNT = 4;

    public function fields(): array
    {
        return [
            Field::lines('items', 'Items'),
            Field::count('strip', 'Boxes of the strip', 3, 30, 12),
            Field::count('column', 'Boxes a month', 1, 12, 1),
            Field::boxes('line', 'Boxes a row'),
            Field::flag('sum', 'A row for the sum', false),
            Field::month('from', 'First month'),
            Field::count('months', 'Months', 1, Period::LONGEST),
        ];
    }

    public function layOut(Request $request): Laid
    {
        ['strip' => $strip, 'wide' => $wide, 'line' => $line, 'sum' => $sum] = $this->asked($request);
        $beside = intdiv($request->grid->across - $strip, $wide);
        $rows = Fraction::of($this->below($request->grid->down, $request->grid->title)->left)->dividedBy($line)->floor();
        if ($beside < 1 || $rows < ($sum ? 2 : 1)) {
            return Laid::refused($request->grid, $this->tooLarge($request, $strip, $wide));
        }
        $months = MonthsShown::of($request);
        $monthPages = array_chunk($months, Pages::evenly(\count($months), $beside));
        $items = $request->settings->lines('items');
        // Without items every row is free; with them those of the last page are.
        $itemPages = [] === $items ? [[]] : array_chunk($items, max(1, $rows - ($sum ? 1 : 0)));
        $shares = [];
        foreach ($itemPages as $names) {
            foreach ($monthPages as $some) {
                $shares[] = [$names, $some];
            }
        }

        return Laid::pages(
            $request->grid,
            $shares,
            fn (Canvas $canvas, array $share, int $i) => $this->page($canvas, $request, $share[0], $share[1], $rows, 0 === $i),
            [[...$this->tooLong($request, $items, $strip), ...Heading::findings($request)]],
        );
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
    private function page(Canvas $canvas, Request $request, array $items, array $months, int $rows, bool $titled): void
    {
        ['strip' => $strip, 'wide' => $wide, 'line' => $line, 'sum' => $sum] = $this->asked($request);
        $top = Heading::boxes($canvas->down, $canvas->title) + 1;
        $table = new Table(new Cells($strip, $top, \count($months), $wide, $rows, $line), $strip);
        $end = $strip + \count($months) * $wide;
        $canvas->working(
            'across',
            Plural::of(\count($months), 'column', 'columns').' of '.Plural::boxes($wide),
            "$strip for the strip + ".\count($months)." × $wide = $end of ".Plural::boxes($canvas->across),
        );
        $below = $this->below($canvas->down, $canvas->title);
        $canvas->working(
            'down',
            Plural::of($rows, 'row', 'rows'),
            "$below; $below->left ÷ $line a row = $rows: ".\count($items).' for the items'.($sum ? ' + 1 for the sum' : '')
                .' + '.($rows - \count($items) - ($sum ? 1 : 0)).' to add',
        );
        $canvas->tickAll(
            Edge::Top,
            array_values(array_filter(
                array_map(static fn (int $i): int => $strip + $i * $wide, range(0, \count($months))),
                static fn (int $at): bool => $at < $canvas->across,
            )),
            "strip $strip, then ".\count($months).' × '.Plural::boxes($wide),
            'across',
        );
        $table->keep($canvas);
        $canvas->step(
            Task::Ink,
            'Rule '.($rows + 1).' lines across, one every '.($line->equals(1) ? 'box' : Plural::boxes($line)).', the first '
                .$canvas->tally->place($table->cells->y).' down; and '.(\count($months) + 1).' lines down.',
            'down',
        );
        $table->rule($canvas);
        $canvas->room('rows', 'rows to add', 0, $table->cells->down(\count($items)), $strip, $line->times($rows - \count($items)), $line);
        if ($titled) {
            Heading::write($canvas, $request);
        }
        $this->write($canvas, $request, $table, $items, $months, $sum);
        Closing::page(
            $canvas,
            'Count the columns: '.\count($months).', the last is '.$this->heading($request, $months[\count($months) - 1], 9).'.',
            'across',
        );
    }

    /**
     * @param list<string>          $items
     * @param non-empty-list<Month> $months
     */
    private function write(Canvas $canvas, Request $request, Table $table, array $items, array $months, bool $sum): void
    {
        $wide = $table->cells->wide->floor();
        $canvas->step(Task::Write, 'Write the months above their columns.', 'across');
        $table->headings($canvas, array_map(fn (Month $month): string => $this->heading($request, $month, $wide), $months));
        if ([] === $items && !$sum) {
            return;
        }
        $canvas->step(
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

    private function below(int $down, ?int $title): Subtraction
    {
        return Heading::below($down, $title)->less(1, 'the months');
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

    private function tooLarge(Request $request, int $strip, int $wide): Finding
    {
        $below = $this->below($request->grid->down, $request->grid->title)->left;
        $fits = $request->grid->across - $wide;

        return new Finding(
            $request->id,
            "A strip of $strip and a month of ".Plural::boxes($wide).' need '.($strip + $wide)
                ." boxes across and a row below the title and the months; the page has {$request->grid->across} × $below.",
            $fits < 3 || $below < 2 ? [] : [Offer::settings(
                $request->id,
                'Make the strip '.Plural::boxes(min(12, $fits)).' wide',
                ['strip' => min(12, $fits)],
            )],
        );
    }
}
