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
     * @template T
     *
     * @param MarkVisitor<T> $visitor
     *
     * @return T
     */
    abstract public function visit(MarkVisitor $visitor): mixed;

    /** The same mark lower on the page, in a later step: both in grains and steps, its note with a prefix. */
    public function moved(int $grains, int $steps, string $prefix = ''): self
    {
        $note = null === $this->note ? null : $prefix.$this->note;

        return $this->visit(new Moving(0, $grains, $this->step + $steps, $note));
    }

    /** Whether its place cannot be used for anything else; a line takes none. */
    public function takesRoom(): bool
    {
        return true;
    }
}
