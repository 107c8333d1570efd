<?php

/* The months of a year, half-year or term: blocks of days, with notes beside or split, a day matrix, dot lines, printed months. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Spread\Filling\Year\Blocks;
use AmpleMargin\Spread\Filling\Year\DayMatrix;
use AmpleMargin\Spread\Filling\Year\DotLines;
use AmpleMargin\Spread\Filling\Year\Glance;
use AmpleMargin\Spread\Filling\Year\PrintedMonths;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\HasCutOuts;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layout;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Setting\Field;

final class MiniMonths implements Filling, GivesWay, HasLayouts, HasCutOuts, OfTime
{
    public const WAYS = [
        'mini' => 'Mini months',
        'notes' => 'Mini months with notes beside',
        'split' => 'Split days, with a legend',
        'matrix' => 'Day matrix',
        'dots' => 'Dot lines',
        'printed' => 'Printed or stamped months',
    ];

    /** The ways that draw a block of days for each month. */
    private const BLOCKS = ['mini', 'notes', 'split'];

    /** Boxes of a mini month at least: seven days, and a name, its weekdays and six weeks (docs/trade.md, "The year at a glance"). */
    private const WIDE = 7;
    private const TALL = 8;

    public function shapedBy(array $settings): array
    {
        return OwnPeriod::OF_MONTHS;
    }

    public function name(): string
    {
        return 'Mini months';
    }

    public function purpose(): string
    {
        return 'Months with a box a day: all of the book, or some; also as a matrix, as dot lines, printed.';
    }

    public function fields(): array
    {
        return [
            Field::choice('way', 'Drawn as', self::WAYS),
            Field::boxes('day', 'Boxes a day')->when('way', [...self::BLOCKS, 'printed']),
            Field::choice(
                'letters',
                'Weekday letters',
                ['fit' => 'as they fit', 'block' => 'in every block', 'column' => 'once above each column'],
            )->when('way', self::BLOCKS),
            Field::weekStart()->when('way', [...self::BLOCKS, 'printed']),
            Field::flag('week_numbers', 'ISO week numbers', false)->when('way', self::BLOCKS),
            Field::flag('beside', 'Lines beside each month', false)->when('way', ['split']),
            Field::boxes('line', 'Boxes a line of notes')->when('way', ['notes', 'split']),
            Field::count('columns', 'Months across', 1, 8)->when('way', self::BLOCKS),
            Field::count('pages', 'Pages', 1, 12),
            ...PenLegend::fields(['way' => ['split', 'matrix']]),
            Field::lines('marks', 'What the marks on a dot mean')->when('way', ['dots']),
            Field::count('printed_width', 'Printed or stamped month, mm wide', 8, 200)->when('way', ['printed']),
            Field::count('printed_height', 'Printed or stamped month, mm tall', 8, 200)->when('way', ['printed']),
        ];
    }

    public function narrowest(Request $asked): int
    {
        // What else does not fit is said with all it would need.
        return 'mini' === $asked->settings->choice('way') ? $asked->settings->boxes('day')->times(self::WIDE)->ceil() : 1;
    }

    public function least(Request $asked, int $wide): int
    {
        return 'mini' === $asked->settings->choice('way') ? self::TALL : 1;
    }

    public function tall(Request $asked, int $wide): int
    {
        $day = $asked->settings->boxesOrNull('day') ?? Fraction::of(1);
        $across = $asked->settings->countOrNull('columns') ?? max(1, intdiv($wide + 1, $day->times(self::WIDE)->ceil() + 1));

        return (int) ceil(\count($asked->calendar->months()) / $across) * ($day->times(self::TALL)->ceil() + 1);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        return $this->way($asked)->fill($asked, $region, $asked->calendar->months(), $from);
    }

    public function hasCutOut(Request $asked): bool
    {
        return $this->way($asked) instanceof PrintedMonths;
    }

    public function cutOut(Request $asked, Region $region): array
    {
        $way = $this->way($asked);

        return $way instanceof PrintedMonths ? $way->cutOut($asked, $region, $asked->calendar->months()) : [];
    }

    public function ways(Request $asked, Region $region): array
    {
        return [
            ['say' => 'Leave out the lines beside the months', 'settings' => ['beside' => false]],
            ['say' => 'Let it take the pages it needs', 'settings' => ['pages' => null, 'columns' => null, 'letters' => 'fit']],
            [
                'say' => 'Size the months to the boxes, 1 box a day',
                'settings' => ['printed_width' => null, 'printed_height' => null, 'day' => '1', 'pages' => null],
            ],
            [
                'say' => 'Use mini months of 1 box a day',
                'settings' => [
                    'way' => 'mini',
                    'day' => '1',
                    'pages' => null,
                    'columns' => null,
                    'letters' => 'fit',
                    'week_numbers' => false,
                ],
            ],
            ['say' => 'Use dot lines', 'settings' => ['way' => 'dots', 'pages' => null]],
            ['say' => 'A box a day', 'settings' => ['day' => '1']],
            ['say' => 'As many across as fit, a box a day', 'settings' => ['day' => '1', 'columns' => null, 'letters' => 'fit']],
            ['say' => 'Three months', 'settings' => ['day' => '1', 'columns' => null, 'letters' => 'fit', 'months' => 3]],
            ['say' => 'One month', 'settings' => ['day' => '1', 'columns' => null, 'letters' => 'fit', 'months' => 1]],
        ];
    }

    public function layouts(Request $request): array
    {
        // Said outright where a kind has a default of its own; null goes back to none.
        $plain = ['pages' => null, 'columns' => null, 'letters' => 'fit'];

        return [
            new Layout('Mini months, 1 box a day', ['way' => 'mini', 'day' => '1'] + $plain),
            new Layout('Mini months, 1½ boxes a day', ['way' => 'mini', 'day' => '1.5'] + $plain),
            new Layout('Mini months, notes beside', ['way' => 'notes', 'day' => '1', 'week_numbers' => false] + $plain),
            new Layout('Split days, 2 boxes a day', ['way' => 'split', 'day' => '2', 'week_numbers' => false, 'beside' => false] + $plain),
            new Layout('Split days, lines beside', ['way' => 'split', 'day' => '2', 'week_numbers' => false, 'beside' => true] + $plain),
            new Layout('Day matrix', ['way' => 'matrix'] + $plain),
            new Layout('Dot lines', ['way' => 'dots'] + $plain),
        ];
    }

    private function way(Request $asked): Glance
    {
        return match ($asked->settings->choice('way')) {
            'notes' => new Blocks(notes: true),
            'split' => new Blocks(notes: $asked->settings->flag('beside'), split: true),
            'matrix' => new DayMatrix(),
            'dots' => new DotLines(),
            'printed' => new PrintedMonths(),
            default => new Blocks(),
        };
    }
}
