<?php

/* The kinds of spread there are. A new kind is one entry here; only a new form is new code. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Form\CentredWords;
use AmpleMargin\Spread\Form\Containers;
use AmpleMargin\Spread\Form\Doors;
use AmpleMargin\Spread\Form\FutureLog;
use AmpleMargin\Spread\Form\IndexRows;
use AmpleMargin\Spread\Form\Legend;
use AmpleMargin\Spread\Form\Lettered;
use AmpleMargin\Spread\Form\MiniMonths;
use AmpleMargin\Spread\Form\MonthCells;
use AmpleMargin\Spread\Form\RuledRows;
use AmpleMargin\Spread\Form\SpacingSheet;
use AmpleMargin\Spread\Form\WeekBoxes;

final class Catalogue
{
    /** @var array<string, Kind>|null */
    private static ?array $kinds = null;

    public static function kind(string $id): ?Kind
    {
        return self::kinds()[$id] ?? null;
    }

    /**
     * The kinds a person adds to a book, in the order people make them.
     *
     * @return list<Kind>
     */
    public static function spreads(): array
    {
        return array_values(array_filter(self::kinds(), static fn (Kind $kind): bool => null !== $kind->section));
    }

    /**
     * The kinds a month's pattern is made of, the weeks among them.
     *
     * @return list<Kind>
     */
    public static function monthParts(): array
    {
        return array_values(array_filter(self::kinds(), static fn (Kind $kind): bool => null === $kind->section));
    }

    /** @return array<string, Kind> */
    private static function kinds(): array
    {
        if (null === self::$kinds) {
            self::$kinds = [];
            foreach ([...self::front(), ...self::year(), ...self::lists(), ...self::months()] as $kind) {
                self::$kinds[$kind->id] = $kind;
            }
        }

        return self::$kinds;
    }

    /** @return list<Kind> */
    private static function front(): array
    {
        return [
            new Kind('name-page', 'Name page', Section::Front, new CentredWords(), 'Whose notebook it is; only what a finder needs. Keep the address short: the book is private.', ['lines' => ['This notebook belongs to', '…', 'If found, please write to', '…']], [Field::lines('lines', 'Lines')], needsGrid: false),
            new Kind('cover', 'Cover of the year', Section::Front, new Lettered(), 'The year in guide boxes, as large as the page takes it.', [], [Field::text('lettering', 'Lettering'), Field::text('subtitle', 'Line below')]),
            new Kind('key', 'Key', Section::Front, new Legend(), 'The symbols and the states they turn into by adding strokes.', [], [self::half()], halves: true),
            new Kind('index', 'Index', Section::Front, new IndexRows(), 'What stands where, the months’ ranges among it.', [], [Field::count('pages', 'Pages', 1, 6), Field::count('columns', 'Columns', 1, 2)]),
            new Kind('quote', 'Quote', Section::Front, new CentredWords(), 'A few words in the middle of a page; the usual filler.', [], [Field::lines('lines', 'Lines'), self::half()], filler: true, needsGrid: false, halves: true),
            new Kind('spacing-sheet', 'Grid spacing sheet', Section::Front, new SpacingSheet(), 'Numbered edges, shares, and the divisions of this stock with and without gaps.'),
        ];
    }

    /** @return list<Kind> */
    private static function year(): array
    {
        return [
            new Kind('year-at-a-glance', 'Year at a glance', Section::Year, new MiniMonths(), 'Every day of the period, a box a day.'),
            new Kind('future-log', 'Future log', Section::Year, new FutureLog(), 'Dates beyond the months already drawn.', ['months_per_page' => 6, 'columns' => 2], [
                Field::count('months_per_page', 'Months a page', 1, 12),
                Field::count('columns', 'Columns', 1, 4),
                Field::count('line', 'Boxes a line', 1, 2),
                Field::count('months_beyond', 'Months beyond the end', 0, 12),
            ]),
        ];
    }

    /** @return list<Kind> */
    private static function lists(): array
    {
        return [
            new Kind('goals-by-area', 'Goals by area', Section::Goals, new Containers(['Home', 'Work', 'Health', 'People']), 'A container for each area of life.', [], [Field::lines('areas', 'Areas'), Field::count('columns', 'Columns', 1, 4), self::half()], halves: true),
            new Kind('items-by-month', 'Items by month, with doors', Section::Trackers, new Doors(), 'Items written once on a strip that stays in sight; a cut leaf for every two months. Sums of money are a record here, no advice.', ['items' => ['Rent', 'Food', 'Fares', 'Choir', 'Boat', 'Saved']], [
                Field::lines('items', 'Items'),
                Field::count('leaves', 'Cut leaves', 1, 12),
                Field::count('strip', 'Boxes of the strip', 2, 20),
            ]),
            new Kind('notes', 'Notes', Section::Back, new RuledRows(), 'A title and lines; takes what has no page of its own.', [], [
                Field::count('pages', 'Pages', 1, 12),
                Field::count('line', 'Boxes a line', 1, 3),
                Field::flag('ruled', 'Ruled lines', true),
                self::half(),
            ], opensFlat: false, filler: true, halves: true),
        ];
    }

    /** @return list<Kind> */
    private static function months(): array
    {
        return [
            new Kind('month-divider', 'Divider', null, new Lettered(), 'The month’s name in guide boxes.'),
            new Kind('month-calendar', 'Calendar', null, new MonthCells(), 'A cell a day, on an opening or one page.'),
            new Kind('month-goals', 'Goals', null, new Containers(['Focus', 'To do', 'To keep', 'To let go']), 'What this month is for.'),
            new Kind('weeks', 'Weeks', null, new WeekBoxes(), 'Every week of the month, on the pages the book gives a week.'),
            new Kind('month-notes', 'Notes', null, new RuledRows(), 'Lines for notes and memories.', [], [], false),
        ];
    }

    private static function half(): Field
    {
        return Field::flag('half', 'Half a page, shared', false);
    }
}
