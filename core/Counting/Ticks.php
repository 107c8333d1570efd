<?php

/* Places to tick along a side, and how a hand gets from one to the next. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Ticks
{
    /** @param list<Fraction> $places boxes from the edge, rising */
    private function __construct(public readonly array $places)
    {
    }

    /** @param list<int|Fraction> $places boxes from the edge, rising */
    public static function at(array $places): self
    {
        return new self(array_map(Fraction::from(...), $places));
    }

    /**
     * Each counted from the one before it, the first from the edge.
     *
     * @return list<Fraction>
     */
    public function fromLast(): array
    {
        $steps = [];
        $last = Fraction::of(0);
        foreach ($this->places as $place) {
            $steps[] = $place->minus($last);
            $last = $place;
        }

        return $steps;
    }

    /** What a hand that counts from tick to tick checks itself by; a distance is the same in boxes and in dots. */
    public function said(int $side): string
    {
        $left = $this->left($side);

        return 'From tick to tick: '.implode(', ', array_map(strval(...), $this->fromLast()))
            ."; $left ".($left->equals(1) ? 'box' : 'boxes').' left at the end.';
    }

    /** Boxes between the last of them and the far edge of a side: what must be left over, so that a slip shows. */
    public function left(int $side): Fraction
    {
        return Fraction::of($side)->minus([] === $this->places ? 0 : $this->places[\count($this->places) - 1]);
    }
}
