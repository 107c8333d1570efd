<?php

/* The school a person counts by, chosen once and never mixed: boxes, or the dots they stand between. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

enum Tally: string
{
    /** A region n boxes wide; a tick at 8 has eight boxes before it. */
    case Boxes = 'boxes';

    /** The same region spans n + 1 dots and the edge's dot is 1; a tick at 8 boxes stands on dot 9. */
    case Dots = 'dots';

    /** A place, counted from the edge. */
    public function place(int|Fraction $boxes): string
    {
        return (string) (self::Boxes === $this ? $boxes : Fraction::from($boxes)->plus(1));
    }

    /**
     * "at 8, 9", "on dots 9, 10".
     *
     * @param list<int|Fraction> $places boxes from the edge
     */
    public function places(array $places): string
    {
        $said = implode(', ', array_map($this->place(...), $places));

        return self::Boxes === $this ? "at $said" : (1 === \count($places) ? 'on dot ' : 'on dots ').$said;
    }

    /** "8 boxes" or "9 dots" for the same region. */
    public function length(int $boxes): string
    {
        return self::Boxes === $this ? $boxes.(1 === $boxes ? ' box' : ' boxes') : ($boxes + 1).' dots';
    }

    /** A sentence that counts boxes, as this school says it. */
    public function says(string $inBoxes): string
    {
        return self::Boxes === $this ? $inBoxes : InDots::step($inBoxes);
    }

    /** A sum in boxes, or what it comes to. */
    public function sum(string $inBoxes): string
    {
        return self::Boxes === $this ? $inBoxes : InDots::sum($inBoxes);
    }
}
