<?php

/* How long a page took, and what was on it: the person's own pace is learned from these. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

final class TimedPage
{
    public const MOST = 500;

    /** Minutes of a page. */
    public const LONGEST = 600;

    /**
     * @param string    $on   its drawing; "" for a page of an earlier book
     * @param int       $nth  which of its pages, from 0
     * @param bool      $said whether a person said so, and not the timer
     */
    public function __construct(
        public readonly string $on,
        public readonly int $nth,
        public readonly int $minutes,
        public readonly Work $work,
        public readonly bool $said = false,
    ) {
    }

    /** The same page, of a book before. */
    public function ofEarlier(): self
    {
        return new self('', 0, $this->minutes, $this->work, $this->said);
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values): self
    {
        return new self(
            $values->text('on', '', 60),
            $values->count('nth', 0, Stock::MOST_PAGES, 0),
            self::minutes($values),
            Work::read($values->inside('work')),
            $values->flag('said', false),
        );
    }

    /** @throws PlanProblem where it is no time a page takes */
    public static function minutes(Values $values): int
    {
        $minutes = $values->count('minutes', \PHP_INT_MIN, \PHP_INT_MAX);

        return $minutes >= 1 && $minutes <= self::LONGEST ? $minutes : throw PlanProblem::at(
            $values->path('minutes'),
            'A page takes 1 to '.self::LONGEST." minutes; this says $minutes.",
        );
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return ('' === $this->on ? [] : ['on' => $this->on])
            + (0 === $this->nth ? [] : ['nth' => $this->nth])
            + ['minutes' => $this->minutes]
            + ($this->said ? ['said' => true] : [])
            + ['work' => (object) $this->work->written()];
    }
}
