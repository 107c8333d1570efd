<?php

/* The parts a month's pattern is made of. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Kinds;

use AmpleMargin\Spread\Field;
use AmpleMargin\Spread\Form\Containers;
use AmpleMargin\Spread\Form\Lettered;
use AmpleMargin\Spread\Form\MonthCells;
use AmpleMargin\Spread\Form\RuledRows;
use AmpleMargin\Spread\Form\WeekBoxes;
use AmpleMargin\Spread\Kind;

final class MonthKinds
{
    /** @return list<Kind> */
    public static function all(): array
    {
        return [
            new Kind('month-divider', 'Divider', null, new Lettered(), 'The month’s name in guide boxes.', [], [Field::text('subtitle', 'Line below')]),
            new Kind('month-calendar', 'Calendar', null, new MonthCells(), 'A cell a day, on an opening or one page.', [], [Field::choice('cells', 'Drawn as', ['grid' => 'cells in weeks', 'lines' => 'a line a day']), Field::weekStart()]),
            new Kind('month-goals', 'Goals', null, new Containers(['Focus', 'To do', 'To keep', 'To let go']), 'What this month is for.', [], [Field::lines('areas', 'Areas'), Field::count('columns', 'Columns', 1, 4), Field::boxes('line', 'Boxes a line')]),
            new Kind('weeks', 'Weeks', null, new WeekBoxes(), 'Every week of the month, on the pages the book gives a week.'),
            new Kind('month-notes', 'Notes', null, new RuledRows(), 'Lines for notes and memories.', [], [Field::choice('line', 'Boxes a line', ['1' => '1 box', '1.5' => '1½ boxes', '2' => '2 boxes', '3' => '3 boxes']), Field::flag('ruled', 'Ruled lines', true)], false),
        ];
    }
}
