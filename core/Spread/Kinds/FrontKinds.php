<?php

/* The kinds of the front pages. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Kinds;

use AmpleMargin\Key\StarterKeys;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Field;
use AmpleMargin\Spread\Form\CentredWords;
use AmpleMargin\Spread\Form\IndexRows;
use AmpleMargin\Spread\Form\Legend;
use AmpleMargin\Spread\Form\Lettered;
use AmpleMargin\Spread\Form\SpacingSheet;
use AmpleMargin\Spread\Kind;

final class FrontKinds
{
    /** @return list<Kind> */
    public static function all(): array
    {
        return [
            Kind::spread('name-page', 'Name page', Section::Front, new CentredWords())
                ->whichIs('Whose notebook it is; only what a finder needs. Keep the address short: the book is private.')
                ->asking(Field::lines('lines', 'Lines'))
                ->unlessSaid(['lines' => ['This notebook belongs to', '…', 'If found, please write to', '…']])
                ->needsNoGrid(),
            Kind::spread('cover', 'Cover of the year', Section::Front, new Lettered())
                ->whichIs('The year as large as the page takes it, or across the fold of an opening.')
                ->asking(
                    Field::text('lettering', 'Lettering'),
                    Field::choice('figures', 'Drawn in', Lettered::WAYS),
                    Field::text('subtitle', 'Line below'),
                ),
            Kind::spread('key', 'Key', Section::Front, new Legend())
                ->whichIs('The symbols and the states they turn into by adding strokes.')
                ->asking(...self::key())
                ->mayShareAPage()
                ->designedOn('key'),
            Kind::spread('index', 'Index', Section::Front, new IndexRows())
                ->whichIs('What stands where, the months’ ranges among it.')
                ->asking(
                    Field::count('pages', 'Pages', 1, 6),
                    Field::count('columns', 'Columns', 1, 2),
                    Field::boxes('line', 'Boxes a row'),
                ),
            Kind::spread('quote', 'Quote', Section::Front, new CentredWords())
                ->whichIs('A few words in the middle of a page; the usual filler.')
                ->asking(Field::lines('lines', 'Lines'), self::half())
                ->fillsEmptyPages()
                ->needsNoGrid()
                ->mayShareAPage(),
            Kind::spread('spacing-sheet', 'Grid spacing sheet', Section::Front, new SpacingSheet())
                ->whichIs('Numbered edges, shares, and the divisions of this stock with and without gaps.')
                ->asking(...self::spacing()),
        ];
    }

    /** @return list<Field> */
    private static function key(): array
    {
        return [
            Field::choice('set', 'Symbols to begin with', array_map(static fn (array $about): string => $about[0], StarterKeys::all())),
            Field::count('key_columns', 'Columns', 1, 2),
            Field::flag('colours', 'What the colours stand for', false),
            self::half(),
        ];
    }

    /** @return list<Field> */
    private static function spacing(): array
    {
        return [
            Field::choice('school', 'Drawn as', SpacingSheet::SCHOOLS),
            Field::counts('divisors_across', 'Divided across by', 2, 12),
            Field::counts('divisors_down', 'Divided down by', 2, 12),
            Field::choice('gaps', 'Parts', ['both' => 'without gaps and with', 'without' => 'without gaps', 'with' => 'with the best gap']),
            Field::flag('coloured', 'A colour for each divisor', true),
            Field::lines('lines', 'Quote')->when('school', ['half']),
        ];
    }

    public static function half(): Field
    {
        return Field::flag('half', 'Half a page, shared', false);
    }
}
