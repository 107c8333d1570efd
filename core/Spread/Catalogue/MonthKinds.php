<?php

/* The parts a month's pattern is made of. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Spread\Filling\CoverLetters;
use AmpleMargin\Spread\Filling\Free;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\MonthInCells;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\PartedLayouts;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class MonthKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'month-divider' => static fn (): Kind => Kind::monthPart(
                'Divider',
                PartedLayouts::of(FilledPart::of(new CoverLetters())->open('subtitle')),
            )
                ->whichIs('The month’s name in guide boxes, and below it its theme, or the year.')
                ->with(Fact::Theme, 'subtitle')
                ->alsoCalled('cover of the month', 'title', 'name of the month')
                ->inPlural('dividers')
                ->inAMonth(new OfMonth(regret: 3)),
            'month-calendar' => static fn (): Kind => Kind::monthPart('Calendar', PartedLayouts::of(
                FilledPart::of(new MonthInCells())->with([MonthInCells::GIVEN => true])->open('from', 'cells', 'pages', 'week_start'),
            ))
                ->whichIs('A cell a day, on an opening or one page.')
                ->alsoCalled('month grid', 'dates', 'overview')
                ->asking('cells', 'week_start')
                ->takes(TakesDates::Days)
                ->which(Fact::ReadAcross)->inAMonth(new OfMonth(pages: 2)),
            'month-goals' => static fn (): Kind => Kind::monthPart('Goals', Page::containers())
                ->unlessSaid(['cells' => ['Focus', 'To do', 'To keep', 'To let go']])
                ->formerly(Page::CONTAINERS_ONCE)
                ->whichIs('What this month is for.')
                ->alsoCalled('focus', 'intentions', 'plan of the month'),
            PatternPart::WEEKS => static fn (): Kind => Kind::monthPart('Weeks', new PagesByWeek())
                ->whichIs('Every week of the month, on the pages the book gives a week.')
                ->alsoCalled('week pages', 'days', 'rolling week', 'week columns')
                ->asking('days_as', 'week_called', 'week_named', 'week_of')
                ->takes(TakesDates::Days)
                ->inAMonth(new OfMonth(byWeeks: true)),
            ...self::divided(),
            'month-notes' => static fn (): Kind => Kind::monthPart('Notes', Page::ruled())
                ->formerly(Page::ruledOnce())
                ->whichIs('Lines for notes and memories.')
                ->alsoCalled('lines', 'ideas', 'free page')
                ->asking('line', 'look')
                ->inAMonth(new OfMonth(yields: true)),
        ];
    }

    /**
     * Pages of a month made of parts.
     *
     * @return array<string, \Closure(): Kind> by id
     */
    private static function divided(): array
    {
        return [
            'month-habits' => static fn (): Kind => Page::ofMonth('Habits', Page::items('days'))
                ->whichIs('A column for every day of the month over an opening, a row for each habit.')
                ->alsoCalled('habit tracker', 'mood', 'every day')
                ->which(Fact::ReadAcross)->inAMonth(new OfMonth(pages: 2))
                ->unlessSaid(['items' => ['Scales', 'A walk', 'Ten pages', 'To bed by ten', 'No sugar', 'Stretch'], 'line' => '1.5'])
                ->inPlural('habits'),
            'month-line-a-day' => static fn (): Kind => Page::ofMonth('A line a day', FilledPart::of(new Table())
                ->with(['rows_of' => 'days', 'columns_of' => 'items', 'heads' => ['What was']])
                ->open('look'))
                ->whichIs('A row for every day of the month, and a line to write on it.')
                ->alsoCalled('one line', 'gratitude', 'memories', 'days')
                ->inPlural('lines a day'),
            'month-log' => static fn (): Kind => Page::ofMonth('Read, seen, bought', Parting::down(
                [Size::share(), FilledPart::of(new Lines(), 'Read')],
                [Size::share(), FilledPart::of(new Lines(), 'Seen and heard')],
                [Size::share(), FilledPart::of(new Lines(), 'Bought')],
            ))
                ->whichIs('What the month brought, by kind.')
                ->alsoCalled('books', 'films', 'bought', 'media')
                ->inPlural('logs'),
            'month-numbers' => static fn (): Kind => Page::ofMonth(
                'Numbers of the month',
                Page::items('items')->with(['heads' => ['Last', 'This', 'Next']]),
            )
                ->whichIs('Last month’s figure beside this one’s, and what is wanted of the next.')
                ->alsoCalled('statistics', 'figures', 'compare')
                ->unlessSaid([
                    'items' => ['Pages read', 'Hours of sleep', 'Kilometres', 'Rehearsals', 'Put aside'],
                    'column' => 4,
                    'line' => '2',
                ])
                ->inPlural('numbers'),
            'month-learning' => static fn (): Kind => Page::ofMonth(
                'Learning',
                Page::quarters('What I learn', 'How', 'Done', 'Questions'),
            )
                ->whichIs('What is being learned, how, and what is open.')
                ->alsoCalled('study', 'lessons', 'questions')
                ->inPlural('learning pages'),
            'month-child' => static fn (): Kind => Page::ofMonth(
                'A page for somebody',
                Page::boxesDown('Said', 'Learned', 'Laughed at', 'Measured'),
            )
                ->whichIs('A child’s or an animal’s month: what was said, learned, laughed at.')
                ->alsoCalled('child', 'pet', 'family')
                ->inPlural('pages for somebody'),
            'month-exercise' => static fn (): Kind => Page::ofMonth(
                'Moved',
                Page::log()->with(['columns' => ['Day 3', 'What 9+', 'How long 5', 'How it was 6']]),
            )
                ->whichIs('A row each time.')
                ->isARecord()
                ->alsoCalled('workout', 'sport', 'runs', 'steps')
                ->inPlural('exercise logs'),
            'month-memories' => static fn (): Kind => Page::ofMonth('Memories', FilledPart::of(new Free()))
                ->whichIs('Room kept free for what is glued in or drawn.')
                ->alsoCalled('photos', 'pictures', 'glued in')
                ->inPlural('memories')
                ->inAMonth(new OfMonth(yields: true)),
            'month-summary' => static fn (): Kind => Page::ofMonth(
                'Looking back',
                Page::quarters('Went well', 'Went badly', 'Learned', 'Next month'),
            )
                ->whichIs('The month in four boxes, filled at its end.')
                ->alsoCalled('review', 'reflection', 'end of the month')
                ->inPlural('summaries'),
        ];
    }
}
