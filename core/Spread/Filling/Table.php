<?php

/*
 * A table or a matrix: items by month, days by month, habits by day, weeks by chore. One box or more for each mark, names and
 * figures at its edges, and what does not exist struck out.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Spread\Filling\Table\Arranged;
use AmpleMargin\Spread\Filling\Table\Axis;
use AmpleMargin\Spread\Filling\Table\TablePage;
use AmpleMargin\Spread\Page\DaysShown;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\ByMonth;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Columns;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\HasColumns;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\LiesOpen;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Setting\Field;

final class Table implements ByMonth, GivesWay, HasColumns, LiesOpen, OfTime
{
    /** The setting that names a column before the months, for the totals of another book. */
    public const BEFORE = 'before';

    /** The setting by which names stand once over an opening. */
    public const ONCE = 'names_once';

    public function isByMonth(array $settings): bool
    {
        return \in_array(Axis::MONTHS, [$settings['rows_of'] ?? null, $settings['columns_of'] ?? null], true);
    }

    public function shapedBy(array $settings): array
    {
        // Where nobody says what the columns are, they are months.
        $axes = [$settings['rows_of'] ?? Axis::ITEMS, $settings['columns_of'] ?? Axis::MONTHS];
        $time = array_values(array_unique(array_merge(...array_map(
            static fn (mixed $of): array => \is_string($of) ? Axis::TIME[$of] ?? [] : [],
            $axes,
        ))));

        // Beside months a day has no weekday of its own, nor on a strip beside the faces of several.
        $none = \in_array(Axis::MONTHS, $axes, true) || 'all' !== ($settings['shows'] ?? 'all');

        return $none ? array_values(array_diff($time, [DaysShown::BY])) : $time;
    }

    public function name(): string
    {
        return 'Table';
    }

    public function purpose(): string
    {
        return 'Items by month, days by month, habits by day: a box or more for each mark.';
    }

    public function fields(): array
    {
        $columns = [Axis::MONTHS => Axis::WORDS[Axis::MONTHS]] + Axis::WORDS;

        return [
            Field::choice('rows_of', 'A row for each of', Axis::WORDS),
            Field::lines('items', 'Rows; one that ends with a colon heads a group')->when('rows_of', [Axis::ITEMS, Axis::NUMBERS]),
            Field::count('row_count', 'How many rows', 1, 366)->when('rows_of', [Axis::NUMBERS]),
            Field::choice('columns_of', 'A column for each of', $columns),
            Field::text(self::BEFORE, 'A column before the months, for totals so far')->when('columns_of', [Axis::MONTHS]),
            Field::lines('heads', 'Columns')->when('columns_of', [Axis::ITEMS]),
            Field::count('column_count', 'Columns', 1, 100)->when('columns_of', [Axis::NUMBERS]),
            Field::count('strip', 'Boxes of the names', 1, 40),
            Field::halves('column', 'Boxes a column', 20),
            Field::boxes('line', 'Boxes a row', three: true),
            Field::choice('look', 'Rows and columns are', [
                'ruled' => 'ruled',
                'banded' => 'ruled, every other row banded',
                'dots' => 'the dots alone',
            ]),
            Field::flag('sum', 'A row for the sum', false),
            Field::text('sum_named', 'The row for the sum is called', 'Sum'),
            Field::flag('swapped', 'Rows and columns change places', false),
            Field::flag(self::ONCE, 'Names on the left page of an opening only', false),
            Field::choice('shows', 'On its pages', Arranged::SHOWS),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return Arranged::narrowest($asked);
    }

    public function least(Request $asked, int $wide): int
    {
        return Arranged::least($asked, $wide);
    }

    public function tall(Request $asked, int $wide): int
    {
        return Arranged::tall($asked, $wide);
    }

    public function liesOpen(Request $asked): bool
    {
        return Arranged::isOnce($asked);
    }

    public function columns(Request $asked, int $wide): ?Columns
    {
        if ($wide < self::narrowest($asked)) {
            return null;
        }
        $arranged = Arranged::in($asked, new Region(0, 0, $wide, 200));

        return new Columns($arranged->across->of, $arranged->heads->strip, $arranged->wide);
    }

    public function ways(Request $asked, Region $region): array
    {
        $strip = max(2, $region->wide - ($asked->settings->halvesOrNull('column')?->ceil() ?? 1));

        return [
            ['say' => 'Make the names '.Plural::boxes($strip).' wide', 'settings' => ['strip' => $strip]],
            ['say' => 'A box a column', 'settings' => ['column' => 1]],
            ['say' => 'A box a column, and names of 2', 'settings' => ['column' => 1, 'strip' => 2]],
            ['say' => 'A box a row', 'settings' => ['line' => '1']],
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $arranged = Arranged::in($asked, $region);
        $page = new TablePage($asked, $region, $arranged->on($from), $from);

        return new Filled(
            top: $page->ticksAcross(...),
            ticks: $page->ticks(),
            side: $page->ticksDown(...),
            workings: $page->workings(...),
            findings: 0 === $from ? self::findings($asked, $arranged) : [],
            layers: new Layers(
                band: $page->band(...),
                ink: $page->ink(...),
                write: $page->write(...),
            ),
            check: new Check($page->check(...)),
            next: $from + 1 < $arranged->pages() ? $from + 1 : null,
        );
    }

    /** @return list<Finding> names too long for their strip, headings too long for their column */
    private static function findings(Request $asked, Arranged $arranged): array
    {
        $findings = [];
        $longest = Axis::ITEMS === $arranged->down->of && $arranged->heads->names > 0 ? $arranged->down->longestName() : '';
        $needed = $asked->boxesOf($longest);
        if ($needed > $arranged->heads->names) {
            $findings[] = new Finding(
                $asked->id,
                'Longest item: '.Plural::of(mb_strlen($longest), 'letter', 'letters').', '.Plural::boxes($needed)
                    ." {$asked->hand()->said()}; the strip has {$arranged->heads->names}. Make it wider, or shorten “{$longest}”.",
                [],
                false,
            );
        }
        $heading = $arranged->heads->stacked ? $arranged->across->longestName() : '';
        if (mb_strlen($heading) > $arranged->heads->tall) {
            $findings[] = new Finding(
                $asked->id,
                "“{$heading}” has ".mb_strlen($heading)." letters; {$arranged->heads->tall} stand down its column. "
                    .'Shorten it, or widen the columns.',
                [],
                false,
            );
        }

        $short = 'columns' === $asked->settings->choice('shows') && Axis::ITEMS === $arranged->across->of
            ? $arranged->across->wider($asked->boxesOf(...), $arranged->wide)
            : [];
        if ([] !== $short) {
            $count = \count($short);
            $findings[] = new Finding(
                $asked->id,
                Plural::of($count, 'heading is', 'headings are').' wider than '.(1 === $count ? 'its column' : 'their columns').' of '
                    .Plural::boxes($arranged->wide).' and '.(1 === $count ? 'stands' : 'stand').' there by the first letters, “'
                    .$short[0].'” among them. Shorten '.(1 === $count ? 'it' : 'them').', or take fewer columns.',
                [],
                false,
            );
        }

        return $findings;
    }
}
