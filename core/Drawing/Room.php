<?php

/* Room for writing that a page leaves: so many lines for one month, area or entry. What layouts are compared by. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Counting\Fraction;

final class Room
{
    /**
     * @param string   $for   what is written there: "2027-12" for a month, else a name
     * @param string   $name  as a person reads it
     * @param int      $lines whole lines that fit
     * @param Fraction $wide  boxes of a line
     * @param Fraction $line  boxes from line to line
     */
    public function __construct(
        public readonly string $for,
        public readonly string $name,
        public readonly int $lines,
        public readonly Fraction $wide,
        public readonly Fraction $line,
        /** @var array{int, int, int, int} x, y, wide, tall in grains: where it is */
        public readonly array $place,
    ) {
    }

    /** The same room lower on the page. @param int $grains further down */
    public function moved(int $grains): self
    {
        return $this->at([$this->place[0], $this->place[1] + $grains, $this->place[2], $this->place[3]]);
    }

    /** @param array{int, int, int, int} $place x, y, wide, tall in grains */
    public function at(array $place): self
    {
        return new self($this->for, $this->name, $this->lines, $this->wide, $this->line, $place);
    }
}
