<?php

/* Pages that are divided, and each part filled in its own way. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Kinds;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\Free;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Form\OwnParts;
use AmpleMargin\Spread\Form\Parted;
use AmpleMargin\Spread\Kind;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Part\Size;

final class PartKinds
{
    /** @return list<Kind> */
    public static function all(): array
    {
        return [
            Kind::spread('page-of-parts', 'A page of parts', Section::Trackers, OwnParts::dividedInPlan(Parting::down(
                [Size::needed(), Leaf::of(new Title())],
                [Size::share(), Leaf::of(new Lines())],
            )))
                ->whichIs('Divided as you like, each part filled in its own way.')
                ->alsoCalled('layout', 'own page', 'divided page', 'collection')
                ->mayTurnThePage()
                ->dividedByHand(),
            self::below('action-plan', 'Action plan', Section::Goals, Parting::down(
                [Size::share(), self::named('Why')],
                [Size::share(), self::named('What done looks like')],
                [Size::share(), self::named('Each day')],
                [Size::share(), self::named('Each week')],
                [Size::share(), self::named('Each month, or once')],
            ))
                ->whichIs('One goal taken apart: why, what done looks like, and what to do how often.')
                ->alsoCalled('plan of action', 'steps', 'how'),
            self::below('goal-with-steps', 'A goal and its steps', Section::Goals, Parting::down(
                [Size::boxes(6), self::named('The goal, and how I know that it is reached')],
                [Size::share(), Leaf::of(new Lines(), 'Steps')
                    ->with(['rows' => 10, 'numbered' => true, 'ticked' => true, 'line' => '2'])
                    ->open('rows', 'line')],
                [Size::boxes(6), self::named('What may stand in the way')],
            ))
                ->whichIs('A few lines for the goal, ten numbered steps, and what may stand in the way.')
                ->alsoCalled('steps', 'milestones'),
            self::below('last-and-next', 'Last year and next', Section::Goals, Parting::across(
                [Size::share(), self::named('Last year')],
                [Size::share(), self::named('Next year')],
            ))
                ->whichIs('What was, beside what shall be.')
                ->alsoCalled('then and now', 'review', 'look back'),
            self::below('vision-board', 'Pictures of the year', Section::Goals, Leaf::of(new Free()))
                ->whichIs('Room kept free for pictures and words.')
                ->alsoCalled('vision board', 'collage', 'mood'),
            self::below('gratitude', 'Something good of every month', Section::Trackers, self::months())
                ->whichIs('A cell for every month of the book; a sentence or two in each.')
                ->alsoCalled('gratitude', 'one sentence a month', 'memories'),
            self::below('birthdays', 'Birthdays', Section::Year, self::months())
                ->whichIs('A cell for every month; names and days are written in.')
                ->alsoCalled('anniversaries', 'name days'),
            self::below('ideas', 'Ideas', Section::Back, Leaf::of(new Cells())->open('cells', 'across', 'line'))
                ->whichIs('What comes to mind, by category.')
                ->unlessSaid(['cells' => ['To read', 'To see', 'To cook', 'To mend', 'To ask', 'To go']])
                ->alsoCalled('brain dump', 'check it out', 'inbox'),
            self::below('board', 'Wanted, begun, done', Section::Trackers, Parting::across(
                [Size::share(), self::named('Wanted')],
                [Size::share(), self::named('Begun')],
                [Size::share(), self::named('Done')],
            ))
                ->whichIs('Three columns that notes move through.')
                ->alsoCalled('board', 'stages'),
        ];
    }

    /** A cell for every month of the book. */
    private static function months(): Leaf
    {
        return Leaf::of(new Cells())->with(['of' => 'months'])->open('across', 'line');
    }

    private static function named(string $name): Leaf
    {
        return Leaf::of(new Lines(), $name)->with(['framed' => true, 'look' => 'plain']);
    }

    /** Under the spread's title. */
    private static function below(string $id, string $name, Section $section, Piece $piece): Kind
    {
        $parting = Parting::down([Size::needed(), Leaf::of(new Title())], [Size::share(), $piece]);

        return Kind::spread($id, $name, $section, new Parted($parting));
    }
}
