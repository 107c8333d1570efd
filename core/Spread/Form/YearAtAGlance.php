<?php

/* The year, a half, a term or any months at a glance, in the six ways people draw them (handbook, "Ways to draw the year"). */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\MiniMonths;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Form\Year\Blocks;
use AmpleMargin\Spread\Form\Year\DayMatrix;
use AmpleMargin\Spread\Form\Year\DotLines;
use AmpleMargin\Spread\Form\Year\PrintedMonths;
use AmpleMargin\Spread\Form\Year\Way;
use AmpleMargin\Spread\HasCutOuts;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\MonthsShown;
use AmpleMargin\Spread\Offers;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Part\Size;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class YearAtAGlance implements Form, HasLayouts, HasCutOuts, HasParts
{
    use OpensAsParts;

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

    public function fields(): array
    {
        return [
            Field::choice('way', 'Drawn as', self::WAYS),
            Field::month('from', 'First month'),
            Field::count('months', 'Months', 1, Period::LONGEST),
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

    public function isByMonth(): bool
    {
        return true;
    }

    public function parting(Request $request): Piece
    {
        $months = Leaf::of(new MiniMonths())->with($request->settings->over([], MiniMonths::FIELDS));

        return self::underTitle('notes' !== $request->settings->choice('way') ? $months : Parting::across(
            [Size::needed(), $months->set(['columns' => 1])],
            [Size::share(), Leaf::of(new Lines())->with(['line' => $request->settings->boxesWritten('line')])],
        )->gap(1));
    }

    public function layOut(Request $request): Laid
    {
        return Offers::onto($this->plain($request), $request, $this->plain(...), [
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
        ]);
    }

    public function hasCutOut(Request $request): bool
    {
        return $this->way($request) instanceof PrintedMonths;
    }

    public function cutOut(Request $request): array
    {
        $way = $this->way($request);

        return $way instanceof PrintedMonths ? $way->cutOut($request, MonthsShown::of($request))->drawings() : [];
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

    private function plain(Request $request): Laid
    {
        return $this->way($request)->layOut($request, MonthsShown::of($request));
    }

    private function way(Request $request): Way
    {
        return match ($request->settings->choice('way')) {
            'notes' => new Blocks(notes: true),
            'split' => new Blocks(notes: $request->settings->flag('beside'), split: true),
            'matrix' => new DayMatrix(),
            'dots' => new DotLines(),
            'printed' => new PrintedMonths(),
            default => new Blocks(),
        };
    }
}
