<?php

/* The kinds of the front pages. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\CellWords;
use AmpleMargin\Spread\Filling\Circles;
use AmpleMargin\Spread\Filling\CoverLetters;
use AmpleMargin\Spread\Filling\Divisions;
use AmpleMargin\Spread\Filling\IndexRows;
use AmpleMargin\Spread\Filling\KeyMarks;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\PartedBy;
use AmpleMargin\Spread\Part\PartedLayouts;
use AmpleMargin\Spread\Part\Portion;

/** @internal to Spread */
final class FrontKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'name-page' => static fn (): Kind => Kind::spread('Name page', Section::Front, Page::centred())
                ->which(Fact::HoldsAnAddress)
                ->whichIs('Whose notebook it is; only what a finder needs. Keep the address short: the book is private.')
                ->alsoCalled('owner', 'address', 'belongs to', 'first page')
                ->unlessSaid(['words' => ['This notebook belongs to', '…', 'If found, please write to', '…']])
                ->formerly(['lines' => 'words'])
                ->which(Fact::NeedsNoGrid),
            'cover' => static fn (): Kind => Kind::spread('Cover of the year', Section::Front, PartedLayouts::of(
                FilledPart::of(new CoverLetters())->open('lettering', 'figures', 'subtitle'),
            ))
                ->whichIs('The year as large as the page takes it, or across the fold of an opening.')
                ->alsoCalled('title page', 'year in letters', 'opening page')
                ->goesOpposite('key'),
            'key' => static fn (): Kind => Kind::spread('Key', Section::Front, PartedLayouts::of(Page::under(
                FilledPart::of(new KeyMarks())->with([KeyMarks::WHOSE => KeyMarks::OWN])->open(
                    'set',
                    'key_columns',
                    'colours',
                    'row',
                    'symbols',
                ),
            )))
                ->whichIs('The symbols and the states they turn into by adding strokes.')
                ->alsoCalled('legend', 'signs', 'symbols', 'bullets')
                ->goesOpposite('cover')
                ->which(Fact::SharesAPage)
                ->with(Fact::Designer, 'key'),
            'index' => static fn (): Kind => Kind::spread('Index', Section::Front, PartedLayouts::of(Page::under(
                FilledPart::of(new IndexRows())->open('pages', 'columns', 'line'),
            )))
                ->whichIs('What stands where, the months’ ranges among it.')
                ->alsoCalled('contents', 'table of contents', 'page list')
                ->goesOpposite('key'),
            'quote' => static fn (): Kind => Kind::spread('Quote', Section::Front, Page::centred())
                ->formerly(['lines' => 'words'])
                ->whichIs('A few words in the middle of a page; the usual filler.')
                ->alsoCalled('saying', 'motto', 'filler', 'words')
                ->goesOpposite('goals-by-area', 'savings-by-month')
                ->which(Fact::FillsEmptyPages, Fact::NeedsNoGrid, Fact::SharesAPage),
            'spacing-sheet' => static fn (): Kind => Kind::spread('Grid spacing sheet', Section::Front, self::spacing())
                ->unlessSaid(['school' => 'edges'])
                ->whichIs('Numbered edges, shares, and the divisions of this stock with and without gaps.')
                ->alsoCalled('dot guide', 'grid guide', 'reference', 'dividing', 'cheat sheet'),
            'shared-words' => static fn (): Kind => Page::spread(
                'Words and what they share',
                Section::Front,
                FilledPart::of(new Circles())->open('circles', 'shared'),
            )
                ->whichIs('Circles that overlap: a word in each, and one in the middle.')
                ->unlessSaid(['circles' => ['Water', 'Voice', 'Hands'], 'shared' => 'Patience'])
                ->alsoCalled('circles', 'overlap', 'values', 'what matters'),
            'theme-plan' => static fn (): Kind => Page::spread('Themes of the months', Section::Front, FilledPart::of(new Cells())
                ->with(['of' => 'months'])
                ->open('within', 'across', 'line'))
                ->whichIs('A cell for every month: its theme, its colours, an idea; the theme stands on the month’s divider too.')
                ->which(Fact::OnlyOfTheYear)
                ->with(Fact::Themes, CellWords::SETTING)
                ->alsoCalled('theme plan', 'decoration', 'colours'),
            'swatches' => static fn (): Kind => Page::spread(
                'Swatches',
                Section::Back,
                FilledPart::of(new Cells())->with(['of' => 'numbers'])->open('count', 'cell'),
            )
                ->whichIs('A numbered cell for every pen, ink or pencil, in the order you keep them in.')
                ->unlessSaid(['count' => 54, 'cell' => 3])
                ->alsoCalled('pens', 'colours', 'inks', 'colour chart'),
        ];
    }

    /** Numbered edges and corners have the whole page; the others a title above them. */
    private static function spacing(): Form
    {
        $leaf = FilledPart::of(new Divisions())->open('school', 'divisors_across', 'divisors_down', 'gaps', 'coloured', 'lines');

        return new PartedBy($leaf, static fn (Request $request): Portion => \in_array(
            $request->settings->choice('school'),
            Divisions::EDGES,
            true,
        ) ? $leaf : Page::under($leaf));
    }
}
