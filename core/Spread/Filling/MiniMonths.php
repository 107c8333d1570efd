<?php

/* Mini months in a part: a year above what else stands on the page, lines beside three of them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Spread\Filling;
use AmpleMargin\Spread\Form\YearAtAGlance;
use AmpleMargin\Spread\GivesWay;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;

final class MiniMonths implements Filling, GivesWay
{
    /** Settings it has of a year at a glance. */
    public const FIELDS = ['from', 'months', 'day', 'columns', 'letters', 'week_start', 'week_numbers'];

    /** Boxes of a mini month at least: seven days, and a name, its weekdays and six weeks (handbook, chapter 2). */
    private const WIDE = 7;
    private const TALL = 8;

    public function __construct(private readonly YearAtAGlance $form = new YearAtAGlance())
    {
    }

    public function name(): string
    {
        return 'Mini months';
    }

    public function purpose(): string
    {
        return 'Months with a box a day: all of the book, or some.';
    }

    public function fields(): array
    {
        return FormInPart::fields($this->form, ...self::FIELDS);
    }

    public function narrowest(Request $asked): int
    {
        return $asked->settings->boxes('day')->times(self::WIDE)->ceil();
    }

    public function least(Request $asked, int $wide): int
    {
        return self::TALL;
    }

    public function tall(Request $asked, int $wide): int
    {
        $day = $asked->settings->boxes('day');
        $across = $asked->settings->countOrNull('columns') ?? max(1, intdiv($wide + 1, $day->times(self::WIDE)->ceil() + 1));

        return (int) ceil($this->months($asked) / $across) * ($day->times(self::TALL)->ceil() + 1);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $settings = ['way' => 'mini'] + $asked->settings->over([], self::FIELDS);
        if (null !== $asked->calendar->month) {
            $settings += ['from' => $asked->calendar->month->iso(), 'months' => 1];
        }

        return FormInPart::fill($this->form, $asked, $region, $settings, 'the mini months', $from);
    }

    public function ways(Request $asked, Region $region): array
    {
        return [
            ['say' => 'A box a day', 'settings' => ['day' => '1']],
            ['say' => 'As many across as fit, a box a day', 'settings' => ['day' => '1', 'columns' => null, 'letters' => 'fit']],
            ['say' => 'Three months', 'settings' => ['day' => '1', 'columns' => null, 'letters' => 'fit', 'months' => 3]],
            ['say' => 'One month', 'settings' => ['day' => '1', 'columns' => null, 'letters' => 'fit', 'months' => 1]],
        ];
    }

    private function months(Request $asked): int
    {
        $usual = null === $asked->calendar->month ? $asked->calendar->period->length() : 1;

        return min(Period::LONGEST, $asked->settings->countOrNull('months') ?? $usual);
    }
}
