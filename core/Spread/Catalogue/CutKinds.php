<?php

/* Spreads of leaves that are cut: doors, a window, a short first leaf, tabs. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Blank;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\CentredWords;
use AmpleMargin\Spread\Filling\GoesOn;
use AmpleMargin\Spread\Filling\LargeLetters;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Part\Cut;
use AmpleMargin\Spread\Part\Cut\Doors;
use AmpleMargin\Spread\Part\Cut\ShortLeaf;
use AmpleMargin\Spread\Part\Cut\Tabs;
use AmpleMargin\Spread\Part\Cut\Window;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\PartedLayouts;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class CutKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'items-by-month' => static fn (): Kind => self::doors('Items behind doors', Section::Trackers, 8, FilledPart::of(new Table())
                ->with(['rows_of' => 'items', 'columns_of' => 'items'])
                ->open('items', 'heads', 'line', 'look', 'sum'))
                ->whichIs('Items written once on a strip; each cut leaf carries two months.')
                ->isARecord()
                ->unlessSaid([
                    'items' => ['Rent', 'Food', 'Fares', 'Choir', 'Boat', 'Saved'],
                    'heads' => ['Planned', 'Really'],
                    'sum' => true,
                    'line' => '2',
                ])
                ->formerly(['columns' => 'heads', 'strip' => 'door_strip'])
                ->alsoCalled('budget', 'money', 'flaps', 'doors', 'expenses'),
            'care-by-day' => static fn (): Kind => self::doors('Care behind doors', Section::Trackers, 2, FilledPart::of(new Table())
                ->with(['rows_of' => 'days', 'columns_of' => 'items'])
                ->open('heads'))
                ->whichIs('The days written once on a strip, a face a month: a ring where it was watered, a dot in it where it was fed.')
                ->unlessSaid(['heads' => ['Fern', 'Lemon', 'Ivy', 'Basil', 'Cat']])
                ->alsoCalled('plants', 'pets', 'watering', 'feeding', 'doors'),
            'planner-doors' => static fn (): Kind => Kind::spread('Three months a door', Section::Trackers, PartedLayouts::of(Run::of([
                self::under(FilledPart::of(new Blank()), FilledPart::of(new Lines())->open('items', 'line')),
                self::under(FilledPart::of(new Title()), FilledPart::of(new Cells())->with(['of' => 'months', 'across' => 1])),
                self::under(FilledPart::of(new Title()), FilledPart::of(new Lines(), 'Ideas')->with(['look' => 'plain'])),
            ], self::asked(Doors::of(['door_strip' => 7, 'face_for' => 'quarter'])))))
                ->whichIs('What is always the same on a strip, three months on each face of a door.')
                ->unlessSaid(['items' => ['Shifts', 'Choir', 'Boat', 'Letters'], 'line' => '3'])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('content planner', 'project planner', 'quarters', 'doors', 'flip-out'),
            'list-behind-door' => static fn (): Kind => Kind::spread(
                'A long list with a door',
                Section::Goals,
                PartedLayouts::of(Run::of([
                    FilledPart::of(new Title()),
                    FilledPart::of(new GoesOn()),
                    Page::lines(),
                    FilledPart::of(new GoesOn()),
                ], Doors::of(['strip_at' => 'head', 'door_strip' => 3, 'face_for' => 'none'])->open('leaves'))),
            )
                ->whichIs('A hundred things under one title: the leaf between is cut below it, and the list runs over its faces.')
                ->unlessSaid(['rows' => 100, 'numbered' => true, 'ticked' => true])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('101 things', '100 things', 'challenge', 'list of the year', 'doors'),
            'window-cover' => static fn (): Kind => Kind::spread('Cover with a window', Section::Front, PartedLayouts::of(Run::of([
                FilledPart::of(new LargeLetters())->open('lettering'),
                FilledPart::of(new Blank()),
                FilledPart::of(new CentredWords())->open('words'),
            ], Window::of()->open('window_wide', 'window_tall', 'window_above', 'window_left'))))
                ->whichIs('The year in letters, and below it a window through which the next page shows: a picture, a word.')
                ->unlessSaid(['words' => ['A dry boat', 'floats too']])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('cover', 'title page', 'window', 'cut-out', 'peephole'),
            'short-cover' => static fn (): Kind => Kind::spread('Year on a short leaf', Section::Front, PartedLayouts::of(Run::of([
                FilledPart::of(new LargeLetters())->with(['half_of' => 'first'])->open('lettering'),
                FilledPart::of(new Blank()),
                // The leaf covers the larger half where the page does not divide.
                Parting::across(
                    [Size::share(101), FilledPart::of(new Blank())],
                    [Size::share(100), FilledPart::of(new LargeLetters())->with(['half_of' => 'second'])->open('lettering')],
                )->gap(0),
            ], ShortLeaf::of())))
                ->whichIs('The first half of the number on a leaf cut to half its width, the second half on the page behind it.')
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('cover', 'title page', 'half leaf', 'short first leaf', 'number'),
            'tabbed-lists' => static fn (): Kind => Kind::spread('Lists with tabs', Section::Back, PartedLayouts::of(Run::of([
                self::under(FilledPart::of(new Title()), Page::lines()),
                FilledPart::of(new Lines())->open('line', 'look'),
            ], self::asked(Tabs::of()))))
                ->whichIs('A leaf for each list with a tab down the edge: all tabs are seen at once.')
                ->unlessSaid(['tab_names' => ['Boat', 'Choir', 'Home', 'Tram']])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('tabs', 'register', 'dividers', 'n things n times', 'sections'),
        ];
    }

    /** Names on the strip, columns on every face; the title on the left page. */
    private static function doors(string $name, Section $section, int $strip, FilledPart $table): Kind
    {
        $blank = FilledPart::of(new Blank());
        $title = FilledPart::of(new Title());

        return Kind::spread($name, $section, PartedLayouts::of(Run::of([
            self::under($blank, $table->with(['shows' => 'names'])),
            self::under($title, $table->with(['shows' => 'columns'])),
            self::under($title, FilledPart::of(new Lines(), 'Notes')->with(['look' => 'plain'])),
        ], self::asked(Doors::of(['door_strip' => $strip])))))->which(Fact::OnlyOfTheYear);
    }

    /** Below a title, or below as much air. */
    private static function under(FilledPart $head, FilledPart $rest): Portion
    {
        return Parting::down([Size::needed(), $head], [Size::share(), $rest]);
    }

    private static function asked(Cut $cut): Cut
    {
        return $cut->open(...array_column($cut->all(), 'name'));
    }
}
