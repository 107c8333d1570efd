<?php

/* The months a notebook is for, first to last, both included; the year may change inside it. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

final class Period
{
    public const LONGEST = 24;

    /** @throws \OutOfRangeException unless the period has 1 to 24 months */
    public function __construct(public readonly Month $start, public readonly Month $end)
    {
        if ($this->length() < 1 || $this->length() > self::LONGEST) {
            throw new \OutOfRangeException('A period has 1 to '.self::LONGEST.' months.');
        }
    }

    public function length(): int
    {
        return $this->end->index() - $this->start->index() + 1;
    }

    /** @return non-empty-list<Month> */
    public function months(): array
    {
        return $this->start->run($this->length());
    }

    public function contains(Month $month): bool
    {
        return $month->index() >= $this->start->index() && $month->index() <= $this->end->index();
    }

    /** "2027", "2027–2028": the years on its cover. */
    public function years(): string
    {
        return $this->start->year === $this->end->year ? (string) $this->start->year : $this->start->year.'–'.$this->end->year;
    }
}
