<?php

/* Ticks along an edge that one division of a part needs, and how they are said. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Edge;

final class EdgeTicks
{
    /**
     * @param list<int|Fraction> $places boxes from the edge of the page
     * @param string             $why    what is ticked there
     * @param string             $note   the working they belong to
     * @param bool               $isLate whether books begun before had none there: what was ticked then was said without them
     */
    public function __construct(
        public readonly Edge $edge,
        public readonly array $places,
        public readonly string $why,
        public readonly string $note,
        public readonly bool $isLate = false,
    ) {
    }

    /** Those of a division that begins so many boxes in from the edge, where it begins among them. */
    public static function division(Edge $edge, Division $division, string $note, int $from = 0): self
    {
        return new self(
            $edge,
            array_map(static fn (Fraction $tick): Fraction => $tick->plus($from), [
                ...($from > 0 ? [Fraction::of(0)] : []),
                ...$division->ticks(),
            ]),
            Plural::boxes($division->side).": {$division->run()}",
            $note,
        );
    }

    /** Those that do not stand on the page's own edges, rising, each once. */
    public function within(int $side): self
    {
        $inside = array_filter(
            $this->places,
            static fn (int|Fraction $at): bool => Fraction::from($at)->compare(0) > 0 && Fraction::from($at)->compare($side) < 0,
        );

        return new self($this->edge, array_values(self::rising($inside)), $this->why, $this->note, $this->isLate);
    }

    /**
     * Places in the order of a hand that counts, each once.
     *
     * @param array<int|Fraction> $places
     *
     * @return array<array-key, int|Fraction> the place, written out → the place
     */
    public static function rising(array $places): array
    {
        $once = array_combine(array_map(strval(...), $places), $places);
        uasort($once, static fn (int|Fraction $one, int|Fraction $other): int => Fraction::from($one)->compare($other));

        return $once;
    }
}
