<?php

/* The kinds that hold dates: the year, a half, a term or a month at a glance, and the future log. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Kinds;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\MiniMonths;
use AmpleMargin\Spread\Filling\MonthInCells;
use AmpleMargin\Spread\Form\FutureLog;
use AmpleMargin\Spread\Form\PartedLayouts;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\TakesDates;

/** @internal to Spread */
final class YearKinds
{
    /** @return list<Entry> */
    public static function all(): array
    {
        return [
            self::glanceOf(
                'year-at-a-glance',
                'Year at a glance',
                'Every day of the period: mini months, a matrix, dot lines, printed months.',
                [],
            )
                ->alsoCalled('calendar', 'yearly overview', 'dot lines', 'mini months', 'matrix'),
            self::glanceOf(
                'half-year-at-a-glance',
                'Half-year at a glance',
                'Six months, with lines for notes beside each.',
                ['way' => 'notes', 'months' => 6],
            )
                ->alsoCalled('calendar', 'six months', 'overview'),
            self::glanceOf(
                'term-at-a-glance',
                'Term at a glance',
                'The months of a term, its weeks numbered, up to four deadlines coloured on one day, and listed beside their month.',
                ['way' => 'split', 'day' => '2', 'months' => 4, 'week_numbers' => true, 'beside' => true],
            )
                ->alsoCalled('semester', 'study', 'deadlines', 'school'),
            Entry::spread('month-at-a-glance', 'Month at a glance', Section::Year, PartedLayouts::of(
                Leaf::of(new MonthInCells())->open('from', 'cells', 'pages', 'week_start'),
            ))
                ->unlessSaid(['pages' => 2])
                ->whichIs('One month in large cells, on an opening or a page.')
                ->takes(TakesDates::Days)
                ->alsoCalled('month calendar', 'one month'),
            Entry::spread('future-log', 'Future log', Section::Year, new FutureLog())
                ->whichIs('Dates beyond the months already drawn.')
                ->takes(TakesDates::Months)
                ->alsoCalled('upcoming', 'coming months', 'later dates', 'next months')
                ->unlessSaid(['months_per_page' => 6, 'columns' => 2]),
            Page::spread('birthdays', 'Birthdays', Section::Year, Leaf::of(new Cells())->open('of', 'across', 'line'))
                ->whichIs('A cell for every month, or for every sign; names and days are written in.')
                ->unlessSaid(['of' => 'months'])
                ->takes(TakesDates::Birthdays)
                ->alsoCalled('anniversaries', 'name days', 'signs', 'zodiac')
                ->goesOpposite('important-dates'),
            Page::spread('important-dates', 'Important dates', Section::Year, Page::months())
                ->whichIs('A cell for every month, on one page, for what must not be missed.')
                ->takes(TakesDates::Important)
                ->alsoCalled('holidays', 'events', 'dates')
                ->goesOpposite('birthdays'),
        ];
    }

    /** @param array<string, mixed> $settings where the person gives none */
    private static function glanceOf(string $id, string $name, string $purpose, array $settings): Entry
    {
        $months = new MiniMonths();

        return Entry::spread($id, $name, Section::Year, PartedLayouts::of(Page::under(
            Leaf::of($months)->open(...array_column($months->fields(), 'name')),
        )))
            ->whichIs($purpose)
            ->unlessSaid($settings)
            ->takes(TakesDates::Marks)
            ->mayShareAPage();
    }
}
