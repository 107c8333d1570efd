<?php

/* What is known of the months to come, and room for more: a container each, a column each, rows by category or of dates, a door. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Spread\Filling\Log\Containers;
use AmpleMargin\Spread\Filling\Log\HalfDoor;
use AmpleMargin\Spread\Filling\Log\LogAsked;
use AmpleMargin\Spread\Filling\Log\LogSchool;
use AmpleMargin\Spread\Filling\Log\MiniInMonth;
use AmpleMargin\Spread\Filling\Log\MonthRows;
use AmpleMargin\Spread\Filling\Log\WithMonth;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\ByMonth;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FitsAnywhere;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\HasCategories;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layout;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Setting\Field;

final class FutureLog implements GivesWay, HasCategories, HasLayouts, ByMonth, OfTime
{
    use FitsAnywhere;

    public const SCHOOLS = [
        'months' => 'Containers, so many months a page',
        'columns' => 'A column per month',
        'category' => 'By category',
        'dates' => 'Dates only, a row per month',
        'door' => 'With a door: half a year in sight',
    ];

    public function isByMonth(array $settings): bool
    {
        return true;
    }

    public function shapedBy(array $settings): array
    {
        return OwnPeriod::OF_MONTHS;
    }

    public function name(): string
    {
        return 'Future log';
    }

    public function purpose(): string
    {
        return 'Room for each month to come: a container or a column, rows by category, dates only, behind a door.';
    }

    public function fields(): array
    {
        return [
            Field::choice('school', 'Drawn as', self::SCHOOLS),
            Field::count('months_per_page', 'Months a page', 1, 12, 6)->when('school', ['months', 'category']),
            Field::count('columns', 'Columns', 1, 4, 2)->when('school', ['months']),
            Field::boxes('line', 'Boxes a line'),
            Field::flag('ruled', 'Ruled lines (at 1½ boxes always)', false),
            Field::choice('order', 'The months run', [
                'down' => 'down the columns',
                'along' => 'along the rows',
            ])->when('school', ['months']),
            ...MiniInMonth::fields(),
            Field::count('then_a_page', 'Months a page behind the first', 1, 12)->when('school', ['months']),
            ...WithMonth::fields(),
            Field::lines('categories', 'Categories', ['Holidays', 'Events', 'Appointments', 'Tasks'])->when('school', ['category']),
            Field::count('months_beyond', 'Months beyond the last', 0, 12, 0),
        ];
    }

    public function tall(Request $asked, int $wide): int
    {
        return 3 * \count(LogAsked::read($asked)->months);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        return $this->school($asked)->fill($asked, $region, LogAsked::read($asked), $from);
    }

    public function categories(Request $asked): array
    {
        return 'category' === $asked->settings->choice('school') ? $asked->settings->lines('categories') : [];
    }

    /** The first month of the year after its last. */
    public static function nextYear(Request $asked): Month
    {
        return new Month(LogAsked::read($asked->inItsTime())->last()->year + 1, 1);
    }

    public function ways(Request $asked, Region $region): array
    {
        $ways = [['say' => 'Leave out what stands with the lines', 'settings' => ['mini' => 'none', 'extra' => 'none']]];
        $categories = $asked->settings->linesOrNull('categories') ?? [];
        // None that could not fit is tried, however many there are.
        for ($keep = min(\count($categories) - 1, MonthRows::mostCategories($region->wide)); $keep > 0; --$keep) {
            $ways[] = [
                'say' => 'Keep the first '.(1 === $keep ? 'category' : "$keep categories"),
                'settings' => ['categories' => \array_slice($categories, 0, $keep)],
            ];
        }
        foreach ([6, 4, 3, 2, 1] as $each) {
            foreach ([2, 1] as $columns) {
                if ($each >= $columns && $each < ($asked->settings->countOrNull('months_per_page') ?? 12)) {
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

    /** @param array<string, mixed> $settings */
    private static function named(string $name, array $settings): Layout
    {
        return new Layout($name, $settings + ['school' => 'months', 'mini' => 'none', 'extra' => 'none']);
    }

    private function school(Request $request): LogSchool
    {
        return match ($request->settings->choice('school')) {
            'columns' => new Containers(true),
            'category' => new MonthRows(true),
            'dates' => new MonthRows(),
            'door' => new HalfDoor(),
            default => new Containers(),
        };
    }
}
