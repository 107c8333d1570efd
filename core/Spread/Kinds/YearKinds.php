<?php

/* The kinds that hold dates: the year, a half, a term or a month at a glance, and the future log. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Kinds;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Field;
use AmpleMargin\Spread\Form\FutureLog;
use AmpleMargin\Spread\Form\MonthCells;
use AmpleMargin\Spread\Form\YearAtAGlance;
use AmpleMargin\Spread\Kind;

final class YearKinds
{
    /** @return list<Kind> */
    public static function all(): array
    {
        return [
            self::glanceOf(
                'year-at-a-glance',
                'Year at a glance',
                'Every day of the period: mini months, a matrix, dot lines, printed months.',
                [],
            ),
            self::glanceOf(
                'half-year-at-a-glance',
                'Half-year at a glance',
                'Six months, with lines for notes beside each.',
                ['way' => 'notes', 'months' => 6],
            ),
            self::glanceOf(
                'term-at-a-glance',
                'Term at a glance',
                'The months of a term, its weeks numbered, up to four deadlines coloured on one day.',
                ['way' => 'split', 'day' => '2', 'months' => 4, 'week_numbers' => true],
            ),
            Kind::spread('month-at-a-glance', 'Month at a glance', Section::Year, new MonthCells())
                ->whichIs('One month in large cells, on an opening or a page.')
                ->asking(
                    Field::month('from', 'Month'),
                    Field::choice('cells', 'Drawn as', MonthCells::WAYS),
                    Field::count('pages', 'Pages', 1, 2)->when('cells', ['grid']),
                    Field::weekStart(),
                ),
            Kind::spread('future-log', 'Future log', Section::Year, new FutureLog())
                ->whichIs('Dates beyond the months already drawn.')
                ->asking(...self::log())
                ->unlessSaid(['months_per_page' => 6, 'columns' => 2]),
        ];
    }

    /** @param array<string, mixed> $settings where the person gives none */
    private static function glanceOf(string $id, string $name, string $purpose, array $settings): Kind
    {
        return Kind::spread(
            $id,
            $name,
            Section::Year,
            new YearAtAGlance(),
        )->whichIs($purpose)->asking(...self::glance())->unlessSaid($settings)->mayShareAPage();
    }

    /** @return list<Field> */
    private static function glance(): array
    {
        $blocks = ['mini', 'notes', 'split'];

        return [
            Field::choice('way', 'Drawn as', YearAtAGlance::WAYS),
            Field::month('from', 'First month'),
            Field::count('months', 'Months', 1, 24),
            Field::boxes('day', 'Boxes a day')->when('way', [...$blocks, 'printed']),
            Field::choice(
                'letters',
                'Weekday letters',
                ['fit' => 'as they fit', 'block' => 'in every block', 'column' => 'once above each column'],
            )->when('way', $blocks),
            Field::weekStart()->when('way', [...$blocks, 'printed']),
            Field::flag('week_numbers', 'ISO week numbers', false)->when('way', $blocks),
            Field::flag('beside', 'Lines beside each month', false)->when('way', ['split']),
            Field::boxes('line', 'Boxes a line of notes')->when('way', ['notes', 'split']),
            Field::count('columns', 'Months across', 1, 8)->when('way', $blocks),
            Field::count('pages', 'Pages', 1, 12),
            ...self::legend(['split', 'matrix']),
            Field::lines('marks', 'What the marks on a dot mean')->when('way', ['dots']),
            FrontKinds::half(),
            Field::count('printed_width', 'Printed or stamped month, mm wide', 8, 200)->when('way', ['printed']),
            Field::count('printed_height', 'Printed or stamped month, mm tall', 8, 200)->when('way', ['printed']),
        ];
    }

    /** @return list<Field> */
    private static function log(): array
    {
        return [
            Field::choice('school', 'Drawn as', FutureLog::SCHOOLS),
            Field::count('months_per_page', 'Months a page', 1, 12)->when('school', ['months', 'category']),
            Field::count('columns', 'Columns', 1, 4)->when('school', ['months']),
            Field::boxes('line', 'Boxes a line'),
            Field::flag('ruled', 'Ruled lines (at 1½ boxes always)', false),
            Field::choice(
                'mini',
                'Mini months',
                ['none' => 'none', 'beside' => 'beside the lines', 'above' => 'above the lines'],
            )->when('school', ['months', 'door']),
            Field::weekStart()->when('mini', ['beside', 'above']),
            Field::choice(
                'extra',
                'With each month',
                [
                    'none' => 'nothing more',
                    'statistic' => 'a row for a count',
                    'memory' => 'room for a memory',
                    'frame' => 'a frame for a photo',
                ],
            )->when('school', ['months', 'door']),
            Field::lines('categories', 'Categories')->when('school', ['category']),
            Field::month('from', 'First month'),
            Field::count('months', 'Months', 1, 24),
            Field::count('months_beyond', 'Months beyond the last', 0, 12),
            Field::flag('next_year', 'A page for next year', false),
        ];
    }

    /**
     * @param non-empty-list<string> $ways that have a legend of colours
     *
     * @return list<Field>
     */
    private static function legend(array $ways): array
    {
        return [
            Field::choice('legend', 'Legend', ['book' => 'the pens of the book', 'own' => 'its own', 'none' => 'none'])->when('way', $ways),
            Field::lines('legend_names', 'What the colours mean')->when('legend', ['own']),
        ];
    }
}
