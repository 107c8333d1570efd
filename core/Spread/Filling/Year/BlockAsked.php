<?php

/* What is asked of the blocks of a year at a glance: boxes a day, letters, week numbers, notes, pages. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class BlockAsked
{
    /** Notes beside a month need a word's width: boxes, with one of air before them. From memory. */
    public const NOTES = 5;

    /**
     * @param Fraction  $day     boxes a day: 1, 1½ or 2
     * @param bool|null $every   weekday letters in every block, or once in every column of blocks; null for as fits
     * @param int       $pages   0 for as few as it takes
     * @param int       $columns 0 for the best
     */
    public function __construct(
        public readonly Fraction $day,
        public readonly ?bool $every = null,
        public readonly bool $weekNumbers = false,
        public readonly bool $notes = false,
        public readonly int $pages = 0,
        public readonly int $columns = 0,
    ) {
    }

    public static function read(Settings $settings, bool $notes, ?Fraction $day = null): self
    {
        $letters = $settings->choice('letters');

        return new self(
            $settings->boxesOrNull('day') ?? $day ?? Fraction::of(1),
            'fit' === $letters ? null : 'block' === $letters,
            $settings->flag('week_numbers'),
            $notes,
            $settings->countOrNull('pages') ?? 0,
            $settings->countOrNull('columns') ?? 0,
        );
    }

    /** Boxes a block is wide: seven days, and one more for week numbers, up to the next whole box. */
    public function wide(): int
    {
        return $this->day->times($this->weekNumbers ? 8 : 7)->ceil();
    }

    /** Boxes of the row that holds a month's name. */
    public function name(): int
    {
        return $this->day->ceil();
    }

    /** Boxes a block is tall, up to the next whole box. */
    public function tall(int $dateRows, bool $letters): int
    {
        return $this->day->times($dateRows + ($letters ? 1 : 0))->plus($this->name())->ceil();
    }
}
