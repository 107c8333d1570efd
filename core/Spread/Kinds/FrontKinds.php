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
            new Kind('name-page', 'Name page', Section::Front, new CentredWords(), 'Whose notebook it is; only what a finder needs. Keep the address short: the book is private.', ['lines' => ['This notebook belongs to', '…', 'If found, please write to', '…']], [Field::lines('lines', 'Lines')], needsGrid: false),
            new Kind('cover', 'Cover of the year', Section::Front, new Lettered(), 'The year as large as the page takes it, or across the fold of an opening.', [], [Field::text('lettering', 'Lettering'), Field::choice('figures', 'Drawn in', Lettered::WAYS), Field::text('subtitle', 'Line below')]),
            new Kind('key', 'Key', Section::Front, new Legend(), 'The symbols and the states they turn into by adding strokes.', [], self::key(), halves: true),
            new Kind('index', 'Index', Section::Front, new IndexRows(), 'What stands where, the months’ ranges among it.', [], [Field::count('pages', 'Pages', 1, 6), Field::count('columns', 'Columns', 1, 2), Field::boxes('line', 'Boxes a row')]),
            new Kind('quote', 'Quote', Section::Front, new CentredWords(), 'A few words in the middle of a page; the usual filler.', [], [Field::lines('lines', 'Lines'), self::half()], filler: true, needsGrid: false, halves: true),
            new Kind('spacing-sheet', 'Grid spacing sheet', Section::Front, new SpacingSheet(), 'Numbered edges, shares, and the divisions of this stock with and without gaps.', [], self::spacing()),
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
