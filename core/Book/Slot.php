<?php

/* What stands on one page of the book. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Paging\MonthPart;

/** @internal to Book */
final class Slot
{
    /**
     * @param string      $title what a person calls it
     * @param int         $nth   which page of its spread or part, from 0
     */
    private function __construct(
        public readonly SlotKind $is,
        public readonly string $title,
        public readonly string $spread = '',
        public readonly int $nth = 0,
        public readonly ?Month $month = null,
        public readonly ?MonthPart $part = null,
        /** Names the drawing it belongs to: the spread's id, or the month and its part; "" where nothing is drawn. */
        public readonly string $drawing = '',
        /** What stands on the lower half of the page, where two share it. */
        public readonly ?self $lower = null,
    ) {
    }

    public static function spread(string $id, string $title, int $nth): self
    {
        return new self(SlotKind::Spread, $title, $id, $nth, null, null, $id);
    }

    /** The same page with another spread on its lower half. */
    public function sharedWith(self $lower): self
    {
        return new self($this->is, "$this->title; $lower->title", $this->spread, $this->nth, null, null, $this->drawing, $lower);
    }

    public static function month(Month $month, MonthPart $part, string $title, int $nth, string $drawing): self
    {
        return new self(SlotKind::Month, $title, '', $nth, $month, $part, $drawing);
    }

    public static function empty(): self
    {
        return new self(SlotKind::Empty, 'Empty page');
    }

    public static function spare(): self
    {
        return new self(SlotKind::Spare, 'Spare page');
    }

    public static function lost(): self
    {
        return new self(SlotKind::Lost, 'Skipped or ruined');
    }

    public static function closed(): self
    {
        return new self(SlotKind::Closed, 'Not used');
    }
}
