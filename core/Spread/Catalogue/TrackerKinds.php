<?php

/* Trackers: a box for every day, a table by month or week, cells for the months. What is health or money is a record, no advice. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Blank;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\DayStrips;
use AmpleMargin\Spread\Filling\DotLegend;
use AmpleMargin\Spread\Filling\Graph;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class TrackerKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'page-of-parts' => static fn (): Kind => Kind::spread(
                'A page of parts',
                Section::Trackers,
                OwnParts::dividedInPlan(Parting::down(
                    [Size::needed(), FilledPart::of(new Title())],
                    [Size::share(), FilledPart::of(new Lines())],
                )),
            )
                ->whichIs('Divided as you like, each part filled in its own way.')
                ->alsoCalled('layout', 'own page', 'divided page', 'collection')
                ->which(Fact::TurnsThePage, Fact::LiesOnItsSide)
                ->takes(TakesDates::SETTING)
                ->which(Fact::SharesAPage, Fact::DividedByHand),
            ...self::byDay(),
            ...self::byMonth(),
            ...self::byWeek(),
            ...self::cells(),
        ];
    }

    /** @return array<string, \Closure(): Kind> by id */
    private static function byDay(): array
    {
        return [
            'mood' => static fn (): Kind => Page::spread('Mood of every day', Section::Trackers, Page::days())
                ->whichIs('A box a day, a colour for how it was.')
                ->isARecord()
                ->unlessSaid(['entries' => ['Bright', 'Calm', 'Even', 'Low', 'Stormy']])
                ->alsoCalled('mood tracker', 'feelings', 'good days', 'day matrix')
                ->goesOpposite('one-habit'),
            'spending-days' => static fn (): Kind => Page::spread('Days and spending', Section::Trackers, Page::days())
                ->whichIs('A box a day: nothing spent, only what was needed, or more.')
                ->isARecord()
                ->unlessSaid(['entries' => ['Nothing', 'Needed', 'More']])
                ->alsoCalled('no spend', 'money', 'spending tracker'),
            'one-habit' => static fn (): Kind => Page::spread('One thing every day', Section::Trackers, Page::days())
                ->whichIs('A box a day for one habit, all year.')
                ->unlessSaid(['entries' => ['Done', 'Half', 'Rest day']])
                ->alsoCalled('habit tracker', 'practice', 'every day', 'pages read', 'steps walked')
                ->goesOpposite('mood'),
            'dot-lines' => static fn (): Kind => Page::spread('A dot a day', Section::Trackers, Parting::down(
                [Size::share(), FilledPart::of(new DayStrips())->with(['days' => 'dots'])->open('strip')],
                [Size::needed(), FilledPart::of(new DotLegend())->open('marks')],
            )->gap(1))
                ->whichIs('The dots of the paper are the days; up to six marks go over one another.')
                ->isARecord()
                ->unlessSaid(['marks' => ['Rehearsed', 'Walked', 'On the boat', 'Early shift', 'Nothing sweet', 'Read']])
                ->alsoCalled('dot lines', 'tracker', 'several habits', 'combined marks'),
            'graph-by-week' => static fn (): Kind => Page::spread('A graph by week', Section::Trackers, FilledPart::of(new Graph())
                ->with(['graph_of' => 'weeks'])
                ->open('value_from', 'value_to', 'graph_column', 'graph_weeks', 'graph_dates'))
                ->which(Fact::ReadAcross)
                ->whichIs('A column a week for what is weighed, measured or counted, each with its date.')
                ->isARecord('medical ')
                ->alsoCalled('weight', 'measure', 'line graph', 'curve', 'progress'),
            'graph-and-table' => static fn (): Kind => Page::spread('A graph and its months', Section::Trackers, Parting::down(
                [Size::boxes(6), Parting::across(
                    [Size::share(), FilledPart::of(new Blank())],
                    [Size::share(2), FilledPart::of(new Table())
                        ->with(['rows_of' => 'items', 'columns_of' => 'months', 'column' => 1])
                        ->open('items')],
                )->gap(0)],
                [Size::share(), FilledPart::of(new Graph())->with(['graph_of' => 'weeks'])->open('value_from', 'value_to')],
            )->gap(1))
                ->which(Fact::ReadAcross, Fact::OnlyOfTheYear)
                ->whichIs('A column a week, and above it a small table of the months: the lowest, the highest, the days it was done.')
                ->isARecord('medical ')
                ->unlessSaid(['items' => ['Least', 'Most', 'Days']])
                ->alsoCalled('weight', 'measure', 'month table', 'graph', 'progress'),
            'graph-under-months' => static fn (): Kind => Page::spread('Months and their graph', Section::Trackers, Parting::down(
                [Size::needed(), FilledPart::of(new Table())
                    ->with(['rows_of' => 'items', 'columns_of' => 'months', 'strip' => 2])
                    ->open('items')],
                [Size::share(), FilledPart::of(new Graph())->with(['graph_of' => 'months'])->open('value_from', 'value_to')],
            )->gap(1))
                ->which(Fact::OnlyOfTheYear)
                ->whichIs('A table of the months, and under it a graph with a column for each, in line with the table.')
                ->isARecord('medical ')
                ->unlessSaid(['items' => ['Low', 'High', 'Days']])
                ->alsoCalled('weight', 'measure', 'month table', 'graph', 'progress', 'growth'),
            'graphs-by-month' => static fn (): Kind => Page::spread('Three graphs by month', Section::Trackers, Parting::down(
                [Size::share(), self::monthGraph('Books')],
                [Size::share(), self::monthGraph('Kilometres')],
                [Size::share(), self::monthGraph('Rehearsals')],
            )->gap(1))
                ->whichIs('A column a month for three things that are counted; the axes are left open.')
                ->alsoCalled('graph', 'counts', 'statistics', 'bars'),
            'unwell-days' => static fn (): Kind => Page::spread('Days unwell', Section::Trackers, Page::days())
                ->whichIs('What was felt on which day, to look back on.')
                ->isARecord('medical ')
                ->unlessSaid(['entries' => ['Headache', 'Cold', 'Tired', 'Day off']])
                ->alsoCalled('sick days', 'symptoms', 'cycle', 'health', 'period tracker'),
        ];
    }

    /** @return array<string, \Closure(): Kind> by id */
    private static function byMonth(): array
    {
        return [
            'income-and-expenses' => static fn (): Kind => Page::spread('Income and expenses', Section::Trackers, Page::items('months'))
                ->whichIs('Two groups of items with their totals, an amount for every month; what is left is the last row.')
                ->isARecord()
                ->unlessSaid([
                    'items' => [
                        'Income:',
                        'Wages',
                        'Other',
                        'Came in',
                        'Expenses:',
                        'Rent',
                        'Food',
                        'Fares',
                        'Choir',
                        'Boat',
                        'Saved',
                        'Went out',
                    ],
                    'column' => 4,
                    'line' => '1.5',
                    'sum' => true,
                ])
                ->alsoCalled('budget', 'money', 'accounts', 'finances', 'spending'),
            'savings-by-month' => static fn (): Kind => Page::spread('Put aside', Section::Trackers, Page::items('months'))
                ->whichIs('What was put aside for what, month by month.')
                ->isARecord()
                ->unlessSaid(['items' => ['Boat', 'Journey', 'Winter'], 'column' => 4, 'line' => '2', 'sum' => true])
                ->alsoCalled('savings', 'money', 'sinking funds')
                ->goesOpposite('word-of-the-year', 'quote'),
            'numbers-of-the-year' => static fn (): Kind => Page::spread('Numbers of the year', Section::Trackers, Page::items('months'))
                ->whichIs('What can be counted at the end of every month.')
                ->unlessSaid(['items' => ['Books', 'Films', 'Rehearsals', 'Shifts', 'Hours on the boat', 'Letters'], 'line' => '2'])
                ->alsoCalled('statistics', 'counts', 'stats')
                ->goesOpposite('ideas'),
            'measurements' => static fn (): Kind => Page::spread('Measurements', Section::Trackers, Page::items('months'))
                ->whichIs('A few measures, once a month.')
                ->isARecord('medical ')
                ->unlessSaid(['items' => ['Weight', 'Waist', 'Pulse at rest', 'Minutes for 5 km'], 'column' => 4, 'line' => '2'])
                ->alsoCalled('body', 'weight', 'health', 'fitness'),
            'chores-by-month' => static fn (): Kind => Page::spread('Rare chores', Section::Trackers, Page::items('months'))
                ->whichIs('What is done once in a while: a tick in the month it was.')
                ->unlessSaid(['items' => ['Windows', 'Oven', 'Gutters', 'Bicycle', 'Mattress', 'Bilge pump', 'Chimney'], 'line' => '1.5'])
                ->alsoCalled('when last done', 'upkeep', 'maintenance', 'cleaning', 'last time'),
            'month-reset' => static fn (): Kind => Page::spread('At the turn of the month', Section::Trackers, Page::items('months'))
                ->whichIs('The same list ticked off at the end of every month.')
                ->unlessSaid(['items' => ['Copy dates over', 'Pay what is due', 'Empty the bag', 'Look at the goals', 'Plan the leave']])
                ->alsoCalled('reset list', 'routine', 'monthly reset'),
            'self-care' => static fn (): Kind => Page::spread('Good for me', Section::Trackers, Page::items('months'))
                ->whichIs('What does one good, and whether the month had some of it.')
                ->unlessSaid(['items' => ['A walk at dawn', 'A long bath', 'An evening without a screen', 'A call to a friend', 'A swim']])
                ->alsoCalled('self-care', 'wellbeing', 'rest'),
        ];
    }

    /** @return array<string, \Closure(): Kind> by id */
    private static function byWeek(): array
    {
        return [
            'chores-by-week' => static fn (): Kind => Page::spread('Weekly chores', Section::Trackers, Page::items('weeks'))
                ->whichIs('A column a week, each with its date; an item a row.')
                ->unlessSaid(['items' => ['Floors', 'Washing', 'Bathroom', 'Plants', 'Bins', 'Bed linen'], 'line' => '1.5'])
                ->alsoCalled('cleaning', 'week grid', 'housework'),
            'plants-watered' => static fn (): Kind => Page::spread('Plants watered', Section::Trackers, Page::items('weeks'))
                ->which(Fact::ReadAcross)
                ->whichIs('A row a plant with what it needs, on every page, and a box for each week it was watered.')
                ->unlessSaid([
                    'items' => ['Fern: a cup', 'Lemon: 2 cups', 'Ivy: a sip', 'Basil: daily', 'Cactus: a drop'],
                    'strip' => 12,
                    'column' => 1,
                    'line' => '2',
                ])
                ->alsoCalled('plants', 'watering', 'pots', 'garden', 'plant care'),
            'hours-by-week' => static fn (): Kind => Page::spread('Hours by week', Section::Trackers, FilledPart::of(new Table())
                ->with(['rows_of' => 'weeks', 'columns_of' => 'weekdays', 'strip' => 5])
                ->open('line', 'look', 'column'))
                ->whichIs('A row a week, a column a weekday: hours worked, or slept, or practised.')
                ->unlessSaid(['column' => 3])
                ->alsoCalled('work hours', 'timesheet', 'overtime', 'sleep'),
            'timetable' => static fn (): Kind => Page::spread('Timetable', Section::Year, FilledPart::of(new Table())
                ->with(['rows_of' => 'items', 'columns_of' => 'weekdays', 'strip' => 4])
                ->open('items', 'line', 'look'))
                ->takes(TakesDates::Classes)
                ->whichIs('Hours down, the days of the week across; what comes every week at its time is written in.')
                ->unlessSaid(['items' => array_map(static fn (int $hour): string => "$hour:00", range(8, 18)), 'line' => '3'])
                ->alsoCalled('schedule', 'classes', 'lessons', 'school', 'week plan'),
        ];
    }

    private static function named(): FilledPart
    {
        return FilledPart::of(new Cells())->open('cells', 'across', 'line');
    }

    private static function numbered(): FilledPart
    {
        return FilledPart::of(new Cells())->with(['of' => 'numbers'])->open('count', 'across', 'line');
    }

    /** @return array<string, \Closure(): Kind> by id */
    private static function cells(): array
    {
        return [
            'gratitude' => static fn (): Kind => Page::spread('Something good of every month', Section::Trackers, Page::months())
                ->whichIs('A cell for every month of the book; a sentence or two in each.')
                ->alsoCalled('gratitude', 'one sentence a month', 'memories'),
            'favourites' => static fn (): Kind => Page::spread('Best of every month', Section::Trackers, Page::months())
                ->whichIs('The book, the song, the meal, the day.')
                ->alsoCalled('favourites', 'highlights', 'best of'),
            'releases' => static fn (): Kind => Page::spread('Coming out', Section::Trackers, Page::months())
                ->whichIs('What appears in which month: books, films, plays, concerts.')
                ->alsoCalled('releases', 'premieres', 'upcoming'),
            'reading-by-category' => static fn (): Kind => Page::spread('Twelve kinds of book', Section::Trackers, self::named())
                ->whichIs('A cell for each kind of book, filled when one was read.')
                ->unlessSaid(['cells' => [
                    'By a neighbour', 'Over 500 pages', 'In verse', 'Lent by a friend', 'From the sea', 'Older than I',
                    'Read aloud', 'With a map', 'By two people', 'A second time', 'About a trade', 'Chosen blind',
                ]])
                ->alsoCalled('reading challenge', 'books', 'prompts')
                ->goesOpposite('books-read'),
            'bingo' => static fn (): Kind => Page::spread('Five by five', Section::Trackers, self::numbered())
                ->whichIs('Twenty-five cells to fill in any order.')
                ->unlessSaid(['count' => 25, 'across' => 5])
                ->alsoCalled('bingo', 'squares', 'board'),
            'board' => static fn (): Kind => Page::spread(
                'Wanted, begun, done',
                Section::Trackers,
                Page::boxesAcross('Wanted', 'Begun', 'Done'),
            )
                ->whichIs('Three columns that notes move through.')
                ->alsoCalled('board', 'stages', 'watch list')
                ->goesOpposite('books-read'),
            'project-cells' => static fn (): Kind => Page::spread('A project a month', Section::Trackers, Page::months())
                ->whichIs('What is under way in which month.')
                ->alsoCalled('project log', 'project planner', 'content planner'),
        ];
    }

    private static function monthGraph(string $name): FilledPart
    {
        return FilledPart::of(new Graph(), $name)->with(['graph_of' => 'months']);
    }
}
