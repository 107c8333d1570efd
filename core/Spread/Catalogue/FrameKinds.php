<?php

/* Frames of a real size: what is glued in, and what is tried out. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Frames;
use AmpleMargin\Spread\Filling\GluedIn;
use AmpleMargin\Spread\Filling\Spines;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class FrameKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'photos' => static fn (): Kind => Page::spread('A photo of every month', Section::Trackers, self::frames(
                ['frames_for' => 'months', 'glued_in' => true],
            ))
                ->whichIs('A frame for an instant print of every month, and a row for what it shows. Each one glued in thickens the book.')
                ->unlessSaid(['frame_width' => 54, 'frame_height' => 86])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('pictures', 'instant prints', 'memories', 'album'),
            'covers' => static fn (): Kind => Page::spread('Covers', Section::Trackers, self::frames(
                ['frames_for' => 'numbers', 'glued_in' => true],
                'frame_count',
            ))
                ->whichIs('A small frame for the cover of each book or record, numbered as they come.')
                ->unlessSaid(['frame_width' => 15, 'frame_height' => 23, 'frame_count' => 52])
                ->alsoCalled('book covers', 'gallery', 'records', 'films', 'reading')
                ->goesOpposite('books-read'),
            'named-swatches' => static fn (): Kind => Page::spread(
                'Swatches by name',
                Section::Back,
                self::frames(['frames_for' => 'names'], 'frame_names'),
            )
                ->whichIs('A frame for every pen or ink, named, in the order you keep them in: type or paste the names.')
                ->unlessSaid(['frame_width' => 25, 'frame_height' => 10, 'frame_names' => [
                    'Sea',
                    'Moss',
                    'Rust',
                    'Slate',
                    'Straw',
                    'Plum',
                    'Tar',
                    'Sail',
                ]])
                ->alsoCalled('pens', 'inks', 'colours', 'pencils', 'media')
                ->goesOpposite('pen-test'),
            'best-of-months' => static fn (): Kind => Page::spread('Best of every month, with a picture', Section::Trackers, self::frames(
                ['frames_for' => 'months', 'glued_in' => true],
            ))
                ->whichIs('For each month a frame for a cover or a ticket, and lines beside its name.')
                ->unlessSaid(['frame_width' => 36, 'frame_height' => 36, 'caption' => 2])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('favourites', 'highlights', 'covers', 'releases'),
            'spines' => static fn (): Kind => Page::spread(
                'A shelf of books',
                Section::Trackers,
                FilledPart::of(new Spines())->open('spines', 'shelf', 'thick'),
            )
                ->whichIs('Empty spines on shelves; each gets its title and its colour when the book is read.')
                ->alsoCalled('bookshelf', 'reading', 'books read', 'library', 'to be read')
                ->goesOpposite('books-read'),
            'pocket' => static fn (): Kind => Page::spread('A pocket', Section::Back, FilledPart::of(new GluedIn())
                ->with(['glued' => 'pocket'])
                ->open('glued_wide', 'glued_tall'))
                ->whichIs('A pocket glued in, with its flaps: for tickets, the loose card, what must not be lost.')
                ->alsoCalled('envelope', 'loose card', 'tickets', 'glued in'),
            'folded-out' => static fn (): Kind => Page::spread('A leaf that folds out', Section::Trackers, Parting::down(
                [Size::share(2), Page::months()],
                [Size::share(), FilledPart::of(new GluedIn())->with(['glued' => 'flip-out'])->open('hinge', 'glued_wide', 'glued_tall')],
            )->gap(1))
                ->whichIs('Cells for the months, and a leaf taped on that folds out for more.')
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('flip-out', 'fold-out', 'content planner', 'project planner', 'glued in'),
            'month-photos' => static fn (): Kind => Page::ofMonth(
                'Photos',
                self::frames(['frames_for' => 'numbers', 'glued_in' => true], 'frame_count'),
            )
                ->whichIs('Frames for what the month looked like.')
                ->unlessSaid(['frame_width' => 46, 'frame_height' => 62, 'frame_count' => 4])
                ->alsoCalled('pictures', 'memories', 'instant prints')
                ->inPlural('photo pages')
                ->inAMonth(new OfMonth(yields: true)),
        ];
    }

    /** @param array<string, string|bool> $settings */
    private static function frames(array $settings, string ...$open): FilledPart
    {
        return FilledPart::of(new Frames())->with($settings)->open(...[...array_values($open), 'frame_width', 'frame_height', 'caption']);
    }
}
