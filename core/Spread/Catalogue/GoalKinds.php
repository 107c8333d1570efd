<?php

/* Goals: what is wanted, why, and how one will know. Prompts are starters to be overwritten. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\CellWords;
use AmpleMargin\Spread\Filling\CentredWords;
use AmpleMargin\Spread\Filling\DayStrips;
use AmpleMargin\Spread\Filling\Free;
use AmpleMargin\Spread\Filling\GoalChecks;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class GoalKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'action-plan' => static fn (): Kind => Page::spread('Action plan', Section::Goals, Page::boxesDown(
                'Why',
                'What done looks like',
                'Each day',
                'Each week',
                'Each month, or once',
            ))
                ->whichIs('One goal taken apart: why, what done looks like, and what to do how often.')
                ->alsoCalled('plan of action', 'steps', 'how'),
            'goal-with-steps' => static fn (): Kind => Page::spread('A goal and its steps', Section::Goals, Parting::down(
                [Size::boxes(6), Page::box('The goal, and how I know that it is reached')],
                [Size::share(), FilledPart::of(new Lines(), 'Steps')
                    ->with(['rows' => 10, 'numbered' => true, 'ticked' => true, 'line' => '2'])
                    ->open('rows', 'line')],
                [Size::boxes(6), Page::box('What may stand in the way')],
            )->gap(1))
                ->whichIs('A few lines for the goal, ten numbered steps, and what may stand in the way.')
                ->alsoCalled('steps', 'milestones'),
            'goal-checks' => static fn (): Kind => Page::spread('Seven checks of a goal', Section::Goals, FilledPart::of(new GoalChecks())
                ->open('items', 'yes', 'strip', 'line'))
                ->whichIs('A row a goal, a tick for each check of its wording: “take five lessons”, not “improve”.')
                ->unlessSaid(['line' => '2', 'items' => ['Sing the second part by heart', 'Varnish the hull twice', 'Read a book a month']])
                ->alsoCalled('specific and measurable', 'wording', 'check list'),
            'goals-by-quarter' => static fn (): Kind => Page::spread('Goals by quarter', Section::Goals, FilledPart::of(new Cells())
                ->with(['of' => 'quarters'])
                ->open(CellWords::SETTING, 'across', 'line'))
                ->whichIs('A few goals for each quarter; later ones may stay open until the earlier ends.')
                ->which(Fact::OnlyOfTheYear)
                ->with(Fact::Goals, CellWords::SETTING)
                ->alsoCalled('quarterly goals', 'seasons')
                ->goesOpposite('monthly-challenges'),
            'monthly-challenges' => static fn (): Kind => Page::spread(
                'A challenge for every month',
                Section::Goals,
                FilledPart::of(new DayStrips())->open('challenges', 'strip', 'days'),
            )
                ->whichIs('A strip of days for each month’s challenge, and the quarter’s goal it serves.')
                ->which(Fact::OnlyOfTheYear)
                ->with(Fact::Challenges, 'challenges')
                ->alsoCalled('challenges', 'thirty days', 'monthly habit')
                ->goesOpposite('goals-by-quarter'),
            'goals-by-month' => static fn (): Kind => Page::spread('Goals by month', Section::Goals, Page::items('months'))
                ->whichIs('A row a goal, a box for every month it was worked on.')
                ->unlessSaid(['items' => ['Boat', 'Choir', 'Reading', 'Saving', 'Sleep'], 'line' => '1.5'])
                ->alsoCalled('goal tracker', 'progress'),
            'word-of-the-year' => static fn (): Kind => Page::spread('A word for the year', Section::Goals, Parting::down(
                [Size::boxes(7), FilledPart::of(new CentredWords())->with(['line' => '3'])->open('words')],
                [Size::share(2), Page::box('Why this word')],
                [Size::share(), Page::box('Where I want to meet it')],
            )->gap(1))
                ->whichIs('One word in large letters, and why.')
                ->unlessSaid(['words' => ['STEADY']])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('word of the year', 'motto', 'theme', 'intention')
                ->goesOpposite('goals-by-area', 'savings-by-month'),
            'focus' => static fn (): Kind => Page::spread(
                'What matters now',
                Section::Goals,
                Page::quarters('Focus', 'Dreams', 'To learn', 'To let go'),
            )
                ->whichIs('Four boxes: what has the first place, and what has none.')
                ->alsoCalled('focus areas', 'dreams', 'priorities', 'skills'),
            'last-and-next' => static fn (): Kind => Page::spread(
                'Last year and next',
                Section::Goals,
                Page::boxesAcross('Last year', 'Next year'),
            )
                ->whichIs('What was, beside what shall be.')
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('review', 'look back'),
            'then-and-now' => static fn (): Kind => Page::spread('Then and now', Section::Goals, Parting::across(
                [Size::share(), self::prompts('Then')],
                [Size::share(), self::prompts('Now')],
            ))
                ->whichIs('The same prompts twice: answered when the book begins, and when it ends.')
                ->unlessSaid(['items' => ['I like', 'I fear', 'I hope', 'I am glad of', 'A day off is', 'I would never']])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('before and after', 'prompts', 'time capsule')
                ->goesOpposite('letter'),
            'letter' => static fn (): Kind => Page::spread('A letter to myself', Section::Goals, Parting::down(
                [Size::share(2), FilledPart::of(new Lines())->with(['line' => '1.5'])->open('line', 'look')],
                [Size::share(), FilledPart::of(new Free())],
            ))
                ->whichIs('Lines to write on, and room below for an envelope that is glued in.')
                ->alsoCalled('letter to self', 'envelope', 'time capsule')
                ->goesOpposite('then-and-now'),
            'things-n-times' => static fn (): Kind => Page::spread('So many things, so often', Section::Goals, FilledPart::of(new Table())
                ->with(['rows_of' => 'numbers', 'columns_of' => 'numbers', 'column' => 1])
                ->open('row_count', 'column_count', 'line', 'look'))
                ->whichIs('Rows of boxes: each thing a row, a box each time it was done.')
                ->unlessSaid(['row_count' => 22, 'column_count' => 22, 'line' => '1.5'])
                ->alsoCalled('22 by 22', 'n things n times'),
            'vision-board' => static fn (): Kind => Page::spread('Pictures of the year', Section::Goals, FilledPart::of(new Free()))
                ->whichIs('Room kept free for pictures and words.')
                ->alsoCalled('vision board', 'collage', 'words', 'mood')
                ->goesOpposite('bucket-list', 'word-of-the-year'),
        ];
    }

    private static function prompts(string $name): FilledPart
    {
        return FilledPart::of(new Lines(), $name)->with(['line' => '3'])->open('items', 'line', 'look');
    }
}
