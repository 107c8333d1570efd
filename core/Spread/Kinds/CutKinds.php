<?php

/* Spreads of leaves that are cut: doors, a window, a short first leaf, tabs. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Kinds;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Cut\Doors;
use AmpleMargin\Spread\Filling\Blank;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Form\PartedLayouts;
use AmpleMargin\Spread\Kind;
use AmpleMargin\Spread\Part\Cut;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class CutKinds
{
    /** @return list<Kind> */
    public static function all(): array
    {
        return [
            self::doors('items-by-month', 'Items behind doors', Section::Trackers, 8, Leaf::of(new Table())
                ->with(['rows_of' => 'items', 'columns_of' => 'items'])
                ->open('items', 'heads', 'line', 'look', 'sum'))
                ->whichIs('Items written once on a strip; each cut leaf carries two months. A record, no advice where it is money.')
                ->unlessSaid([
                    'items' => ['Rent', 'Food', 'Fares', 'Choir', 'Boat', 'Saved'],
                    'heads' => ['Planned', 'Really'],
                    'sum' => true,
                    'line' => '2',
                ])
                ->formerly(['columns' => 'heads', 'strip' => 'door_strip'])
                ->alsoCalled('budget', 'money', 'flaps', 'doors', 'expenses'),
            self::doors('care-by-day', 'Care behind doors', Section::Trackers, 2, Leaf::of(new Table())
                ->with(['rows_of' => 'days', 'columns_of' => 'items'])
                ->open('heads'))
                ->whichIs('The days written once on a strip, a face a month: a ring where it was watered, a dot in it where it was fed.')
                ->unlessSaid(['heads' => ['Fern', 'Lemon', 'Ivy', 'Basil', 'Cat']])
                ->alsoCalled('plants', 'pets', 'watering', 'feeding', 'doors'),
        ];
    }

    /** Names on the strip, columns on every face; the title on the left page. */
    private static function doors(string $id, string $name, Section $section, int $strip, Leaf $table): Kind
    {
        $blank = Leaf::of(new Blank());
        $title = Leaf::of(new Title());
        $under = static fn (Leaf $head, Leaf $rest): Piece => Parting::down([Size::needed(), $head], [Size::share(), $rest]);

        return Kind::spread($id, $name, $section, PartedLayouts::of(Run::of([
            $under($blank, $table->with(['shows' => 'names'])),
            $under($title, $table->with(['shows' => 'columns'])),
            $under($title, Leaf::of(new Lines(), 'Notes')->with(['look' => 'plain'])),
        ], self::asked(Doors::of(['door_strip' => $strip])))))->onlyOfTheYear();
    }

    private static function asked(Cut $cut): Cut
    {
        return $cut->open(...array_column($cut->all(), 'name'));
    }
}
