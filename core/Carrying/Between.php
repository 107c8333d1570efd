<?php

/* The months of two books beside each other: in both, or in neither. */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;

final class Between
{
    /**
     * @param list<Month> $gap     in neither book
     * @param list<Month> $overlap in both
     */
    private function __construct(public readonly array $gap, public readonly array $overlap)
    {
    }

    /** @param Month|null $switch the month from which on the old book is not used any more; null where that is not known */
    public static function of(Period $old, Period $new, ?Month $switch = null): self
    {
        $ends = null === $switch ? $old->end : $switch->plus(-1);
        $between = $new->start->index() - $ends->index() - 1;

        return new self(
            $between > 0 ? $ends->plus(1)->run($between) : [],
            $between < 0 ? array_values(array_filter(
                $new->months(),
                static fn (Month $month): bool => $month->index() <= $ends->index() && $month->index() >= $old->start->index(),
            )) : [],
        );
    }

    /** @return list<string> what should be known, as sentences */
    public function says(Names $names): array
    {
        return [
            ...([] === $this->gap ? [] : [
                self::range($this->gap, $names).(1 === \count($this->gap) ? ' is' : ' are')
                    .' in neither book. Begin the new one earlier, or write them into the old one.',
            ]),
            ...([] === $this->overlap ? [] : [
                self::range($this->overlap, $names).(1 === \count($this->overlap) ? ' is' : ' are')
                    .' in both books: what is drawn twice is drawn for nothing.',
            ]),
        ];
    }

    /** @param array<array-key, Month> $months one at least */
    private static function range(array $months, Names $names): string
    {
        $first = $names->monthAndYear($months[0]);

        return 1 === \count($months) ? $first : "$first to ".$names->monthAndYear($months[\count($months) - 1]);
    }
}
