<?php

/* The future log, in every school of the handbook, and how many lines each month has for writing. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Form\Log\Containers;
use AmpleMargin\Spread\Form\Log\HalfDoor;
use AmpleMargin\Spread\Form\Log\LogAsked;
use AmpleMargin\Spread\Form\Log\Rows;
use AmpleMargin\Spread\Form\Log\School;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Offers;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class FutureLog implements Form, HasLayouts, HasParts
{
    use OpensAsParts;

    public const SCHOOLS = [
        'months' => 'Containers, so many months a page',
        'columns' => 'A column per month',
        'category' => 'By category',
        'dates' => 'Dates only, a row per month',
        'door' => 'With a door: half a year in sight',
    ];

    public function fields(): array
    {
        return [
            Field::choice('school', 'Drawn as', self::SCHOOLS),
            Field::count('months_per_page', 'Months a page', 1, 12, 6)->when('school', ['months', 'category']),
            Field::count('columns', 'Columns', 1, 4, 2)->when('school', ['months']),
            Field::boxes('line', 'Boxes a line'),
            Field::flag('ruled', 'Ruled lines (at 1½ boxes always)', false),
            Field::choice(
                'mini',
                'Mini months',
                ['none' => 'none', 'beside' => 'beside the lines', 'above' => 'above the lines'],
            )->when('school', ['months', 'door']),
            Field::weekStart()->when('mini', ['beside', 'above']),
            Field::choice(
                'extra',
                'With each month',
                [
                    'none' => 'nothing more',
                    'statistic' => 'a row for a count',
                    'memory' => 'room for a memory',
                    'frame' => 'a frame for a photo',
                ],
            )->when('school', ['months', 'door']),
            Field::lines('categories', 'Categories', ['Holidays', 'Events', 'Appointments', 'Tasks'])->when('school', ['category']),
            Field::month('from', 'First month'),
            Field::count('months', 'Months', 1, Period::LONGEST),
            Field::count('months_beyond', 'Months beyond the last', 0, 12, 0),
            Field::flag('next_year', 'A page for next year', false),
        ];
    }

    public function isByMonth(): bool
    {
        return true;
    }

    public function parting(Request $request): Piece
    {
        return self::underTitle(Leaf::of(new Cells())->with([
            'of' => 'months',
            'across' => $request->settings->count('columns'),
            'line' => $request->settings->boxesWritten('line'),
        ]));
    }

    public function layOut(Request $request): Laid
    {
        return Offers::onto($this->plain($request), $request, $this->plain(...), self::ways($request));
    }

    private function plain(Request $request): Laid
    {
        $asked = LogAsked::read($request);
        $laid = $this->school($request)->layOut($request, $asked);

        return $request->settings->flag('next_year') ? $laid->then(Rows::nextYear($request, $asked)) : $laid;
    }

    public function layouts(Request $request): array
    {
        return [
            self::named('6 months a page', ['months_per_page' => 6, 'columns' => 2]),
            self::named('3 months a page', ['months_per_page' => 3, 'columns' => 1]),
            self::named('4 a page, mini months above', ['months_per_page' => 4, 'columns' => 2, 'mini' => 'above']),
            self::named('3 a page, mini months beside', ['months_per_page' => 3, 'columns' => 1, 'mini' => 'beside']),
            self::named('By category', ['school' => 'category', 'months_per_page' => 6]),
            self::named('With a door', ['school' => 'door']),
            self::named('A column per month', ['school' => 'columns']),
            self::named('Dates only', ['school' => 'dates']),
            self::named('2 months a page', ['months_per_page' => 2, 'columns' => 1]),
            self::named('A page for each month', ['months_per_page' => 1, 'columns' => 1]),
        ];
    }

    /** @return list<array{say: string, settings: array<string, mixed>}> ways out, from the least change on */
    private static function ways(Request $request): array
    {
        $ways = [['say' => 'Leave out what stands with the lines', 'settings' => ['mini' => 'none', 'extra' => 'none']]];
        $categories = $request->settings->linesOrNull('categories') ?? [];
        // None that could not fit is tried, however many there are.
        for ($keep = min(\count($categories) - 1, Rows::mostCategories($request->grid->across)); $keep > 0; --$keep) {
            $ways[] = [
                'say' => 'Keep the first '.(1 === $keep ? 'category' : "$keep categories"),
                'settings' => ['categories' => \array_slice($categories, 0, $keep)],
            ];
        }
        foreach ([6, 4, 3, 2, 1] as $each) {
            foreach ([2, 1] as $columns) {
                if ($each >= $columns && $each < ($request->settings->countOrNull('months_per_page') ?? 12)) {
                    $ways[] = [
                        'say' => "Put $each on a page".(1 === $columns ? ', one below another' : ''),
                        'settings' => ['school' => 'months', 'months_per_page' => $each, 'columns' => $columns],
                    ];
                }
            }
        }
        $ways[] = ['say' => 'Use dates only', 'settings' => ['school' => 'dates', 'line' => '1']];

        return $ways;
    }

    /** @param array<string, mixed> $settings */
    private static function named(string $name, array $settings): Layout
    {
        return new Layout($name, $settings + ['school' => 'months', 'mini' => 'none', 'extra' => 'none']);
    }

    private function school(Request $request): School
    {
        return match ($request->settings->choice('school')) {
            'columns' => new Containers(true),
            'category' => new Rows(true),
            'dates' => new Rows(),
            'door' => new HalfDoor(),
            default => new Containers(),
        };
    }
}
