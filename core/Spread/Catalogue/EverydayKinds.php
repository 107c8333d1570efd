<?php

/* What a household, a body and a year bring with them: meals, medicine, exams, a move, a feast, a child, journeys, a garden, debts. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class EverydayKinds
{
    private const MONTHS_OLD = [
        '1 month', '2 months', '3 months', '4 months', '5 months', '6 months', '7 months', '8 months', '9 months', '10 months', '11 months',
        'A year',
    ];

    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [...self::household(), ...self::body(), ...self::events()];
    }

    /** @return array<string, \Closure(): Kind> by id */
    private static function household(): array
    {
        return [
            'meals-of-week' => static fn (): Kind => Page::spread('Meals of the week', Section::Back, Parting::across(
                [Size::share(), FilledPart::of(new Table())
                    ->with(['rows_of' => 'weekdays', 'columns_of' => 'items', 'strip' => 4])
                    ->open('heads', 'line')],
                [Size::boxes(7), self::ticks('To buy')],
            )->gap(1))
                ->whichIs('What is eaten on which day, and a strip of what to buy for it.')
                ->unlessSaid(['heads' => ['Noon', 'Evening'], 'line' => '3'])
                ->alsoCalled('meal plan', 'menu', 'dinner', 'food', 'shopping list', 'groceries', 'cooking'),
            'recipes-tried' => static fn (): Kind => Page::spread('Recipes tried', Section::Back, Page::log())
                ->whichIs('Dishes that were cooked, where they are written down, and whether they come again.')
                ->unlessSaid(['columns' => ['Dish 10+', 'From 5', 'Date 4', 'Stars 3'], 'line' => '1.5'])
                ->alsoCalled('cooking', 'dishes', 'food', 'baking', 'kitchen'),
            'moving-house' => static fn (): Kind => Page::spread('A move', Section::Back, Parting::down(
                [Size::share(3), Page::log()],
                [Size::share(2), Parting::across(
                    [Size::share(), self::ticks('Whom to tell')],
                    [Size::share(), self::ticks('Before the van')],
                )->gap(2)],
            )->gap(1))
                ->whichIs('Which box goes into which room and what is in it; whom to tell, and what to do before.')
                ->unlessSaid(['columns' => ['Box 3', 'Room 7', 'What is in it 9+'], 'line' => '1'])
                ->alsoCalled('moving', 'new home', 'removal', 'flat', 'boxes', 'house'),
            'garden-year' => static fn (): Kind => Page::spread('The garden’s year', Section::Trackers, Page::items('months'))
                ->whichIs('A row a plant: the months in which it is sown, planted out, in flower and picked.')
                ->unlessSaid([
                    'items' => ['Peas', 'Lettuce', 'Tomatoes', 'Beans', 'Strawberries', 'Sweet peas', 'Apples'],
                    'line' => '2',
                ])
                ->alsoCalled('garden', 'sowing', 'harvest', 'vegetables', 'balcony', 'seeds', 'flowers'),
            'debts' => static fn (): Kind => Page::spread('What is owed', Section::Trackers, FilledPart::of(new Table())
                ->with(['rows_of' => 'items', 'columns_of' => 'months', 'swapped' => true, 'strip' => 5])
                ->open('items', 'line'))
                ->whichIs('What is left to pay at the end of every month, a column for each debt.')
                ->isARecord()
                ->unlessSaid(['items' => ['Boat', 'Bicycle', 'In all'], 'line' => '2'])
                ->alsoCalled('debt', 'loan', 'loans', 'money', 'credit', 'mortgage', 'paying off'),
        ];
    }

    /** @return array<string, \Closure(): Kind> by id */
    private static function body(): array
    {
        return [
            'medicine' => static fn (): Kind => Page::spread('Medicine taken', Section::Trackers, FilledPart::of(new Table())
                ->with(['rows_of' => 'days', 'columns_of' => 'items', 'days_by' => 'number'])
                ->open('heads'))
                ->whichIs('A column for each with its dose, a row a day: a tick when it was taken.')
                ->isARecord('medical ')
                ->unlessSaid(['heads' => ['Iron, 1', 'Drops, 2', 'Night, 1']])
                ->alsoCalled('medication', 'pills', 'tablets', 'dose', 'drugs', 'health', 'vitamins'),
            'training-weeks' => static fn (): Kind => Page::spread('Training', Section::Trackers, FilledPart::of(new Table())
                ->with(['rows_of' => 'weeks', 'columns_of' => 'items', 'strip' => 5])
                ->open('heads', 'line'))
                ->whichIs('A row a week: how far, how long, how heavy.')
                ->isARecord('medical ')
                ->unlessSaid(['heads' => ['Ran', 'Swam', 'Lifted', 'Rested']])
                ->alsoCalled('exercise', 'sport', 'workout', 'running', 'fitness', 'gym'),
            'first-year' => static fn (): Kind => Page::spread('A child’s first year', Section::Trackers, FilledPart::of(new Cells())
                ->with(['of' => 'names'])
                ->open('cells', 'across', 'within'))
                ->whichIs('A cell a month: weight, length, and what was new.')
                ->isARecord('medical ')
                ->unlessSaid([
                    'cells' => self::MONTHS_OLD,
                    'across' => 3,
                    'within' => array_merge(...array_map(static fn (string $old): array => ["$old:", 'g', 'cm', 'New'], self::MONTHS_OLD)),
                ])
                ->alsoCalled('baby', 'newborn', 'child', 'milestones of a baby', 'growth'),
        ];
    }

    /** @return array<string, \Closure(): Kind> by id */
    private static function events(): array
    {
        return [
            'exams' => static fn (): Kind => Page::spread('Exams', Section::Trackers, Parting::down(
                [Size::share(), Page::log()],
                [Size::share(2), FilledPart::of(new Table(), 'Chapters')
                    ->with(['rows_of' => 'items', 'columns_of' => 'items', 'heads' => ['Read', 'Notes', 'Again', 'Known'], 'column' => 3])
                    ->open(chapters: 'items')],
            )->gap(1))
                ->whichIs('When each is and how many weeks are left; below, chapter by chapter what is done.')
                ->unlessSaid([
                    'columns' => ['Exam 8+', 'Date 4', 'Weeks left 5'],
                    'chapters' => ['Tides', 'Charts', 'Lights', 'Knots', 'Weather', 'Engines'],
                ])
                ->alsoCalled('exam', 'test', 'study plan', 'revision', 'chapters', 'learning'),
            'feast' => static fn (): Kind => Page::spread('A feast', Section::Back, Parting::down(
                [Size::share(), Parting::across(
                    [Size::share(), self::ticks('Who comes')],
                    [Size::share(), self::ticks('To do')],
                )->gap(2)],
                [Size::share(), Page::log()],
            )->gap(1))
                ->whichIs('Who is asked and comes, what is to be done, and what it costs.')
                ->isARecord()
                ->unlessSaid(['columns' => ['What 10+', 'Planned 4', 'Paid 4'], 'line' => '1.5'])
                ->alsoCalled('wedding', 'party', 'celebration', 'guests', 'guest list', 'event', 'christening', 'jubilee'),
            'packing' => static fn (): Kind => Page::spread('Packing', Section::Back, FilledPart::of(new Table())
                ->with(['rows_of' => 'items', 'columns_of' => 'items'])
                ->open('items', 'heads', 'line', 'strip'))
                ->whichIs('What goes into the bag, and a column to tick for each journey.')
                ->unlessSaid([
                    'items' => [
                        'Papers:', 'Tickets', 'Passport', 'Purse', 'Clothes:', 'Oilskin', 'Jumper', 'Socks', 'Small things:', 'Charger',
                        'Lamp', 'Toothbrush',
                    ],
                    'heads' => ['Sea', 'Hills', 'Town'],
                    'strip' => 12,
                ])
                ->alsoCalled('packing list', 'luggage', 'suitcase', 'bag', 'travel', 'journey'),
            'countdown' => static fn (): Kind => Page::spread('Days to go', Section::Back, FilledPart::of(new Cells())
                ->with(['of' => 'numbers'])
                ->open('count', 'cell'))
                ->whichIs('A cell for each day until then; every evening the last one that is white is coloured.')
                ->unlessSaid(['count' => 30, 'cell' => 3])
                ->alsoCalled('countdown', 'count down', 'advent', 'days left', 'until'),
            'year-of-presents' => static fn (): Kind => Page::spread('A year of presents', Section::Back, Page::months())
                ->whichIs('A cell a month: for whom, what, and whether it is there yet.')
                ->unlessSaid(['across' => 3])
                ->alsoCalled('gifts by month', 'presents', 'giving', 'christmas'),
        ];
    }

    private static function ticks(string $name): FilledPart
    {
        return FilledPart::of(new Lines(), $name)->with(['ticked' => true]);
    }
}
