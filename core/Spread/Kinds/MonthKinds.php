<?php

/* The parts a month's pattern is made of. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Kinds;

use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Spread\Form\Containers;
use AmpleMargin\Spread\Form\Lettered;
use AmpleMargin\Spread\Form\MonthCells;
use AmpleMargin\Spread\Form\RuledRows;
use AmpleMargin\Spread\Form\WeekBoxes;
use AmpleMargin\Spread\Kind;

/** @internal to Spread */
final class MonthKinds
{
    /** @return list<Kind> */
    public static function all(): array
    {
        return [
            Kind::monthPart('month-divider', 'Divider', new Lettered())
                ->whichIs('The month’s name in guide boxes.')
                ->asking('subtitle')
                ->inPlural('dividers')
                ->littleMissed(3),
            Kind::monthPart('month-calendar', 'Calendar', new MonthCells())
                ->whichIs('A cell a day, on an opening or one page.')
                ->asking('cells', 'week_start')
                ->isAnOpening(),
            Kind::monthPart('month-goals', 'Goals', new Containers(['Focus', 'To do', 'To keep', 'To let go']))
                ->whichIs('What this month is for.'),
            Kind::monthPart(PatternPart::WEEKS, 'Weeks', new WeekBoxes())
                ->whichIs('Every week of the month, on the pages the book gives a week.')
                ->followsTheWeeks(),
            Kind::monthPart('month-notes', 'Notes', new RuledRows())
                ->whichIs('Lines for notes and memories.')
                ->asking('line', 'ruled')
                ->givesWay(),
        ];
    }
}
