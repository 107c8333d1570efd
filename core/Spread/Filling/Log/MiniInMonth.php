<?php

/* The calendar in a month's container of a future log: written, or printed or stamped of a size in mm; in all months, or the first only. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class MiniInMonth
{
    /** Boxes that figures of a box a day take across. */
    private const WIDE = 7;

    private const WRITTEN = ['beside', 'above'];

    private const STUCK = ['beside-stuck', 'above-stuck'];

    /**
     * @param string         $where "none", "beside" or "above" the lines
     * @param StuckSize|null $stuck of what is printed or stamped; null where it is written
     * @param Month|null     $until the first month without it; null where all have it
     */
    private function __construct(
        private readonly string $where,
        public readonly ?StuckSize $stuck,
        private readonly ?Month $until,
        private readonly Weekday $first,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice('mini', 'Mini months', [
                'none' => 'none',
                'beside' => 'beside the lines',
                'above' => 'above the lines',
                'beside-stuck' => 'printed or stamped, beside the lines',
                'above-stuck' => 'printed or stamped, above the lines',
            ])->when('school', ['months', 'door']),
            Field::weekStart()->when('mini', self::WRITTEN),
            Field::count('month_width', 'Printed or stamped month, mm wide', 8, 200, 38)->when('mini', self::STUCK),
            Field::count('month_height', 'Printed or stamped month, mm tall', 8, 200, 34)->when('mini', self::STUCK),
            Field::count('mini_for', 'Mini months for the first', 1, 36)->when('mini', [...self::WRITTEN, ...self::STUCK]),
        ];
    }

    public static function read(Request $request, Month $first): self
    {
        $settings = $request->settings;
        [$where, $stuck] = explode('-', $settings->choice('mini').'-');
        $some = 'none' === $where ? null : $settings->countOrNull('mini_for');

        return new self(
            $where,
            '' === $stuck
                ? null
                : StuckSize::ofMm($settings->count('month_width'), $settings->count('month_height'), $request->grid->pitch),
            null === $some ? null : $first->plus($some),
            $request->calendar->first,
        );
    }

    /** "none", "beside" or "above" the lines of a month. */
    public function where(Month $month): string
    {
        return null !== $this->until && $month->index() >= $this->until->index() ? 'none' : $this->where;
    }

    /** Boxes across. */
    public function wide(): int
    {
        return $this->stuck?->wide() ?? self::WIDE;
    }

    /** Boxes down: a row of letters and the month's rows of dates, 5 to 7; or what is stuck. */
    public function tall(Month $month): int
    {
        return $this->stuck?->tall() ?? 1 + (new MonthGrid($month, $this->first))->rows;
    }

    /** " with mini months above"; nothing where there are none. */
    public function says(): string
    {
        return match (true) {
            'none' === $this->where => '',
            null === $this->stuck => " with mini months $this->where",
            default => " with months of {$this->stuck->says()} stuck $this->where",
        };
    }
}
