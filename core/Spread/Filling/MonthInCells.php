<?php

/* One month in large cells, or a line a day, under its name. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Spread\Filling;
use AmpleMargin\Spread\Form\MonthCells;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;

final class MonthInCells implements Filling
{
    private const FIELDS = ['from', 'cells', 'week_start'];

    /** Boxes of a month of cells at least: seven of 2 across; weekdays and six rows of 2 down (from memory). */
    private const WIDE = 14;
    private const TALL = 13;

    public function __construct(private readonly MonthCells $form = new MonthCells())
    {
    }

    public function name(): string
    {
        return 'Month in cells';
    }

    public function purpose(): string
    {
        return 'One month with a cell a day, or a line.';
    }

    public function fields(): array
    {
        return FormInPart::fields($this->form, ...self::FIELDS);
    }

    public function narrowest(Request $asked): int
    {
        return self::WIDE;
    }

    public function least(Request $asked, int $wide): int
    {
        return self::TALL;
    }

    public function tall(Request $asked, int $wide): int
    {
        return 2 * self::TALL;
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $settings = $asked->settings->over([], self::FIELDS);

        return FormInPart::fill($this->form, $asked, $region, ['pages' => 1] + $settings, 'the month', $from, titled: true);
    }
}
