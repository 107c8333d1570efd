<?php

/* Logs and lists: rows under a title, with columns or without. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Blank;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\GoesOn;
use AmpleMargin\Spread\Filling\LargeLetters;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\MiniMonths;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class LogKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'books-read' => static fn (): Kind => self::log('Books read', ['Title 10+', 'Author 7', 'Stars 2', 'Date 4'], 52, true)
                ->whichIs('A row a book; the title takes what is left.')
                ->alsoCalled('reading log', 'read', 'library')
                ->goesOpposite('board', 'reading-by-category'),
            'films-seen' => static fn (): Kind => self::log('Films and series', ['Title 10+', 'With 5', 'Stars 2', 'Date 4'], 34, true)
                ->whichIs('A row a film, or a season.')
                ->alsoCalled('watched', 'seen', 'cinema'),
            'bucket-list' => static fn (): Kind => self::log('Before I am a year older', ['What 12+', 'Date 4', 'Stars 2'], 30, true)
                ->whichIs('What is to be done once, when it was, and how it was.')
                ->alsoCalled('bucket list', 'once in a lifetime', 'adventures')
                ->goesOpposite('vision-board'),
            'expenses' => static fn (): Kind => self::log('Larger expenses', ['What 8+', 'Details 7', 'Price 4', 'Saved 4'], null, true)
                ->whichIs('What cost more than usual, and what was put aside for it.')
                ->isARecord()
                ->alsoCalled('money', 'spending', 'purchases'),
            'waiting-for' => static fn (): Kind => self::log('Waiting for', ['What 10+', 'From 6', 'Date 4', 'Came 3'], null, false)
                ->whichIs('What was lent, ordered or promised.')
                ->alsoCalled('orders', 'lent', 'promised'),
            'wish-list' => static fn (): Kind => self::log('Wish list', ['What 10+', 'Where 7', 'Price 4'], null, false)
                ->whichIs('What could be bought some day; whoever waits often needs it no more.')
                ->alsoCalled('to buy', 'wants', 'shopping'),
            'gifts' => static fn (): Kind => self::log('Gifts', ['For whom 6', 'What 10+', 'Given 4'], null, false)
                ->whichIs('Ideas for presents, caught when they come.')
                ->alsoCalled('presents', 'birthdays'),
            'trips' => static fn (): Kind => self::log('Trips', ['Where 8+', 'When 5', 'Why, and with whom 8+'], null, false)
                ->whichIs('Three boxes a trip: a name, and a line below it.')
                ->unlessSaid(['line' => '3'])
                ->alsoCalled('travels', 'holidays', 'journeys', 'where we went'),
            'projects' => static fn (): Kind => self::log('Projects', ['What 9+', 'Next step 9', 'By 4'], null, false)
                ->whichIs('What is under way, and the one thing to do next.')
                ->alsoCalled('project log', 'under way'),
            'things-in-a-year' => static fn (): Kind => self::list(
                'Things in a year',
                ['rows' => 24, 'numbered' => true, 'ticked' => true],
            )
                ->whichIs('So many things, numbered, each with a box to tick.')
                ->alsoCalled('24 things', 'challenge', 'list of the year'),
            'long-list' => static fn (): Kind => Page::spread('A long list in two columns', Section::Trackers, Parting::across(
                [Size::share(), Page::lines()],
                [Size::share(), FilledPart::of(new GoesOn())],
            )->gap(1))
                ->unlessSaid(['rows' => 101, 'numbered' => true, 'ticked' => true])
                ->whichIs('A hundred things and one, numbered on through both columns and over the pages.')
                ->alsoCalled('101 things', '100 days', 'list of the year', 'challenge'),
            'affirmations' => static fn (): Kind => self::list('Sentences to keep', ['look' => 'plain', 'line' => '2'])
                ->whichIs('A list of sentences, with room for more.')
                ->alsoCalled('affirmations', 'sayings', 'mottos')
                ->goesOpposite('goals-by-area'),
            'questions' => static fn (): Kind => self::list('Questions for the year', [
                'line' => '3',
                'items' => ['This year I will', 'I want to learn', 'I want to see', 'I want to finish', 'I will let go of', 'I am glad of'],
            ])
                ->whichIs('Prompts, and room for an answer below each.')
                ->alsoCalled('prompts', 'this year I will', 'reflection'),
            'duties' => static fn (): Kind => self::log(
                'Duties',
                ['What 9+', 'Every 4', 'Next due 5', 'Notice from 5'],
                null,
                false,
                Section::Year,
            )
                ->takes(TakesDates::Duties)
                ->whichIs('What comes again, when it is due next, and from when it must be thought of.')
                ->unlessSaid(['line' => '1.5'])
                ->alsoCalled('recurring', 'renewals', 'taxes', 'inspections', 'reminders'),
            'work-log' => static fn (): Kind => self::log('Work log', ['Date 4', 'What was done 10+', 'Hours 3'], null, false)
                ->whichIs('What was done when, and how long it took.')
                ->alsoCalled('work hours', 'log', 'overtime'),
            'pen-test' => static fn (): Kind => self::log(
                'Pens on this paper',
                ['Pen 7', 'Stroke 8+', 'On the back 6'],
                null,
                false,
                Section::Back,
            )
                ->whichIs('Each pen tried on this paper: the stroke, and what shows on the back. Solvent markers: open a window.')
                ->unlessSaid(['line' => '2'])
                ->which(Fact::TriesPens)
                ->alsoCalled('pen test', 'ghosting', 'bleeding', 'ink'),
            'left-open' => static fn (): Kind => self::list('Left open', ['ticked' => true, 'line' => '1.5'], Section::Goals)
                ->whichIs('What was not finished in the last book, each with a box to tick.')
                ->alsoCalled('unfinished', 'carried over', 'undone', 'leftovers'),
            'practice' => static fn (): Kind => Kind::spread('Practice', Section::Back, new Parted(Parting::down(
                [Size::boxes(3), Parting::across(
                    [Size::boxes(2), FilledPart::of(new Blank())],
                    [Size::share(), FilledPart::of(new LargeLetters())->open('lettering')],
                    [Size::boxes(2), FilledPart::of(new Blank())],
                )->gap(0)],
                [Size::share(), FilledPart::of(new Cells())->with(['of' => 'numbers', 'count' => 4, 'across' => 4])],
                [Size::boxes(9), FilledPart::of(new MiniMonths())->with(['from' => null, 'months' => 1])],
                [Size::share(), FilledPart::of(new Lines(), 'Write here as you write')->with(['framed' => true])],
            )->gap(1)))
                ->whichIs('To try it on a spare page: large figures in the middle, a side split in four with gaps, a month in its grid, '
                    .'each with its check.')
                ->which(Fact::ForPractice)
                ->alsoCalled('exercise', 'trying out', 'first page', 'beginner', 'warm up', 'test page'),
            'next-set-up' => static fn (): Kind => self::list('For the next book', ['look' => 'plain', 'line' => '1.5'], Section::Back)
                ->whichIs('What to do otherwise when the next book is set up.')
                ->alsoCalled('next set-up', 'ideas for the next book', 'improvements'),
            'next-year' => static fn (): Kind => self::list('Dates of next year', ['line' => '1.5'], Section::Year)
                ->takes(TakesDates::NextYear)
                ->whichIs('A plain list; copied over when the next book is set up.')
                ->alsoCalled('future dates', 'later'),
        ];
    }

    /** @param list<string> $columns as a person writes them down */
    private static function log(
        string $name,
        array $columns,
        ?int $rows,
        bool $numbered,
        Section $section = Section::Trackers,
    ): Kind {
        $settings = ['columns' => $columns, 'numbered' => $numbered] + (null === $rows ? [] : ['rows' => $rows]);

        return Page::spread($name, $section, Page::log())->unlessSaid($settings);
    }

    /** @param array<string, mixed> $settings */
    private static function list(string $name, array $settings, Section $section = Section::Trackers): Kind
    {
        return Page::spread($name, $section, Page::lines())->unlessSaid($settings);
    }
}
