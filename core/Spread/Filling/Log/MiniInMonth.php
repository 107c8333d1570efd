<?php

/* The calendar in a month's container of a future log: written, or printed or stamped of a size in mm; in all months, or the first only. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class MiniInMonth
{
    /** Boxes that figures of a box a day take across. */
    private const WIDE = 7;

    /**
     * @param string               $where "none", "beside" or "above" the lines
     * @param array{int, int}|null $stuck µm wide and tall of what is printed or stamped; null where it is written
     * @param Month|null           $until the first month without it; null where all have it
     */
    private function __construct(
        private readonly string $where,
        private readonly ?array $stuck,
        private readonly ?Month $until,
        private readonly Weekday $first,
        private readonly int $pitch,
    ) {
    }

    public static function read(Request $request, Month $first): self
    {
        $settings = $request->settings;
        [$where, $stuck] = explode('-', $settings->choice('mini').'-');
        $some = 'none' === $where ? null : $settings->countOrNull('mini_for');

        return new self(
            $where,
            '' === $stuck ? null : [1_000 * $settings->count('month_width'), 1_000 * $settings->count('month_height')],
            null === $some ? null : $first->plus($some),
            $request->calendar->first,
            $request->grid->pitch,
        );
    }

    /** "none", "beside" or "above" the lines of a month. */
    public function where(Month $month): string
    {
        return null !== $this->until && $month->index() >= $this->until->index() ? 'none' : $this->where;
    }

    public function isStuck(): bool
    {
        return null !== $this->stuck;
    }

    /** Boxes across. */
    public function wide(): int
    {
        return null === $this->stuck ? self::WIDE : Millimetres::boxes($this->stuck[0], $this->pitch);
    }

    /** Boxes down: a row of letters and the month's rows of dates, 5 to 7; or what is stuck. */
    public function tall(Month $month): int
    {
        return null === $this->stuck
            ? 1 + (new MonthGrid($month, $this->first))->rows
            : Millimetres::boxes($this->stuck[1], $this->pitch);
    }

    /** "38 × 34 mm", of what is stuck. */
    public function size(): string
    {
        return implode(' × ', array_map(static fn (int $one): int => intdiv($one, 1_000), $this->stuck ?? [])).' mm';
    }

    /** " with mini months above"; nothing where there are none. */
    public function says(): string
    {
        return match (true) {
            'none' === $this->where => '',
            null === $this->stuck => " with mini months $this->where",
            default => " with months of {$this->size()} stuck $this->where",
        };
    }
}
