<?php

/*
 * One thing drawn on a page. Marks know nothing of screens or printers; each writer gives them form.
 * Places are in grains from the upper left corner of the grid.
 */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

abstract class Mark
{
    /**
     * @param int         $step the number of the step that draws it, 0 before the first
     * @param string|null $note the working or finding that speaks of it
     * @param string|null $colour of the pen, as #rrggbb; null for the layer's own
     */
    public function __construct(
        public readonly Layer $layer,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        public readonly int $step,
        public readonly ?string $note,
        public readonly ?string $colour = null,
    ) {
    }

    /**
     * The same mark lower on the page, in a later step.
     *
     * @param int         $grains further down
     * @param int         $steps  later
     * @param string $prefix put before its note
     */
    public function moved(int $grains, int $steps, string $prefix = ''): self
    {
        $note = null === $this->note ? null : $prefix.$this->note;
        [$x, $y, $wide, $tall, $step] = [$this->x, $this->y + $grains, $this->wide, $this->tall, $this->step + $steps];

        return match (true) {
            $this instanceof Words => new Words(
                $this->layer,
                $x,
                $y,
                $wide,
                $tall,
                $step,
                $note,
                $this->text,
                $this->size,
                $this->align,
                $this->colour,
            ),
            $this instanceof Frame => new Frame($this->layer, $x, $y, $wide, $tall, $step, $note, $this->colour),
            $this instanceof Band => new Band($this->layer, $x, $y, $wide, $tall, $step, $note, $this->colour),
            $this instanceof Ring => new Ring($this->layer, $x, $y, $wide, $tall, $step, $note, $this->colour),
            default => new Line($this->layer, $x, $y, $wide, $tall, $step, $note, $this->colour),
        };
    }
}
